import type { Mechanism } from '@feverfew/knowledge';
import type { Envelope } from '../../envelope/envelope.js';
import type { Finding } from '../../finding/finding.js';
import type { Cause } from '../../trouble/diagnose.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import type { ExpectedEffect, MarkEffect } from '../assess/effect/expectedEffect.js';
import type { Step } from './action.js';

export const RISKS = ['low', 'fair', 'high'] as const;
export type Risk = (typeof RISKS)[number];

/** What a rung does to one component of the soil, and through which mechanisms. */
export interface Act extends ExpectedEffect {
  readonly componentId: string;
  readonly mechanisms: readonly Mechanism[];
}

/** What the household's own log says of a rung; the effect beside it has it in already. */
export interface OwnLog {
  readonly uses: number;
  readonly worked: number;
  /** What the book alone promises per round. */
  readonly book: ExpectedEffect;
}

/** One rung of the ladder: a method with its full recipe. */
export interface Rung {
  readonly methodId: string;
  readonly effect: ExpectedEffect;
  /** The same for each trouble by itself. */
  readonly effectByMark: readonly MarkEffect[];
  /** null where the log has nothing on it, and for plans of before there was one. */
  readonly ownLog: OwnLog | null;
  /** Why it works: what it does to what. */
  readonly acts: readonly Act[];
  /** Why it is not done hotter, longer or stronger. */
  readonly edges: readonly Finding[];
  readonly risk: Risk;
  readonly handsOnMin: number;
  /** Without drying. */
  readonly totalMin: { readonly low: number; readonly high: number };
  readonly maxRounds: number;
  readonly missingAgentIds: readonly string[];
  readonly findings: readonly Finding[];
  readonly cautionIds: readonly string[];
  readonly steps: readonly Step[];
}

export type Verdict = 'rung' | 'spare' | 'ruledOut' | 'noUse';

/** Every method that was looked at, losers included. */
export interface Candidate {
  readonly methodId: string;
  readonly verdict: Verdict;
  readonly findings: readonly Finding[];
}

/** The best rung with what is in the house, and the best if something were bought; equal when buying gains nothing. */
export interface CupboardView {
  readonly now: { readonly methodId: string; readonly effect: ExpectedEffect } | null;
  readonly ifBought: {
    readonly methodId: string;
    readonly effect: ExpectedEffect;
    readonly agentIds: readonly string[];
  } | null;
}

/** The view followed in a dispute that matters to this plan. */
export interface SchoolView {
  readonly dispute: string;
  readonly schoolId: string;
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
  readonly ladder: readonly Rung[];
  readonly candidates: readonly Candidate[];
  /** Remarks on the whole: what is missing, what to mind, whom to ask. */
  readonly findings: readonly Finding[];
  readonly cupboard: CupboardView;
  readonly schools: readonly SchoolView[];
  readonly diagnoses: readonly DiagnosisView[];
}
