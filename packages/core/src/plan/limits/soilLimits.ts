import type { Knowledge, Mark } from '@feverfew/knowledge';
import type { Limit, LimitOwner } from '../limit.js';
import { chemistryLimit } from './chemistryLimit.js';

/** What the trouble itself forbids while it is there: heat on protein, soap on tannin, bleach on iron. */
export function soilLimits(mark: Mark | undefined, knowledge: Knowledge): Limit[] {
  return (mark?.components ?? []).flatMap(({ componentId }) => {
    const component = knowledge.components.find((candidate) => candidate.id === componentId);
    if (!component) return [];
    const owner: LimitOwner = { kind: 'soil', componentId };
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
      ...component.chemistry.map((rule) => chemistryLimit(rule, owner)),
    ];
  });
}
