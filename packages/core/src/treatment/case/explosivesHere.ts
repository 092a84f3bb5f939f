import { oncePerPlan } from './oncePerPlan.js';
import type { PlanContext } from './planContext.js';

/** What of the trouble makes something that explodes once dry, with a product that may still be on it. */
export const explosivesHere = oncePerPlan(({ told, residues }: Pick<PlanContext, 'told' | 'residues'>) =>
  told
    .flatMap((work) => work.components)
    .flatMap(({ component }) => {
      const { explosiveDryWith } = component;
      const agent = residues.find(
        (tried) => explosiveDryWith !== null && tried.chemistries.includes(explosiveDryWith),
      );
      return agent ? [{ component, agent }] : [];
    }),
);

/** The wetness is unknown, and the age does not settle it. */
const isMaybeDry = ({ wetness, age }: PlanContext['facts']): boolean =>
  wetness === 'dry' || (wetness === 'unknown' && age !== 'minutes');

/** If it cannot be flooded out, or may be dry already, it is not worked on at all. */
export const isUntouchable = (
  context: Pick<PlanContext, 'told' | 'residues' | 'facts' | 'rinsable'>,
): boolean => explosivesHere(context).length > 0 && (isMaybeDry(context.facts) || !context.rinsable);
