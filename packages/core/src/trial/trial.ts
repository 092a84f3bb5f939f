export const TRIAL_PLACES = ['zones', 'pieces'] as const;
export type TrialPlace = (typeof TRIAL_PLACES)[number];

export interface TrialArm {
  readonly methodId: string;
  readonly passId?: string | null | undefined;
  readonly where: string;
}

/** Two or three passes side by side, alike in everything else. */
export interface TrialSetup {
  readonly place: TrialPlace;
  /** One per pass: its method, the pass of the plan (none in trials from before there were rounds), and its place. */
  readonly arms: readonly TrialArm[];
  /** Same for all, min. */
  readonly dwellMin: number;
  /** Order of the looks at the arms, by their index; the person sees only the places. */
  readonly lookOrder: readonly number[];
}

export type TrialEvent =
  | { readonly kind: 'treated'; readonly at: string; readonly arm: number }
  | { readonly kind: 'clockStarted'; readonly at: string }
  | { readonly kind: 'washed'; readonly at: string }
  | { readonly kind: 'looked'; readonly at: string; readonly arm: number; readonly leftPct: number }
  | { readonly kind: 'undone'; readonly at: string };

export interface TrialState {
  /** apply → wait → wash → look → revealed. */
  readonly phase: 'apply' | 'wait' | 'wash' | 'look' | 'told';
  readonly treated: readonly number[];
  readonly readyAt: string | null;
  /** % left per arm; null until looked at. */
  readonly leftPct: readonly (number | null)[];
}

export type TrialRefusal = 'notNow' | 'alreadyTreated' | 'clockFirst' | 'notThisOne' | 'nothingToUndo';
