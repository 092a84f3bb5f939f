import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import type { RunState } from '../runState.js';
import { afterPass, endOfRound, type PassPlace } from './passesAhead.js';

/** The current step of a run; after the last one the rinse, unless a later pass rinses. */
export function currentAction({ passIndex, actionIndex }: RunState, plan: Plan): Action | null {
  const pass = plan.passes[passIndex];
  return pass?.actions[actionIndex] ?? pass?.rinseOut ?? null;
}

/** The number of starts of each pass, with one more of this one. */
export const timesWith = (times: readonly number[], passIndex: number): number[] =>
  Array.from(
    { length: Math.max(times.length, passIndex + 1) },
    (_, index) => (times[index] ?? 0) + (index === passIndex ? 1 : 0),
  );

/** On a pass, at a step: started again, or continued. */
export function moveTo(state: RunState, { passIndex, actionIndex }: PassPlace, isBegun: boolean): RunState {
  const times = isBegun ? timesWith(state.times, passIndex) : state.times;
  return {
    ...state,
    timer: null,
    decision: null,
    passIndex,
    actionIndex,
    times,
    round: Math.max(1, times[passIndex] ?? 0),
  };
}

/** To the next step, of this pass or of the one it leads to. */
export function stepOn(state: RunState, plan: Plan): RunState {
  const { passIndex, actionIndex, stopping } = state;
  const last = (plan.passes[passIndex]?.actions.length ?? 0) - 1;
  if (actionIndex < last) return { ...state, timer: null, actionIndex: actionIndex + 1 };
  const next = stopping ? endOfRound(plan, passIndex) : afterPass(state, plan);
  return next ? moveTo(state, next, next.actionIndex === 0 && !stopping) : { ...state, timer: null };
}
