import type { Method } from '@feverfew/knowledge';
import { chanceAbove } from '../evidence/beta.js';
import { ageBandOf } from '../evidence/evidence.js';
import { betaOfRange, type Posterior, posteriorOf } from '../evidence/posterior.js';
import { fibreFamilyOf, mainComponentOf } from '../evidence/usesOf.js';
import { type Finding, finding } from '../explain/finding.js';
import type { PlanContext } from './context.js';
import type { WholeEffect } from './expectedEffect.js';
import type { Fit } from './weigh.js';

/** What a method promises, with what the household saw of it on this soil. With several troubles the book stands alone. */
export function withOwnLog(
  effect: WholeEffect,
  method: Method,
  { marks, facts, knowledge, evidence }: PlanContext,
): { effect: WholeEffect; log: Posterior | null } {
  const [work] = marks;
  if (marks.length !== 1 || !work || evidence.byMethodAndSoil.size === 0) return { effect, log: null };
  const cell = {
    methodId: method.id,
    componentId: mainComponentOf(work.mark.id, knowledge) ?? '',
    fibres: fibreFamilyOf(facts, knowledge),
    age: ageBandOf(facts.age),
  };
  const log = posteriorOf({ low: effect.low, high: effect.high }, cell, evidence);
  if (log.uses === 0) return { effect, log: null };
  const [low, high] = [twoPlaces(log.low), twoPlaces(log.high)];
  return { effect: { low, high, byMark: [{ markId: work.mark.id, low, high }] }, log };
}

export function ownLogFindings(log: Posterior | null): Finding[] {
  if (!log) return [];
  const pct = (share: number) => Math.round(share * 100);
  const { uses, worked, prior } = log;
  return [finding('fromOwnLog', { uses, worked, bookLowPct: pct(prior.low), bookHighPct: pct(prior.high) })];
}

/** Fewer uses set nothing aside. */
const LEAST_USES = 3;
/** The next rung must do better with these odds, and be harsher by no more than this (of 9). From memory. */
const ODDS_TO_SET_ASIDE = 0.8;
const MOST_HARSHER = 2;

/**
 * Rungs that the household has seen fail: at least three uses, worse than the book says, and the next rung, hardly harsher and in
 * the house, does better with odds of four in five. The strongest rung always stays.
 */
export function setAsideByLog(rungs: readonly Fit[]): { fit: Fit; finding: Finding }[] {
  return rungs.flatMap((fit, index) => {
    const { log } = fit;
    const next = rungs[index + 1];
    if (!log || !next || log.uses < LEAST_USES || log.beta.a / (log.beta.a + log.beta.b) >= middle(log.prior))
      return [];
    if (next.missingAgentIds.length > 0 || next.harshness > fit.harshness + MOST_HARSHER) return [];
    const chance = chanceAbove(next.log?.beta ?? betaOfRange(next.effect), log.beta);
    if (chance < ODDS_TO_SET_ASIDE) return [];
    const { uses, worked } = log;
    return [
      {
        fit,
        finding: finding('logSaysOther', {
          methodId: next.method.id,
          uses,
          worked,
          chancePct: Math.round(chance * 100),
        }),
      },
    ];
  });
}

const middle = ({ low, high }: { low: number; high: number }): number => (low + high) / 2;
const twoPlaces = (share: number): number => Math.round(share * 100) / 100;
