import type { Choice, LookAnswer, Outcome } from './runEvent.js';

/** A soak or wait in progress, in absolute times: reloads, restarts and sleep change nothing. */
export interface RunTimer {
  readonly actionId: string;
  readonly startedAt: string;
  /** Earliest useful end. */
  readonly readyAt: string;
  /** Latest end. */
  readonly latestAt: string;
  /** Every look-in, in order, before the latest end. */
  readonly lookAts: readonly string[];
  /** Taken out for now, since then. */
  readonly pausedAt: string | null;
}

/** What a look found of one trouble. */
export interface MarkLook {
  readonly markId: string;
  readonly leftPct: number;
  readonly answer: LookAnswer;
}

export interface Look {
  readonly at: string;
  readonly passIndex: number;
  /** Passes worked on since the last look with a level: its result is shared among them. */
  readonly of: readonly number[];
  readonly round: number;
  readonly answer: LookAnswer;
  readonly leftPct: number | null;
  /** By trouble, if each had its own answer. */
  readonly byMark: readonly MarkLook[];
  /** In daylight, when dry: the look that ends a round. */
  readonly isDry: boolean;
  readonly signIds: readonly string[];
}

/** `open` once a dry look in daylight said gone; `overridden` when a person accepted the risk. */
export type HeatGate = 'closed' | 'open' | 'overridden';

/** The next options of the person; the recommended one comes first. */
export interface Decision {
  readonly answer: LookAnswer;
  readonly choices: readonly Choice[];
}

export interface RunState {
  readonly status: 'active' | 'finished';
  readonly passIndex: number;
  /** Number of times the pass has been started. */
  readonly round: number;
  /** The same of every pass, by its index. */
  readonly times: readonly number[];
  /** Passes left out of this run: skipped, or a hidden test spoke against them. */
  readonly setAside: readonly number[];
  /** Passes that a hidden test spoke against, with those that bring the same products. */
  readonly barred: readonly number[];
  /** Passes worked on since the last look with a level. */
  readonly worked: readonly number[];
  readonly actionIndex: number;
  readonly timer: RunTimer | null;
  readonly decision: Decision | null;
  /** Something went wrong or it was called off: the product is being rinsed out, then the run ends. */
  readonly stopping: boolean;
  readonly looks: readonly Look[];
  readonly notes: readonly { readonly at: string; readonly text: string }[];
  /** Kept mixes used in place of a recipe. */
  readonly mixes: readonly { readonly at: string; readonly actionId: string; readonly name: string }[];
  readonly photos: readonly { readonly at: string; readonly photoId: string; readonly round: number }[];
  readonly heat: HeatGate;
  readonly outcome: Outcome | null;
  readonly startedAt: string;
  readonly finishedAt: string | null;
}

/** Why an event does not fit the state it meets. Returned, never thrown. */
export type Refusal =
  | 'notStarted'
  | 'alreadyStarted'
  | 'finished'
  | 'noSuchPass'
  | 'earlierProductFirst'
  | 'notThisStep'
  | 'lookFirst'
  | 'decideFirst'
  | 'nothingToDecide'
  | 'notOffered'
  | 'mixIsNotTheRecipe'
  | 'notADwell'
  | 'timerRuns'
  | 'noTimer'
  | 'timerPaused'
  | 'notPaused'
  | 'mustStayWet'
  | 'windowEnds'
  | 'lookNeedsLevel'
  | 'noSuchMark'
  | 'heatIsOpen'
  | 'productInside'
  | 'heatEndangersPeople'
  | 'notATest'
  | 'rinseFirst'
  | 'alreadyOn'
  | 'nothingToUndo'
  | 'nothingToRedo';

export type Transition =
  | { readonly ok: true; readonly state: RunState }
  | { readonly ok: false; readonly refusal: Refusal };

export const refuse = (refusal: Refusal): Transition => ({ ok: false, refusal });
export const accept = (state: RunState): Transition => ({ ok: true, state });
