import { z } from 'zod';
import { FIBRE_GROUPS } from './fibre.js';
import { Id, SourceIds } from './vocabulary.js';

/** One agent standing in for another: so many grams or millilitres of it per gram or millilitre of the wanted one. */
export const Substitution = z.strictObject({
  id: Id,
  wantedAgentId: Id,
  useAgentId: Id,
  /** What is kept equal. */
  basis: z.enum(['availableOxygen', 'alkalinity', 'acid', 'likeForLike']),
  /** Amount of the stand-in per unit amount of the wanted agent at recipe strength. */
  factor: z.number().positive(),
  wantedUnit: z.enum(['g', 'mL']),
  useUnit: z.enum(['g', 'mL']),
  /** Only on pieces all of whose fibres belong to these groups; empty means any. */
  onlyGroups: z.array(z.enum(FIBRE_GROUPS)),
  /** Share of the usual effect that is left. */
  effectFactor: z.number().positive().max(1),
  notInMachine: z.boolean(),
  /** What the stand-in does less well, or must be minded. */
  note: z.string(),
  sourceIds: SourceIds,
});
export type Substitution = z.infer<typeof Substitution>;
