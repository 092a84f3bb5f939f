import type { ExpectedEffect } from '../../effect/effectRange.js';
import type { Envelope } from '../../envelope/envelope.js';
import type { Finding } from '../../finding/finding.js';
import type { Cause } from '../../trouble/diagnose.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import type { Pass } from './pass.js';
import type { AtOnce, End, Keep, NotUsed, Round, VerdictLine } from './round.js';

export type Verdict = 'inPlan' | 'spare' | 'ruledOut' | 'noUse';

/** Every method that was looked at, losers included. */
export interface Candidate {
  readonly methodId: string;
  readonly verdict: Verdict;
  readonly findings: readonly Finding[];
}

/** The best pass with what is in the house, and the best if something were bought; equal when buying gains nothing. */
export interface CupboardView {
  readonly now: { readonly methodId: string; readonly effect: ExpectedEffect } | null;
  readonly ifBought: {
    readonly methodId: string;
    readonly effect: ExpectedEffect;
    readonly agentIds: readonly string[];
  } | null;
}

/** The view followed in a dispute that matters to this plan. */
export interface PositionView {
  readonly dispute: string;
  readonly positionId: string;
  readonly chosenBy: 'plan' | 'household' | 'default';
}

/** What a trouble whose cause decides may come from. */
export interface DiagnosisView {
  readonly diagnosisId: string;
  readonly markId: string;
  readonly causes: readonly Cause[];
}

export interface Plan {
  readonly knowledgeVersion: string;
  readonly facts: TroubleFacts;
  readonly envelope: Envelope;
  readonly verdict: readonly VerdictLine[];
  readonly atOnce: AtOnce;
  readonly keep: Keep;
  /** The first whole, what may follow in outline. */
  readonly rounds: readonly Round[];
  readonly notUsed: readonly NotUsed[];
  readonly ends: readonly End[];
  readonly passes: readonly Pass[];
  readonly candidates: readonly Candidate[];
  /** Remarks on the whole: what is missing, what to mind, whom to ask. */
  readonly findings: readonly Finding[];
  readonly cupboard: CupboardView;
  readonly positions: readonly PositionView[];
  readonly diagnoses: readonly DiagnosisView[];
}
