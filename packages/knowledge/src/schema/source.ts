import { z } from 'zod';
import { Id } from './vocabulary.js';

/** Where a fact comes from. `consulted` is false when the document was recalled, not opened. */
export const Source = z.strictObject({
  id: Id,
  kind: z.enum(['standard', 'handbook', 'regulation', 'commonPractice', 'memory', 'label']),
  /** Short name next to a fact; the whole title is one tap away. */
  short: z.string().min(3),
  title: z.string().min(3),
  consulted: z.boolean(),
  note: z.string().optional(),
});
export type Source = z.infer<typeof Source>;
