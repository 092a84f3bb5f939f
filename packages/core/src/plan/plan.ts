import type { Finding } from '../explain/finding.js';
import type { Envelope } from './envelope.js';
import type { ExpectedEffect } from './expectedEffect.js';
import type { Step } from './step.js';
import type { TroubleFacts } from './troubleFacts.js';

export const RISKS = ['low', 'fair', 'high'] as const;
export type Risk = (typeof RISKS)[number];

/** One rung of the ladder: a method with its full recipe. */
export interface Rung {
  readonly methodId: string;
  readonly effect: ExpectedEffect;
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

export interface Plan {
  readonly knowledgeVersion: string;
  readonly facts: TroubleFacts;
  readonly envelope: Envelope;
  readonly ladder: readonly Rung[];
  readonly candidates: readonly Candidate[];
  /** Remarks on the whole: what is missing, what to mind, whom to ask. */
  readonly findings: readonly Finding[];
}
