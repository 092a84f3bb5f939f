import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { passLookedAt } from '../next/passesAhead.js';
import type { LookAnswer, RunEvent } from '../runEvent.js';
import { accept, type HeatGate, type RunState, refuse, type Transition } from '../runState.js';
import { choicesAfterLook } from './choicesAfterLook.js';
import { judgeLook } from './judgeLook.js';
import { goneDry, leftOfAll, markLooks, marksToAsk } from './markLooks.js';

/** A look, and what it opens: of one level for all, or one for each trouble that is asked of. */
export function applyLook(
  state: RunState,
  event: Extract<RunEvent, { kind: 'looked' }>,
  action: Action,
  plan: Plan,
): Transition {
  if (action.kind !== 'dwell' && action.kind !== 'look' && action.kind !== 'finalLook')
    return refuse('notThisStep');
  if (state.timer?.pausedAt) return refuse('timerPaused');
  const passIndex = passLookedAt(state, plan, action);
  const round = Math.max(1, state.times[passIndex] ?? 0);
  const { marks } = event;
  if (marks?.some(({ markId }) => !plan.facts.markIds.includes(markId))) return refuse('noSuchMark');
  if (marks && marksToAsk(state, plan, action).some((id) => marks.every(({ markId }) => markId !== id)))
    return refuse('lookNeedsLevel');
  const byMark = markLooks(event, state.looks, plan);
  const answer = judgeLook(event, { ...state, passIndex, round }, action, byMark);
  if (answer === null) return refuse('lookNeedsLevel');
  const leftPct = event.leftPct ?? (byMark.length > 0 ? leftOfAll(state.looks, byMark, plan) : null);
  const of = state.worked.length > 0 ? state.worked : [passIndex];
  const isDry = action.kind === 'finalLook';
  const look = {
    at: event.at,
    passIndex,
    of,
    round,
    answer,
    leftPct,
    byMark,
    isDry,
    signIds: event.signIds ?? [],
  };
  const looks = [...state.looks, look];
  const isAllGone = goneDry(looks, plan).length === plan.facts.markIds.length;
  return accept({
    ...state,
    looks,
    worked: leftPct === null ? state.worked : [],
    decision: { answer, choices: choicesAfterLook(answer, event.at, { ...state, looks }, plan, action) },
    heat: heatAfter(state.heat, isAllGone, answer),
  });
}

/** Opened by the dry look that finds the last of them gone, and shut again where one is found there after all. */
function heatAfter(before: HeatGate, isAllGone: boolean, answer: LookAnswer): HeatGate {
  if (before === 'overridden') return before;
  return isAllGone && (before === 'open' || answer === 'gone') ? 'open' : 'closed';
}
