/** Share of the whole trouble that one round removes, as a range. Both within 0–1. */
export interface ExpectedEffect {
  readonly low: number;
  readonly high: number;
}

export interface MarkEffect extends ExpectedEffect {
  readonly markId: string;
}

/** Effect on all troubles together, each counting alike, and on each by itself. */
export interface WholeEffect extends ExpectedEffect {
  readonly byMark: readonly MarkEffect[];
}
