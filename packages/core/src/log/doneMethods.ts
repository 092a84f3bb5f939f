import type { DoneMethod } from '../trouble/troubleFacts.js';
import type { RunSummary } from './runSummary.js';

/**
 * What runs on one trouble have done so far, method by method: how many rounds, and whether the last look that spoke of
 * it found it stalled. A pass that was worked on and shared in a look of another has been done as well.
 */
export function doneMethods(runs: readonly Pick<RunSummary, 'methodIds' | 'state'>[]): DoneMethod[] {
  const done = new Map<string, DoneMethod>();
  const inOrder = [...runs].sort((a, b) => (a.state.startedAt < b.state.startedAt ? -1 : 1));
  for (const { methodIds, state } of inOrder) {
    const { looks, times } = state;
    const worked = [...new Set(looks.flatMap(({ of, passIndex }) => [...of, passIndex]))];
    for (const index of worked.sort((a, b) => a - b)) {
      const methodId = methodIds[index];
      if (methodId === undefined) continue;
      const own = looks.filter(({ passIndex }) => passIndex === index);
      const rounds = new Set(own.map(({ round }) => round)).size || (times[index] ?? 1);
      const known = done.get(methodId);
      done.set(methodId, {
        methodId,
        rounds: (known?.rounds ?? 0) + rounds,
        stalled: own.length > 0 ? own.at(-1)?.answer === 'stalled' : (known?.stalled ?? false),
      });
    }
  }
  return [...done.values()].sort((a, b) => (a.methodId < b.methodId ? -1 : 1));
}

/** Ways that a hidden test has spoken against on this trouble: they are not offered for it again. */
export const barredMethods = (runs: readonly Pick<RunSummary, 'methodIds' | 'state'>[]): string[] => [
  ...new Set(runs.flatMap(({ methodIds, state }) => state.barred.flatMap((index) => methodIds[index] ?? []))),
];
