export const LOOK_ANSWERS = ['gone', 'moving', 'stalled', 'wrong'] as const;
export type LookAnswer = (typeof LOOK_ANSWERS)[number];

export const CHOICES = ['continue', 'wait', 'repeat', 'nextRung', 'stop', 'finish'] as const;
export type Choice = (typeof CHOICES)[number];

export const OUTCOMES = ['gone', 'better', 'unchanged', 'worse', 'professional', 'abandoned'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** What can happen in a run. Times are absolute, ISO 8601 in UTC; state is derived from the list of events. */
export type RunEvent =
  | { readonly kind: 'started'; readonly at: string; readonly rungIndex: number }
  | { readonly kind: 'stepDone'; readonly at: string; readonly stepId: string }
  | { readonly kind: 'timerStarted'; readonly at: string; readonly stepId: string }
  | {
      readonly kind: 'looked';
      readonly at: string;
      readonly answer: LookAnswer;
      readonly leftPct: number | null;
    }
  | { readonly kind: 'decided'; readonly at: string; readonly choice: Choice }
  | { readonly kind: 'finished'; readonly at: string; readonly outcome: Outcome; readonly note: string }
  | { readonly kind: 'noted'; readonly at: string; readonly text: string }
  | {
      readonly kind: 'mixUsed';
      readonly at: string;
      readonly stepId: string;
      readonly name: string;
      readonly agentIds: readonly string[];
    }
  | { readonly kind: 'undone'; readonly at: string };
