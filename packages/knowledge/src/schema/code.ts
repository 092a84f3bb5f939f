import { z } from 'zod';
import { Id, SourceIds } from './vocabulary.js';

/** One sign of a care label: what it allows, what it forbids, its dotted equivalent, and words that mean it. */
export const CareSignFact = z.strictObject({
  id: Id,
  group: z.enum(['washing', 'bleaching', 'tumbleDrying', 'naturalDrying', 'ironing', 'professionalCare']),
  name: z.string(),
  means: z.string(),
  forbids: z.string(),
  /** How the dotted system of ASTM D5489 shows the same, or what comes nearest. */
  dotted: z.string(),
  sourceIds: SourceIds,
});
export type CareSignFact = z.infer<typeof CareSignFact>;

export const CodeFact = z.strictObject({
  id: Id,
  code: z.string(),
  means: z.string(),
  atHome: z.string(),
  sourceIds: SourceIds,
});
export type CodeFact = z.infer<typeof CodeFact>;
