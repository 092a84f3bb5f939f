import type { Plan } from '../plan/plan.js';
import type { Step } from '../plan/step.js';
import { choicesAfterLook } from './decide.js';
import { holdsTheRecipe } from './holdsTheRecipe.js';
import type { Choice, RunEvent } from './runEvent.js';
import type { Refusal, RunState, Transition } from './runState.js';
import { startTimer } from './startTimer.js';

const refuse = (refusal: Refusal): Transition => ({ ok: false, refusal });
const accept = (state: RunState): Transition => ({ ok: true, state });

/** One event on one state. Undo is not an event of the state but of the list: see replayRun. */
export function applyRunEvent(state: RunState | null, event: RunEvent, plan: Plan): Transition {
  if (event.kind === 'started')
    return state ? refuse('alreadyStarted') : start(event.rungIndex, event.at, plan);
  if (!state) return refuse('notStarted');
  if (event.kind === 'noted')
    return accept({ ...state, notes: [...state.notes, { at: event.at, text: event.text }] });
  if (state.status === 'finished') return refuse('finished');
  const step = currentStep(state, plan);
  if (!step) return refuse('noSuchRung');
  switch (event.kind) {
    case 'timerStarted':
      return timerStarted(state, event.stepId, event.at, step);
    case 'stepDone':
      return stepDone(state, event.stepId, step, plan);
    case 'mixUsed':
      return mixUsed(state, event, step);
    case 'looked':
      return looked(state, event, step, plan);
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
    default:
      return refuse('nothingToUndo');
  }
}

export const currentStep = (state: RunState, plan: Plan): Step | null =>
  plan.ladder[state.rungIndex]?.steps[state.stepIndex] ?? null;

function start(rungIndex: number, at: string, plan: Plan): Transition {
  if (!plan.ladder[rungIndex]) return refuse('noSuchRung');
  return accept({
    status: 'active',
    rungIndex,
    round: 1,
    stepIndex: 0,
    timer: null,
    decision: null,
    stopping: false,
    looks: [],
    notes: [],
    mixes: [],
    outcome: null,
    startedAt: at,
    finishedAt: null,
  });
}

function timerStarted(state: RunState, stepId: string, at: string, step: Step): Transition {
  if (step.id !== stepId) return refuse('notThisStep');
  if (!step.dwell) return refuse('notADwell');
  return state.timer ? refuse('timerRuns') : accept({ ...state, timer: startTimer(step.id, step.dwell, at) });
}

function stepDone(state: RunState, stepId: string, step: Step, plan: Plan): Transition {
  if (step.id !== stepId) return refuse('notThisStep');
  if (state.decision) return refuse('decideFirst');
  if (step.kind === 'look' || step.kind === 'finalLook') return refuse('lookFirst');
  const last = (plan.ladder[state.rungIndex]?.steps.length ?? 0) - 1;
  return accept({ ...state, timer: null, stepIndex: Math.min(last, state.stepIndex + 1) });
}

/** A kept mix in place of the recipe: only where it holds the same products, none more and none less. */
function mixUsed(
  state: RunState,
  { at, stepId, name, agentIds }: Extract<RunEvent, { kind: 'mixUsed' }>,
  step: Step,
): Transition {
  if (step.id !== stepId || step.kind !== 'mix') return refuse('notThisStep');
  return holdsTheRecipe(step, agentIds)
    ? accept({ ...state, mixes: [...state.mixes, { at, stepId, name }] })
    : refuse('mixIsNotTheRecipe');
}

function looked(
  state: RunState,
  event: Extract<RunEvent, { kind: 'looked' }>,
  step: Step,
  plan: Plan,
): Transition {
  if (step.kind !== 'dwell' && step.kind !== 'look' && step.kind !== 'finalLook')
    return refuse('notThisStep');
  const { rungIndex, round } = state;
  return accept({
    ...state,
    looks: [...state.looks, { at: event.at, rungIndex, round, answer: event.answer, leftPct: event.leftPct }],
    decision: { answer: event.answer, choices: choicesAfterLook(event.answer, event.at, state, plan, step) },
  });
}

function decided(state: RunState, choice: Choice, plan: Plan): Transition {
  if (!state.decision) return refuse('nothingToDecide');
  if (!state.decision.choices.includes(choice)) return refuse('notOffered');
  const steps = plan.ladder[state.rungIndex]?.steps ?? [];
  const indexOf = (...kinds: Step['kind'][]) => steps.findIndex((step) => kinds.includes(step.kind));
  const settled = { ...state, decision: null };
  const moved = { ...settled, timer: null };
  switch (choice) {
    case 'wait':
      return accept(settled);
    case 'continue':
      return accept({ ...moved, stepIndex: state.stepIndex + 1 });
    case 'repeat':
      return accept({ ...moved, round: state.round + 1, stepIndex: indexOf('mix', 'apply') });
    case 'nextRung':
      return accept({ ...moved, rungIndex: state.rungIndex + 1, round: 1, stepIndex: 0 });
    case 'stop':
      return accept({
        ...moved,
        stopping: true,
        stepIndex: Math.max(state.stepIndex, indexOf('rinse', 'dry')),
      });
    case 'finish':
      return accept(settled);
  }
}
