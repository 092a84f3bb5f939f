import { HIDDEN_TEST_FAILED_NOTE } from '@feverfew/knowledge';
import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { passesWithItsProducts, pastPass } from '../next/passesAhead.js';
import { currentAction, moveTo, stepOn } from '../next/stepOn.js';
import type { RunEvent } from '../runEvent.js';
import { accept, type RunState, refuse, type Transition } from '../runState.js';

/** Passed, one goes on; failed, this pass is left out and every later one that brings its products. */
export function tested(
  state: RunState,
  { actionId, passed, at }: Extract<RunEvent, { kind: 'tested' }>,
  action: Action,
  plan: Plan,
): Transition {
  if (action.id !== actionId) return refuse('notThisStep');
  if (action.kind !== 'hiddenTest') return refuse('notATest');
  if (passed) return accept(stepOn(state, plan));
  const against = passesWithItsProducts(plan, state.passIndex);
  const setAside = [...new Set([...state.setAside, ...against])];
  const barred = [...new Set([...state.barred, ...against])];
  const notes = [...state.notes, { at, text: HIDDEN_TEST_FAILED_NOTE }];
  return accept(leave({ ...state, setAside, barred, notes }, plan));
}

/** A pass may be left out as long as nothing of it is on the piece. */
export const maySkip = (state: RunState, plan: Plan): boolean => {
  const action = currentAction(state, plan);
  return (
    state.status === 'active' &&
    !state.decision &&
    action !== null &&
    skipped(state, action.id, action, plan).ok
  );
};

export function skipped(state: RunState, actionId: string, action: Action, plan: Plan): Transition {
  if (action.id !== actionId) return refuse('notThisStep');
  if (state.decision) return refuse('decideFirst');
  if (action.kind === 'rinseBefore') return refuse('rinseFirst');
  if (!BEFORE_THE_WORK.includes(action.kind)) return refuse('alreadyOn');
  return accept(leave({ ...state, setAside: [...state.setAside, state.passIndex] }, plan));
}

/** Nothing of a pass is on the piece yet. */
const BEFORE_THE_WORK: readonly Action['kind'][] = ['firstAid', 'lift', 'hiddenTest', 'mix', 'apply'];

function leave(state: RunState, plan: Plan): RunState {
  const next = pastPass(state, plan);
  return moveTo(state, next, next.actionIndex === 0);
}
