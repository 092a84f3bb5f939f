import type { DoneMethod } from '../trouble/troubleFacts.js';
import type { RunSummary } from './runSummary.js';

/**
 * What runs on one trouble have done so far, method by method: rounds looked at, and whether the last look found it
 * stalled.
 */
export function doneMethods(runs: readonly Pick<RunSummary, 'methodIds' | 'state'>[]): DoneMethod[] {
  const done = new Map<string, DoneMethod>();
  const inOrder = [...runs].sort((a, b) => (a.state.startedAt < b.state.startedAt ? -1 : 1));
  for (const { methodIds, state } of inOrder) {
    const rounds = new Set<string>();
    for (const look of state.looks) {
      const methodId = methodIds[look.rungIndex];
      if (methodId === undefined) continue;
      const before = done.get(methodId)?.rounds ?? 0;
      const key = `${look.rungIndex} ${look.round}`;
      done.set(methodId, {
        methodId,
        rounds: before + (rounds.has(key) ? 0 : 1),
        stalled: look.answer === 'stalled',
      });
      rounds.add(key);
    }
  }
  return [...done.values()].sort((a, b) => (a.methodId < b.methodId ? -1 : 1));
}
