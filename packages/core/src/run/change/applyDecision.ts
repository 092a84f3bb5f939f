import type { Plan } from '../../treatment/plan/plan.js';
import { openPassLater, passToRepeat, wayOut, workStep } from '../next/passesAhead.js';
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
  const { passIndex, actionIndex } = state;
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
      const again = isDryLook(state, plan) ? passToRepeat(state, plan) : passIndex;
      const at = workStep(plan.passes[again]?.actions ?? []);
      return accept(moveTo(state, { passIndex: again, actionIndex: at }, true));
    }
    case 'nextPass': {
      const next = openPassLater(state, plan);
      return next ? accept(moveTo(state, next, true)) : refuse('noSuchPass');
    }
    case 'stop':
      return accept({ ...moveTo(state, wayOut(plan, { passIndex, actionIndex }), false), stopping: true });
  }
}

const isDryLook = (state: RunState, plan: Plan): boolean => currentAction(state, plan)?.kind === 'finalLook';
