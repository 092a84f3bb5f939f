/** Facts that can be filled in with what is usual. */
export const ASSUMABLE_FACTS = [
  'itemId',
  'fibres',
  'colour',
  'fastness',
  'label',
  'condition',
  'age',
  'wetness',
  'heat',
  'size',
  'pieces',
  'place',
] as const;
export type AssumableFact = (typeof ASSUMABLE_FACTS)[number];

/** A fact that was not given, taken as it usually is. */
export interface AssumedFact {
  readonly fact: AssumableFact;
  /** What was taken, in words. */
  readonly value: string;
  /** Why that is usual. */
  readonly why: string;
  /** What would be dangerous if it were otherwise; null = nothing. */
  readonly danger: string | null;
}
