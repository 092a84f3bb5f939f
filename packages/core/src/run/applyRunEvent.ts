import { HEAT_ALLOWED_NOTE, HIDDEN_TEST_FAILED_NOTE } from '@feverfew/knowledge';
import { neverHappens } from '../quantity/neverHappens.js';
import { type Action, type Dwell, runsInDrum } from '../treatment/plan/action.js';
import type { Plan } from '../treatment/plan/plan.js';
import { choicesAfterLook } from './choicesAfterLook.js';
import { heatEndangersPeople } from './heatEndangersPeople.js';
import { holdsTheRecipe } from './holdsTheRecipe.js';
import { judgeLook } from './judgeLook.js';
import type { Choice, RunEvent } from './runEvent.js';
import {
  afterRung,
  endOfRound,
  openRungLater,
  type Place,
  pastRung,
  rungLookedAt,
  rungsWithItsProducts,
  rungToRepeat,
  wayOut,
  workStep,
} from './rungsAhead.js';
import type { Refusal, RunState, Transition } from './runState.js';
import { startTimer } from './startTimer.js';
import { extendTimer, pauseTimer, resumeTimer } from './turnTimer.js';

const refuse = (refusal: Refusal): Transition => ({ ok: false, refusal });
const accept = (state: RunState): Transition => ({ ok: true, state });

/** One event on one state. Undo is not an event of the state but of the list: see replayRun. */
export function applyRunEvent(state: RunState | null, event: RunEvent, plan: Plan): Transition {
  if (event.kind === 'started')
    return state ? refuse('alreadyStarted') : start(event.rungIndex, event.at, plan);
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
  if (!action) return refuse('noSuchRung');
  switch (event.kind) {
    case 'timerStarted':
      return timerStarted(state, event.stepId, event.at, action, plan);
    case 'paused':
      return timerTurned(state, action, (dwell) => pauseTimer(state.timer, dwell, event.at));
    case 'resumed':
      return timerTurned(state, action, () => resumeTimer(state.timer, event.at));
    case 'extended':
      return timerTurned(state, action, () => extendTimer(state.timer, event.minutes, event.at));
    case 'tested':
      return tested(state, event, action, plan);
    case 'skipped':
      return skipped(state, event.stepId, action, plan);
    case 'stepDone':
      return actionDone(state, event.stepId, action, plan);
    case 'mixUsed':
      return mixUsed(state, event, action);
    case 'looked':
      return looked(state, event, action, plan);
    case 'decided':
      return decided(state, event.choice, plan);
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
    case 'undone':
      return refuse('nothingToUndo');
    case 'redone':
      return refuse('nothingToRedo');
    default:
      return neverHappens(event);
  }
}

/** The step a run stands at; past the last one the rinsing out, where no later pass does it. */
export function currentAction({ rungIndex, stepIndex }: RunState, plan: Plan): Action | null {
  const pass = plan.ladder[rungIndex];
  return pass?.steps[stepIndex] ?? pass?.rinseOut ?? null;
}

