import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { lastOfRound, openPassLater, passToRepeat } from '../next/passesAhead.js';
import { passInRound } from '../next/roundOfPass.js';
import type { Choice, LookAnswer } from '../runEvent.js';
import type { RunState } from '../runState.js';

/**
 * What an answer opens, recommended first: still moving → again (bounded); stalled → another mechanism; wrong →
 * stop at once.
 */
export function choicesAfterLook(
  answer: LookAnswer,
  at: string,
  state: RunState,
  plan: Plan,
  action: Action,
): Choice[] {
  if (answer === 'wrong') return action.kind === 'finalLook' ? ['finish'] : ['stop'];
  const again = action.kind === 'finalLook' ? passToRepeat(state, plan) : state.passIndex;
  const mayRepeat = (state.times[again] ?? 0) < (plan.passes[again]?.maxRounds ?? 1);
  // Inside a round one goes on, past the rinse there is; only its end leads to another.
  const hasNext =
    state.passIndex === lastOfRound(plan, state.passIndex) && openPassLater(state, plan) !== null;
  const onward: Choice[] = [
    ...(mayRepeat ? (['repeat'] as const) : []),
    ...(hasNext ? (['nextPass'] as const) : []),
  ];
  if (action.kind === 'dwell')
    return choicesWhileWaiting(answer, at, state, hasNext).map((choice) =>
      choice === 'continue' && isTold(state, plan) ? 'takeOut' : choice,
    );
  if (action.kind === 'finalLook') {
    if (answer === 'gone' || answer === 'unsure') return ['finish'];
    return answer === 'moving'
      ? [...onward, 'finish']
      : [...onward.filter((choice) => choice === 'nextPass'), 'finish'];
  }
  if (answer === 'gone') return ['continue'];
  // Wet cloth looks cleaner or darker than it is: rinse, dry without heat, look again.
  if (answer === 'unsure') return ['continue', 'stop'];
  if (answer === 'moving') return [...onward, 'continue', 'stop'];
  return [...(hasNext ? (['nextPass'] as const) : []), 'continue', 'stop'];
}

/** The next look in a round, just answered with a level. */
const isTold = ({ looks, passIndex, actionIndex }: RunState, plan: Plan): boolean =>
  passInRound(plan, passIndex) !== undefined &&
  plan.passes[passIndex]?.actions[actionIndex + 1]?.kind === 'look' &&
  looks.at(-1)?.leftPct !== null;

/** Before the least useful time is up, stalled means "not yet". */
function choicesWhileWaiting(answer: LookAnswer, at: string, state: RunState, hasNext: boolean): Choice[] {
  const due = state.timer !== null && at >= state.timer.readyAt;
  const over = state.timer !== null && at >= state.timer.latestAt;
  if (answer === 'gone') return ['continue', 'wait'];
  if (over) return ['continue', ...(hasNext ? (['nextPass'] as const) : []), 'stop'];
  if (answer === 'moving' || answer === 'unsure' || !due) return ['wait', 'continue', 'stop'];
  return [...(hasNext ? (['nextPass'] as const) : []), 'continue', 'wait', 'stop'];
}
