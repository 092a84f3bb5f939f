export const LOOK_ANSWERS = ['gone', 'moving', 'stalled', 'unsure', 'wrong'] as const;
export type LookAnswer = (typeof LOOK_ANSWERS)[number];

/** `takeOut` leads past the look that a wait has just had; `continue` to the next step, whatever it is. */
export const CHOICES = ['continue', 'takeOut', 'wait', 'repeat', 'nextPass', 'stop', 'finish'] as const;
export type Choice = (typeof CHOICES)[number];

export const OUTCOMES = [
  'gone',
  'better',
  'mended',
  'demoted',
  'unchanged',
  'worse',
  'professional',
  'retired',
  'abandoned',
] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** A clock may be put off by this much at a time, min. */
export const EXTEND_MIN = { min: 5, max: 240 } as const;

/** What can happen in a run. Times are absolute, ISO 8601 in UTC; state is derived from the list of events. */
export type RunEvent =
  | { readonly kind: 'started'; readonly at: string; readonly passIndex: number }
  /** How a hidden test went. Failed: nothing with its products goes on the piece. */
  | {
      readonly kind: 'tested';
      readonly at: string;
      readonly actionId: string;
      readonly passed: boolean;
    }
  /** This pass is left out, before anything of it is on the piece. */
  | { readonly kind: 'skipped'; readonly at: string; readonly actionId: string }
  | { readonly kind: 'actionDone'; readonly at: string; readonly actionId: string }
  | { readonly kind: 'timerStarted'; readonly at: string; readonly actionId: string }
  /** Taken out for now: its elapsed time is paused, its latest end is not. */
  | { readonly kind: 'paused'; readonly at: string }
  | { readonly kind: 'resumed'; readonly at: string }
  /** Longer, within the window the method and the piece leave. */
  | { readonly kind: 'extended'; readonly at: string; readonly minutes: number }
  | {
      readonly kind: 'looked';
      readonly at: string;
      /** null = the level against the one before it says. */
      readonly answer: LookAnswer | null;
      readonly leftPct: number | null;
      /** What is left of each trouble asked of, %; null = cannot tell. Left out: one level for all. */
      readonly marks?: readonly { readonly markId: string; readonly leftPct: number | null }[] | undefined;
      /** Signs that were seen; an alarm among them makes it “wrong”. */
      readonly signIds?: readonly string[] | undefined;
    }
  | { readonly kind: 'decided'; readonly at: string; readonly choice: Choice }
  /** Heat before it is gone, against advice: said deliberately, and kept. */
  | { readonly kind: 'heatAllowed'; readonly at: string; readonly reason: string }
  | { readonly kind: 'finished'; readonly at: string; readonly outcome: Outcome; readonly note: string }
  | { readonly kind: 'noted'; readonly at: string; readonly text: string }
  | { readonly kind: 'photoKept'; readonly at: string; readonly photoId: string }
  | {
      readonly kind: 'mixUsed';
      readonly at: string;
      readonly actionId: string;
      readonly name: string;
      readonly agentIds: readonly string[];
    }
  | { readonly kind: 'undone'; readonly at: string }
  /** What was just taken back counts again. */
  | { readonly kind: 'redone'; readonly at: string }
  /**
   * The clock was set: earlier events happened `byMs` later (below 0: earlier) than their stamps. Set back, that
   * is so for what lies behind `at` alone.
   */
  | { readonly kind: 'clockSet'; readonly at: string; readonly byMs: number };
