import type { LimitOwner } from '../../finding/limitOwner.js';
import type { FollowedPosition } from '../../trouble/followedPositions.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import type { WorkMark } from '../../trouble/workMarks.js';
import type { Limit } from '../limit.js';
import { chemistryLimit } from './chemistryLimit.js';

/** What the troubles themselves forbid while they are there: heat on protein, soap on tannin, bleach on iron. */
export function soilLimits(
  marks: readonly WorkMark[],
  told: readonly WorkMark[],
  facts: TroubleFacts,
  positions: ReadonlyMap<string, FollowedPosition>,
): Limit[] {
  const seen = new Set<string>();
  const worked = marks.flatMap((work) =>
    work.components.flatMap(({ component }): Limit[] => {
      if (seen.has(component.id)) return [];
      seen.add(component.id);
      const owner: LimitOwner = { kind: 'soil', componentId: component.id };
      const lifted = work.causes.flatMap(({ mark }) =>
        mark.exceptions
          .filter(
            (exception) =>
              exception.ages.includes(facts.age) &&
              [...positions.values()].some(({ position }) => position.id === exception.positionId),
          )
          .map((exception) => exception.chemistry),
      );
      const alone = marks.length === 1;
      return [
        ...(component.maxTempC === null
          ? []
          : [
              {
                quantity: 'tempC',
                maxC: component.maxTempC,
                owner,
                protects: 'piece',
                sourceIds: component.sourceIds,
              } as const,
            ]),
        ...component.chemistry
          .filter((rule) => !(alone && lifted.includes(rule.chemistry)))
          .map((rule) => chemistryLimit(rule, owner)),
      ];
    }),
  );
  return [...worked, ...goneLimits(told, seen)];
}

/** Protection of people outlasts the mark: urine that is no longer visible has left invisible traces. */
function goneLimits(told: readonly WorkMark[], left: ReadonlySet<string>): Limit[] {
  const gone = new Map(
    told.flatMap((work) =>
      work.components.flatMap(({ component }) =>
        left.has(component.id) ? [] : [[component.id, component] as const],
      ),
    ),
  );
  return [...gone.values()].flatMap((component) =>
    component.chemistry
      .filter((rule) => rule.protects !== 'piece')
      .map((rule) => chemistryLimit(rule, { kind: 'soil', componentId: component.id })),
  );
}
