import type { Plan } from '../plan/plan.js';
import { applyRunEvent } from './applyRunEvent.js';
import type { RunEvent } from './runEvent.js';
import type { RunState, Transition } from './runState.js';

/**
 * State of a run from its events alone. Undo takes back the last event that still counts, never the start.
 * @returns the state after the last event, or the first refusal met
 */
export function replayRun(events: readonly RunEvent[], plan: Plan): Transition {
  const counted: RunEvent[] = [];
  for (const event of events) {
    if (event.kind !== 'undone') counted.push(event);
    else if (counted.length > 1) counted.pop();
    else return { ok: false, refusal: 'nothingToUndo' };
  }
  let state: RunState | null = null;
  for (const event of counted) {
    const next: Transition = applyRunEvent(state, event, plan);
    if (!next.ok) return next;
    state = next.state;
  }
  return state ? { ok: true, state } : { ok: false, refusal: 'notStarted' };
}
