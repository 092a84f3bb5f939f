import type { Caution } from '@feverfew/knowledge';
import { oncePerPlan } from './oncePerPlan.js';
import type { PlanContext } from './planContext.js';
import { soilCautions } from './soilCautions.js';

/** Cautions on the trouble, on what is still in the cloth and on the piece, whatever is done to it. */
export const cautionsHere = oncePerPlan(
  ({ told, residues, item, knowledge, index }: PlanContext): readonly Caution[] =>
    [
      ...new Set([
        // The plug before the gloves.
        ...item.cautionIds,
        ...soilCautions(told, knowledge),
        ...residues.flatMap((agent) => agent.cautionIds),
      ]),
    ].flatMap((id) => index.cautions.get(id) ?? []),
);