function start(rungIndex: number, at: string, plan: Plan): Transition {
  if (!plan.ladder[rungIndex]) return refuse('noSuchRung');
  if (missesTheRinse(plan, rungIndex)) return refuse('earlierProductFirst');
  return accept({
    status: 'active',
    rungIndex,
    round: 1,
    times: timesWith([], rungIndex),
    setAside: [],
    worked: [],
    stepIndex: 0,
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

/** What an earlier product left is rinsed out before anything: a later rung of such a plan is no beginning. */
const missesTheRinse = (plan: Plan, rungIndex: number): boolean => {
  const rinses = plan.ladder.map(({ steps }) => steps.some(({ kind }) => kind === 'rinseBefore'));
  return rinses[rungIndex] === false && rinses.slice(0, rungIndex).includes(true);
};

const timesWith = (times: readonly number[], rungIndex: number): number[] =>
  Array.from(
    { length: Math.max(times.length, rungIndex + 1) },
    (_, index) => (times[index] ?? 0) + (index === rungIndex ? 1 : 0),
  );

/** On a rung, at a step: begun anew, or gone on with. */
function moveTo(state: RunState, { rungIndex, stepIndex }: Place, isBegun: boolean): RunState {
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

function timerStarted(state: RunState, stepId: string, at: string, action: Action, plan: Plan): Transition {
  if (action.id !== stepId) return refuse('notThisStep');
  if (!action.dwell) return refuse('notADwell');
  return state.timer
    ? refuse('timerRuns')
    : accept({ ...state, timer: startTimer(action.id, waitOf(action.dwell, state, plan), at) });
}

/** Nobody looks into a drum that turns. Runs on plans of before there were rounds keep the looks they had. */
function waitOf(dwell: Dwell, { rungIndex }: RunState, plan: Plan): Dwell {
  const pass = plan.ladder[rungIndex];
  const turns = pass && pass.passId !== null && pass.passId !== undefined && pass.steps.some(runsInDrum);
  return turns ? { ...dwell, lookEveryMin: dwell.maxMin } : dwell;
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

function actionDone(state: RunState, stepId: string, action: Action, plan: Plan): Transition {
  if (action.id !== stepId) return refuse('notThisStep');
  if (state.decision) return refuse('decideFirst');
  if (action.kind === 'look' || action.kind === 'finalLook') return refuse('lookFirst');
  const worked = action.kind === 'apply' ? [...new Set([...state.worked, state.rungIndex])] : state.worked;
  return accept(stepOn({ ...state, worked }, plan));
}

/** Passed, one goes on; failed, this pass is left out and every later one that brings its products. */
function tested(
  state: RunState,
  { stepId, passed, at }: Extract<RunEvent, { kind: 'tested' }>,
  action: Action,
  plan: Plan,
): Transition {
  if (action.id !== stepId) return refuse('notThisStep');
  if (action.kind !== 'hiddenTest') return refuse('notATest');
  if (passed) return accept(stepOn(state, plan));
  const setAside = [...new Set([...state.setAside, ...rungsWithItsProducts(plan, state.rungIndex)])];
  const notes = [...state.notes, { at, text: HIDDEN_TEST_FAILED_NOTE }];
  return accept(leave({ ...state, setAside, notes }, plan));
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

function skipped(state: RunState, stepId: string, action: Action, plan: Plan): Transition {
  if (action.id !== stepId) return refuse('notThisStep');
  if (state.decision) return refuse('decideFirst');
  if (action.kind === 'rinseBefore') return refuse('rinseFirst');
  if (!BEFORE_THE_WORK.includes(action.kind)) return refuse('alreadyOn');
  return accept(leave({ ...state, setAside: [...state.setAside, state.rungIndex] }, plan));
}

/** Nothing of a pass is on the piece yet. */
const BEFORE_THE_WORK: readonly Action['kind'][] = ['firstAid', 'lift', 'hiddenTest', 'mix', 'apply'];

function leave(state: RunState, plan: Plan): RunState {
  const next = pastRung(state, plan);
  return moveTo(state, next, next.stepIndex === 0);
}

/** To the next step, of this pass or of the one it leads to. */
function stepOn(state: RunState, plan: Plan): RunState {
  const { rungIndex, stepIndex, stopping } = state;
  const last = (plan.ladder[rungIndex]?.steps.length ?? 0) - 1;
  if (stepIndex < last) return { ...state, timer: null, stepIndex: stepIndex + 1 };
  const next = stopping ? endOfRound(plan, rungIndex) : afterRung(state, plan, isGone(state));
  return next ? moveTo(state, next, next.stepIndex === 0 && !stopping) : { ...state, timer: null };
}

/** The last look at the rung, this time round, said so. */
const isGone = ({ looks, rungIndex, round }: RunState): boolean =>
  looks.filter((look) => look.rungIndex === rungIndex && look.round === round).at(-1)?.answer === 'gone';

/** A kept mix in place of the recipe: only where it holds the same products, none more and none less. */
function mixUsed(
  state: RunState,
  { at, stepId, name, agentIds }: Extract<RunEvent, { kind: 'mixUsed' }>,
  action: Action,
): Transition {
  if (action.id !== stepId || action.kind !== 'mix') return refuse('notThisStep');
  return holdsTheRecipe(action, agentIds)
    ? accept({ ...state, mixes: [...state.mixes, { at, stepId, name }] })
    : refuse('mixIsNotTheRecipe');
}

function looked(
  state: RunState,
  event: Extract<RunEvent, { kind: 'looked' }>,
  action: Action,
  plan: Plan,
): Transition {
  if (action.kind !== 'dwell' && action.kind !== 'look' && action.kind !== 'finalLook')
    return refuse('notThisStep');
  if (state.timer?.pausedAt) return refuse('timerPaused');
  const rungIndex = rungLookedAt(state, plan, action);
  const round = Math.max(1, state.times[rungIndex] ?? 0);
  const answer = judgeLook(event, { ...state, rungIndex, round }, action);
  if (answer === null) return refuse('lookNeedsLevel');
  const leftPct = event.leftPct ?? (answer === 'gone' ? 0 : null);
  const of = state.worked.length > 0 ? state.worked : [rungIndex];
  const look = { at: event.at, rungIndex, of, round, answer, leftPct, signIds: event.signIds ?? [] };
  return accept({
    ...state,
    looks: [...state.looks, look],
    worked: leftPct === null ? state.worked : [],
    decision: { answer, choices: choicesAfterLook(answer, event.at, state, plan, action) },
    heat: action.kind === 'finalLook' && state.heat === 'closed' && answer === 'gone' ? 'open' : state.heat,
  });
}

function decided(state: RunState, choice: Choice, plan: Plan): Transition {
  if (!state.decision) return refuse('nothingToDecide');
  if (!state.decision.choices.includes(choice)) return refuse('notOffered');
  const { rungIndex, stepIndex } = state;
  const settled = { ...state, decision: null };
  switch (choice) {
    case 'wait':
    case 'finish':
      return accept(settled);
    case 'continue':
      return accept(stepOn(settled, plan));
    case 'repeat': {
      const again = isDryLook(state, plan) ? rungToRepeat(state, plan) : rungIndex;
      const at = workStep(plan.ladder[again]?.steps ?? []);
      return accept(moveTo(state, { rungIndex: again, stepIndex: at }, true));
    }
    case 'nextRung': {
      const next = openRungLater(state, plan);
      return next ? accept(moveTo(state, next, true)) : refuse('noSuchRung');
    }
    case 'stop':
      return accept({ ...moveTo(state, wayOut(plan, { rungIndex, stepIndex }), false), stopping: true });
  }
}

const isDryLook = (state: RunState, plan: Plan): boolean => currentAction(state, plan)?.kind === 'finalLook';
