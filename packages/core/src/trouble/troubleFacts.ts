import type { Age } from '@feverfew/knowledge';
import type { Mentioned } from '../household/mentioned.js';
import type { PieceFacts } from '../textile/piece.js';
import type { AssumedFact } from './assumedFact.js';
import type { Choices } from './choices.js';
import type { Place } from './place.js';
import type { Size } from './size.js';

export const HEATS = ['none', 'hotWash', 'tumbled', 'ironed', 'unknown'] as const;
export type Heat = (typeof HEATS)[number];

export const WETNESSES = ['wet', 'dry', 'unknown'] as const;
export type Wetness = (typeof WETNESSES)[number];

export const TRIED_EFFECTS = ['nothing', 'some', 'unknown'] as const;
export type TriedEffect = (typeof TRIED_EFFECTS)[number];

export const WASHED_OUT = ['yes', 'no', 'unknown'] as const;
export type WashedOut = (typeof WASHED_OUT)[number];

/** A product put on it before this tool was asked. */
export interface TriedProduct {
  readonly agentId: string;
  readonly times: number;
  readonly effect: TriedEffect;
  /** With hot water or heat on it. */
  readonly hot: boolean;
  /** Washed, or rinsed in at least two waters, since; not given counts as no. */
  readonly washedOut: WashedOut;
}

/** A method of this tool already done on this trouble. */
export interface DoneMethod {
  readonly methodId: string;
  readonly rounds: number;
  /** Its last round took out next to nothing. */
  readonly stalled: boolean;
}

/** Whether a plan may count on things that would have to be bought. */
export const REACHES = ['house', 'shop'] as const;
export type Reach = (typeof REACHES)[number];

/** One or several troubles on one piece, with the facts entered so far. */
export interface TroubleFacts extends Mentioned {
  /** All troubles of one plan; empty if none is entered yet. */
  readonly markIds: readonly string[];
  /** Components seen to be gone: the plan is for what is left. */
  readonly goneComponentIds: readonly string[];
  /** Answers to the questions of a diagnosis, by question. */
  readonly answers: Readonly<Record<string, string>>;
  readonly piece: PieceFacts;
  /** Index of the part the trouble is on. */
  readonly partIndex: number;
  readonly age: Age;
  readonly wetness: Wetness;
  readonly heat: Heat;
  readonly size: Size;
  readonly tried: readonly TriedProduct[];
  readonly done: readonly DoneMethod[];
  /** Views chosen for this plan alone, by dispute; the household's hold for the rest. */
  readonly positions: Readonly<Record<string, string>>;
  readonly reach: Reach;
  /** Choices made on the plan; none = as the planner has it. */
  readonly choices?: Choices | undefined;
  /** Pieces alike that have it, 1 to `MAX_PIECES`; left out = one. */
  readonly pieces?: number | undefined;
  /** Where on the piece it is; left out = not known. */
  readonly place?: Place | undefined;
  /** Facts that were not given and that were filled in with what is usual. */
  readonly assumed?: readonly AssumedFact[] | undefined;
  /** What was seen at an earlier look, by named check: true = it is so, false = it is not. */
  readonly seen?: Readonly<Record<string, boolean>> | undefined;
}

/** Most marks one plan takes on. */
export const MAX_MARKS = 6;
/** Most products one sentence puts into the house. */
export const MAX_IN_HOUSE = 20;
/** Most pieces alike one plan is for. */
export const MAX_PIECES = 50;

/** A piece without any facts. */
export const EMPTY_PIECE: PieceFacts = {
  itemId: null,
  name: '',
  parts: [],
  colour: 'unknown',
  fastness: 'unknown',
  condition: 'sound',
  label: null,
  code: null,
  dryMassG: null,
  metalParts: false,
};

/** A trouble without any facts. */
export const EMPTY_FACTS: TroubleFacts = {
  markIds: [],
  goneComponentIds: [],
  answers: {},
  piece: EMPTY_PIECE,
  partIndex: 0,
  age: 'unknown',
  wetness: 'unknown',
  heat: 'none',
  size: 'unknown',
  tried: [],
  done: [],
  positions: {},
  reach: 'house',
};
