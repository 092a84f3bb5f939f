import type { Method } from '@feverfew/knowledge';
import type { WholeEffect } from '../../../effect/effectRange.js';
import { ageBandOf, middleOf } from '../../../evidence/evidence.js';
import { fibreFamilyOf } from '../../../evidence/fibreFamilyOf.js';
import { mainComponentOf } from '../../../evidence/mainComponentOf.js';
import { type Posterior, posteriorOf } from '../../../evidence/posterior.js';
import { type Finding, finding } from '../../../finding/finding.js';
import { toHundredth, toPct } from '../../../quantity/rounding.js';
import type { PlanContext } from '../../case/planContext.js';
import type { WorkWindow } from '../workWindow.js';

/**
 * Effect of a method, with the household's experience on this soil. With several troubles the book is
 * alone.
 */
export function withOwnLog(
  effect: WholeEffect,
  method: Method,
  window: WorkWindow,
  { marks, facts, knowledge, evidence, index }: PlanContext,
): { effect: WholeEffect; log: Posterior | null } {
  const [work] = marks;
  if (marks.length !== 1 || !work || evidence.byMethodAndSoil.size === 0) return { effect, log: null };
  const cell = {
    methodId: method.id,
    componentId: mainComponentOf(work.mark.id, knowledge) ?? '',
    fibres: fibreFamilyOf(facts, knowledge),
    age: ageBandOf(facts.age),
  };
  const usual = index.methods.get(method.id) ?? method;
  const dwells = method.inMachine
    ? null
    : { here: middleOf(window.dwellMin), usual: middleOf(usual.dwellMin) };
  const log = posteriorOf({ low: effect.low, high: effect.high }, cell, evidence, dwells);
  if (log.uses === 0) return { effect, log: null };
  const [low, high] = [toHundredth(log.low), toHundredth(log.high)];
  return { effect: { low, high, byMark: [{ markId: work.mark.id, low, high }] }, log };
}

export function ownLogFindings(log: Posterior | null): Finding[] {
  if (!log) return [];
  const { uses, worked, prior } = log;
  return [
    finding('fromOwnLog', { uses, worked, bookLowPct: toPct(prior.low), bookHighPct: toPct(prior.high) }),
  ];
}
