import { z } from 'zod';
import { Chemistry, DryingWay, Protects, SourceIds } from './vocabulary.js';

const Bounds = z.strictObject({
  maxTempC: z.number().min(0).max(100).optional(),
  maxDwellMin: z.number().positive().optional(),
  maxRounds: z.number().int().positive().optional(),
});

/**
 * A verdict on one chemistry. `never` forbids; `limited` allows inside the stated bounds;
 * `test` allows only after a hidden test on the piece, inside bounds where it has them.
 */
export const ChemistryRule = z.strictObject({
  chemistry: Chemistry,
  verdict: z.enum(['never', 'limited', 'test']),
  bounds: Bounds.optional(),
  /** Instead of `never`, where a sewn-in label expressly allows it: within these bounds. */
  whereLabelAllows: Bounds.optional(),
  /** Instead of the verdict, where the fibre makes up no more than this share of its part. */
  upToShare: z
    .strictObject({ pct: z.number().positive(), verdict: z.enum(['limited', 'test']), bounds: Bounds })
    .optional(),
  protects: Protects,
  sourceIds: SourceIds,
});
export type ChemistryRule = z.infer<typeof ChemistryRule>;

export const DryingRule = z.strictObject({ forbids: DryingWay, protects: Protects, sourceIds: SourceIds });
export type DryingRule = z.infer<typeof DryingRule>;
