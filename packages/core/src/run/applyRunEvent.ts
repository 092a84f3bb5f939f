import { HEAT_ALLOWED_NOTE } from '@feverfew/knowledge';
import { neverHappens } from '../quantity/neverHappens.js';
import { type Action, type Dwell, runsInDrum } from '../treatment/plan/action.js';
import type { Plan } from '../treatment/plan/plan.js';
import { applyDecision } from './change/applyDecision.js';
import { holdsTheRecipe } from './change/holdsTheRecipe.js';
import { skipped, tested } from './change/leaveOut.js';
import { startTimer } from './clock/startTimer.js';
import { extendTimer, pauseTimer, resumeTimer } from './clock/turnTimer.js';
import { heatEndangersPeople } from './heatEndangersPeople.js';
import { applyLook } from './look/applyLook.js';
import { currentAction, stepOn, timesWith } from './next/stepOn.js';
import type { RunEvent } from './runEvent.js';
import { accept, type RunState, refuse, type Transition } from './runState.js';

/** One event on one state. Undo is not an event of the state but of the list: see replayRun. */
export function applyRunEvent(state: RunState | null, event: RunEvent, plan: Plan): Transition {
  if (event.kind === 'started')
    return state ? refuse('alreadyStarted') : start(event.passIndex, event.at, plan);
  if (!state) return refuse('notStarted');
  if (event.kind === 'noted')
    return accept({ ...state, notes: [...state.notes, { at: event.at, text: event.text }] });
  if (event.kind === 'photoKept')
    return accept({
      ...state,
      photos: [...state.photos, { at: event.at, photoId: event.photoId, round: state.round }],
    });
  if (event.kind === 'heatAllowed') return heatAllowed(state, event, plan);
  if (state.status === 'finished') return refuse('finished');
  const action = currentAction(state, plan);
  if (!action) return refuse('noSuchPass');
  switch (event.kind) {
    case 'timerStarted':
      return timerStarted(state, event.actionId, event.at, action, plan);
    case 'paused':
      return timerTurned(state, action, (dwell) => pauseTimer(state.timer, dwell, event.at));
    case 'resumed':
      return timerTurned(state, action, () => resumeTimer(state.timer, event.at));
    case 'extended':
      return timerTurned(state, action, () => extendTimer(state.timer, event.minutes, event.at));
    case 'tested':
      return tested(state, event, action, plan);
    case 'skipped':
      return skipped(state, event.actionId, action, plan);
    case 'actionDone':
      return actionDone(state, event.actionId, action, plan);
    case 'mixUsed':
      return mixUsed(state, event, action);
    case 'looked':
      return applyLook(state, event, action, plan);
    case 'decided':
      return applyDecision(state, event.choice, plan);
    case 'finished':
      return accept({
        ...state,
        status: 'finished',
        timer: null,
        decision: null,
        outcome: event.outcome,
        finishedAt: event.at,
        notes: event.note === '' ? state.notes : [...state.notes, { at: event.at, text: event.note }],
      });
    case 'clockSet':
      return accept(state);
    case 'undone':
      return refuse('nothingToUndo');
    case 'redone':
      return refuse('nothingToRedo');
    default:
      return neverHappens(event);
  }
}

function start(passIndex: number, at: string, plan: Plan): Transition {
  if (!plan.passes[passIndex]) return refuse('noSuchPass');
  if (missesTheRinse(plan, passIndex)) return refuse('earlierProductFirst');
  return accept({
    status: 'active',
    passIndex,
    round: 1,
    times: timesWith([], passIndex),
    setAside: [],
    barred: [],
    worked: [],
    actionIndex: 0,
    timer: null,
    decision: null,
    stopping: false,
    looks: [],
    notes: [],
    mixes: [],
    photos: [],
    heat: 'closed',
    outcome: null,
    startedAt: at,
    finishedAt: null,
  });
}

