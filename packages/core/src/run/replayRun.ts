import type { Plan } from '../treatment/plan/plan.js';
import { applyRunEvent } from './applyRunEvent.js';
import type { RunEvent } from './runEvent.js';
import type { RunState, Transition } from './runState.js';

/** Events that still count: undo takes back the last of them, never the start. null when there was nothing to undo. */
function takeBack(events: readonly RunEvent[]): RunEvent[] | null {
  const counted: RunEvent[] = [];
  for (const event of events) {
    if (event.kind !== 'undone') counted.push(event);
    else if (counted.length > 1) counted.pop();
    else return null;
  }
  return counted;
}

export const countedEvents = (events: readonly RunEvent[]): RunEvent[] => takeBack(events) ?? [];

/**
 * State of a run from its events alone.
 * @returns the state after the last event, or the first refusal met
 */
export function replayRun(events: readonly RunEvent[], plan: Plan): Transition {
  const counted = takeBack(events);
  if (!counted) return { ok: false, refusal: 'nothingToUndo' };
  let state: RunState | null = null;
  for (const event of counted) {
    const next: Transition = applyRunEvent(state, event, plan);
    if (!next.ok) return next;
    state = next.state;
  }
  return state ? { ok: true, state } : { ok: false, refusal: 'notStarted' };
}
