import type { Mechanism } from '@feverfew/knowledge';
import type { ExpectedEffect, MarkEffect } from '../../effect/effectRange.js';
import type { Finding } from '../../finding/finding.js';
import type { Action } from './action.js';

export const RISKS = ['low', 'fair', 'high'] as const;

export type Risk = (typeof RISKS)[number];

/** What a pass does to one component of the soil, and through which mechanisms. */
export interface Act extends ExpectedEffect {
  readonly componentId: string;
  readonly mechanisms: readonly Mechanism[];
}

/** Experience of the household's own log with a pass; its effect already includes it. */
export interface OwnLog {
  readonly uses: number;
  readonly worked: number;
  /** What the book alone promises per round. */
  readonly book: ExpectedEffect;
}

/** A pass as a run carries it out, with its full recipe; the last of a round dries the piece and looks. */
export interface Pass {
  readonly methodId: string;
  /** Its pass of the round; null in plans from before there were rounds, each pass of which is a whole treatment. */
  readonly passId: string | null;
  readonly effect: ExpectedEffect;
  /** The same for each trouble by itself. */
  readonly effectByMark: readonly MarkEffect[];
  /** null if the log has nothing on it, and in plans from before there was a log. */
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
  readonly actions: readonly Action[];
  /** How it is rinsed out when one stops here; null where a rinse is among its steps, or nothing was wetted. */
  readonly rinseOut: Action | null;
}