/** What an earlier product left is rinsed out before anything: a later pass of such a plan is no beginning. */
const missesTheRinse = (plan: Plan, passIndex: number): boolean => {
  const rinses = plan.passes.map(({ actions }) => actions.some(({ kind }) => kind === 'rinseBefore'));
  return rinses[passIndex] === false && rinses.slice(0, passIndex).includes(true);
};

function timerStarted(state: RunState, actionId: string, at: string, action: Action, plan: Plan): Transition {
  if (action.id !== actionId) return refuse('notThisStep');
  if (!action.dwell) return refuse('notADwell');
  return state.timer
    ? refuse('timerRuns')
    : accept({ ...state, timer: startTimer(action.id, waitOf(action.dwell, state, plan), at) });
}

/**
 * A running drum cannot be opened. Runs on plans from before there were rounds keep their looks, and are ready at
 * the least: that is what their clocks were set to.
 */
function waitOf(dwell: Dwell, { passIndex }: RunState, plan: Plan): Dwell {
  const pass = plan.passes[passIndex];
  if ((pass?.passId ?? null) === null) return { ...dwell, aimMin: null };
  return pass?.actions.some(runsInDrum) ? { ...dwell, lookEveryMin: dwell.maxMin } : dwell;
}

function timerTurned(
  state: RunState,
  action: Action,
  turn: (dwell: Dwell) => ReturnType<typeof pauseTimer>,
): Transition {
  if (!action.dwell) return refuse('notADwell');
  const turned = turn(action.dwell);
  return turned.ok ? accept({ ...state, timer: turned.timer }) : refuse(turned.refusal);
}

/** Only once nothing is left in the cloth, and never where the heat would endanger people and not the piece alone. */
function heatAllowed(
  state: RunState,
  { at, reason }: Extract<RunEvent, { kind: 'heatAllowed' }>,
  plan: Plan,
): Transition {
  if (state.heat !== 'closed') return refuse('heatIsOpen');
  if (heatEndangersPeople(plan, state)) return refuse('heatEndangersPeople');
  const action = currentAction(state, plan);
  if (state.status === 'active' && action?.kind !== 'dry' && action?.kind !== 'finalLook')
    return refuse('productInside');
  return accept({
    ...state,
    heat: 'overridden',
    notes: [...state.notes, { at, text: `${HEAT_ALLOWED_NOTE} ${reason}` }],
  });
}

function actionDone(state: RunState, actionId: string, action: Action, plan: Plan): Transition {
  if (action.id !== actionId) return pastTheRinse(state, actionId, plan);
  if (state.decision) return refuse('decideFirst');
  if (action.kind === 'look' || action.kind === 'finalLook') return refuse('lookFirst');
  const worked = action.kind === 'apply' ? [...new Set([...state.worked, state.passIndex])] : state.worked;
  return accept(stepOn({ ...state, worked }, plan));
}

/** Runs from before went to the drying without the rinse: their events stay valid. */
function pastTheRinse(state: RunState, actionId: string, plan: Plan): Transition {
  const isRinsedOut = state.actionIndex === plan.passes[state.passIndex]?.actions.length;
  const next = isRinsedOut ? stepOn(state, plan) : null;
  const action = next && currentAction(next, plan);
  return next && action?.id === actionId ? actionDone(next, actionId, action, plan) : refuse('notThisStep');
}

/** A kept mix in place of the recipe: only where it holds the same products, none more and none less. */
function mixUsed(
  state: RunState,
  { at, actionId, name, agentIds }: Extract<RunEvent, { kind: 'mixUsed' }>,
  action: Action,
): Transition {
  if (action.id !== actionId || action.kind !== 'mix') return refuse('notThisStep');
  return holdsTheRecipe(action, agentIds)
    ? accept({ ...state, mixes: [...state.mixes, { at, actionId, name }] })
    : refuse('mixIsNotTheRecipe');
}
