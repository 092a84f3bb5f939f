import { z } from 'zod';
import { Chemistry, DryingWay, Protects, SourceIds } from './vocabulary.js';

/**
 * A verdict on one chemistry. `never` forbids; `limited` allows inside the stated bounds;
 * `test` allows only after a hidden test on the piece.
 */
export const ChemistryRule = z.strictObject({
  chemistry: Chemistry,
  verdict: z.enum(['never', 'limited', 'test']),
  bounds: z
    .strictObject({
      maxTempC: z.number().min(0).max(100).optional(),
      maxDwellMin: z.number().positive().optional(),
      maxRounds: z.number().int().positive().optional(),
    })
    .optional(),
  protects: Protects,
  sourceIds: SourceIds,
});
export type ChemistryRule = z.infer<typeof ChemistryRule>;

export const DryingRule = z.strictObject({ forbids: DryingWay, protects: Protects, sourceIds: SourceIds });
export type DryingRule = z.infer<typeof DryingRule>;
