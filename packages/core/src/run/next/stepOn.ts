import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import type { RunState } from '../runState.js';
import { afterRung, endOfRound, type RungPlace } from './rungsAhead.js';

/** The current step of a run; after the last one the rinse, unless a later pass rinses. */
export function currentAction({ rungIndex, stepIndex }: RunState, plan: Plan): Action | null {
  const pass = plan.ladder[rungIndex];
  return pass?.steps[stepIndex] ?? pass?.rinseOut ?? null;
}

/** The number of starts of each rung, with one more of this one. */
export const timesWith = (times: readonly number[], rungIndex: number): number[] =>
  Array.from(
    { length: Math.max(times.length, rungIndex + 1) },
    (_, index) => (times[index] ?? 0) + (index === rungIndex ? 1 : 0),
  );

/** On a rung, at a step: started again, or continued. */
export function moveTo(state: RunState, { rungIndex, stepIndex }: RungPlace, isBegun: boolean): RunState {
  const times = isBegun ? timesWith(state.times, rungIndex) : state.times;
  return {
    ...state,
    timer: null,
    decision: null,
    rungIndex,
    stepIndex,
    times,
    round: Math.max(1, times[rungIndex] ?? 0),
  };
}

/** To the next step, of this pass or of the one it leads to. */
export function stepOn(state: RunState, plan: Plan): RunState {
  const { rungIndex, stepIndex, stopping } = state;
  const last = (plan.ladder[rungIndex]?.steps.length ?? 0) - 1;
  if (stepIndex < last) return { ...state, timer: null, stepIndex: stepIndex + 1 };
  const next = stopping ? endOfRound(plan, rungIndex) : afterRung(state, plan);
  return next ? moveTo(state, next, next.stepIndex === 0 && !stopping) : { ...state, timer: null };
}
