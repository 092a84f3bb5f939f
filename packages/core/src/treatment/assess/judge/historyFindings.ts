import type { Method } from '@feverfew/knowledge';
import { type Finding, finding } from '../../../finding/finding.js';
import type { PlanContext } from '../../case/planContext.js';

/** After so many tries of a product to no effect, more of it is no plan. */
const ENOUGH_IN_VAIN = 2;

/**
 * What has been done already rules a method out once its rounds are used up, it has stalled, or its agent has
 * failed twice.
 */
export function historyFindings(method: Method, { facts }: PlanContext): Finding[] {
  const done = facts.done.find((entry) => entry.methodId === method.id);
  const failed = facts.tried.filter(
    (product) =>
      product.effect === 'nothing' &&
      product.times >= ENOUGH_IN_VAIN &&
      method.agents[0]?.agentId === product.agentId,
  );
  return [
    ...(done && (done.stalled || done.rounds >= method.maxRounds)
      ? [
          finding('methodExhausted', {
            methodId: method.id,
            rounds: done.rounds,
            maxRounds: method.maxRounds,
            stalled: done.stalled,
          }),
        ]
      : []),
    ...failed.map((product) => finding('triedInVain', { agentId: product.agentId, times: product.times })),
  ];
}

/** Rounds of a method that are left after those already done. */
export function roundsDone(method: Method, { facts }: PlanContext): number {
  return facts.done.find((entry) => entry.methodId === method.id)?.rounds ?? 0;
}
