/** A heap to be put into loads: each piece into exactly one. */
export interface PartitionProblem {
  /** Number of pieces, numbered 0 … size − 1. */
  readonly size: number;
  readonly mayMeet: (one: number, other: number) => boolean;
  /**
   * Cost of such a load besides one more load, a whole number from 0; null if it is forbidden. Asked only of
   * pieces that may all meet. Of a load that may be, every part must be one that may be too.
   */
  readonly costOf: (members: readonly number[]) => number | null;
  /** Settles what costs the same; at least 0, less than 1e-3 a load. */
  readonly tieOf?: (members: readonly number[]) => number;
  /** What one more load costs, in the measure of `costOf`. */
  readonly perLoad: number;
  /** Few loads come before everything else: how few will do is then searched for, not only bounded. */
  readonly fewestFirst: boolean;
  /** Fewest loads so many pieces need by their mass and room alone, whatever may meet; at least 1. */
  readonly fewestFor: (members: readonly number[]) => number;
  /** Asked now and then; true ends the search with the best so far. */
  readonly shouldStop?: () => boolean;
}

export interface Partition {
  readonly loads: readonly (readonly number[])[];
  /** Sum of `costOf`, without `perLoad`. */
  readonly cost: number;
  /** Nothing costs less. */
  readonly proven: boolean;
  /** How many loads fewer are possible at most: 0 = this is the fewest. */
  readonly atMostFewer: number;
}

/** What a load costs in all, ∞ where it may not be; `members` rising. */
export type Price = (members: readonly number[]) => number;

export const withOne = (load: readonly number[], piece: number): number[] =>
  [...load, piece].sort((a, b) => a - b);

/** Sums of prices up to 1e9 are rounded to about 1e-7. A smaller gain counts as none, or it would go round for ever. */
export const NOTHING = 1e-6;
