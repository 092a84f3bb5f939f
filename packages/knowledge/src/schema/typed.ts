import { z } from 'zod';
import { Id, SourceIds } from './vocabulary.js';

/** What a word in a typed sentence can tell, or do to the words next to it. */
export const TYPED_KINDS = [
  'mark',
  'item',
  'fibre',
  'make',
  'condition',
  'colour',
  'size',
  'place',
  'age',
  'wetness',
  'heat',
  'label',
  'code',
  'agent',
  'person',
  'due',
  'count',
  'unknown',
  'cue',
  'else',
] as const;
export type TypedKind = (typeof TYPED_KINDS)[number];

/** Phrases people type, and the one thing they tell. */
export const TypedWord = z.strictObject({
  id: Id,
  kind: z.enum(TYPED_KINDS),
  /** The value in the vocabulary of its kind; of a cue, what it does to its neighbours. */
  value: z.string(),
  /** `(a|b)` is either, `(a|)` may be left out, `#` is a number. */
  phrases: z.array(z.string()).min(1),
  sourceIds: SourceIds,
});
export type TypedWord = z.infer<typeof TypedWord>;
