import { z } from 'zod';
import { Id, SourceIds } from './vocabulary.js';

/**
 * A trouble whose cause decides (yellow, grey, stiff, smell): causes with starting odds and quick questions.
 * A factor above 1 speaks for the cause, below 1 against it; a cause left out of an answer is left as it is.
 */
export const Diagnosis = z.strictObject({
  id: Id,
  /** The mark people name before they know why. */
  markId: Id,
  causes: z.array(z.strictObject({ markId: Id, odds: z.number().positive() })).min(2),
  questions: z
    .array(
      z.strictObject({
        id: Id,
        text: z.string(),
        answers: z
          .array(
            z.strictObject({
              id: Id,
              text: z.string(),
              factors: z.array(z.strictObject({ markId: Id, factor: z.number().positive() })),
            }),
          )
          .min(2),
      }),
    )
    .min(2)
    .max(3),
  sourceIds: SourceIds,
});
export type Diagnosis = z.infer<typeof Diagnosis>;
