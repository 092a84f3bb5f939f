import type { Plan } from '../../treatment/plan/plan.js';
import { openRungLater, rungToRepeat, wayOut, workStep } from '../next/rungsAhead.js';
import { currentAction, moveTo, stepOn } from '../next/stepOn.js';
import type { Choice } from '../runEvent.js';
import { accept, type RunState, refuse, type Transition } from '../runState.js';

/** A way on, of those that the look before it has opened. */
export function applyDecision(state: RunState, choice: Choice, plan: Plan): Transition {
  if (!state.decision) return refuse('nothingToDecide');
  const { choices } = state.decision;
  // Clients and runs from before knowledge 2026.11.8 send 'continue' where 'takeOut' is expected today.
  const mayGoOn = choice === 'continue' && choices.includes('takeOut');
  if (!choices.includes(choice) && !mayGoOn) return refuse('notOffered');
  const { rungIndex, stepIndex } = state;
  const settled = { ...state, decision: null };
  switch (choice) {
    case 'wait':
    case 'finish':
      return accept(settled);
    case 'continue':
      return accept(stepOn(settled, plan));
    case 'takeOut': {
      const out = stepOn(settled, plan);
      return accept(currentAction(out, plan)?.kind === 'look' ? stepOn(out, plan) : out);
    }
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
