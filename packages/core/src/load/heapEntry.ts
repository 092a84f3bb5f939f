import type { TroubleFacts } from '../trouble/troubleFacts.js';

export const SOIL_LEVELS = ['light', 'usual', 'heavy'] as const;
export type SoilLevel = (typeof SOIL_LEVELS)[number];

export const SOLVENT_STATES = ['none', 'smells', 'aired'] as const;
export type SolventState = (typeof SOLVENT_STATES)[number];

/** An ordinary use, entered in place of the use of its kind. */
export const PLAIN_USE = 'plain';

/** One line of the heap: a piece, or a handful of like ones. */
export interface HeapEntry {
  readonly id: string;
  readonly name: string;
  /** The piece, and what is still open on it; no marks = only dirty. */
  readonly facts: TroubleFacts;
  /** How many like ones, 1–99. */
  readonly count: number;
  /** Dry mass of them all, g; null = by the kind of piece. */
  readonly massG: number | null;
  readonly soil: SoilLevel;
  /** The colour was not entered: it is what such a piece mostly has. */
  readonly isColourAssumed?: boolean;
  /** Entered use: an id of `hygienes`, PLAIN_USE, or null = the use of the kind. */
  readonly use: string | null;
  /** A solvent has been on it in this treatment, and still smells or has been aired out. */
  readonly solvent: SolventState;
  /** Soaked with fuel, thinner or a drying oil. */
  readonly fuel: boolean;
  /** Something is under way on it just now. */
  readonly inTreatment: boolean;
  /** A treatment has come to its wash in the drum and may join a load: no hotter than that wash, °C. */
  readonly washDueC?: number | null;
  /** Pieces with the same word are a set. */
  readonly set: string | null;
}
