import type { RoundPass, RunView } from '@feverfew/contracts';

/** How far a plan under way has come: which of its steps are done, and how much was seen to be gone after them. */
export interface Progress {
  readonly isDone: boolean;
  /** Share gone at the last look after it, 0–1; null if there was no look. */
  readonly seen: number | null;
}

export const NOT_BEGUN: Progress = { isDone: false, seen: null };

/** Of one step, by its active run. A step that the run lacks or replaced is not started. */
export function progressOf(
  { id, methodId }: Pick<RoundPass, 'id' | 'methodId'>,
  run: RunView | undefined,
): Progress {
  if (!run) return NOT_BEGUN;
  const { state, plan } = run;
  const at = plan.passes.findIndex((pass) => pass.passId === id && pass.methodId === methodId);
  if (at < 0 || (state.times[at] ?? 0) === 0 || state.setAside.includes(at)) return NOT_BEGUN;
  const look = state.looks
    .filter(({ of, passIndex, leftPct }) => leftPct !== null && (of.includes(at) || passIndex === at))
    .at(-1);
  return {
    isDone: at < state.passIndex || state.status === 'finished',
    seen: look?.leftPct == null ? null : 1 - look.leftPct / 100,
  };
}
