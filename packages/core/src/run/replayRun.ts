import type { Plan } from '../treatment/plan/plan.js';
import { applyRunEvent } from './applyRunEvent.js';
import type { RunEvent } from './runEvent.js';
import type { Refusal, RunState, Transition } from './runState.js';

interface Counted {
  /** Those that still count, in order. */
  readonly events: readonly RunEvent[];
  /** Those taken back that a redo would bring again, the next one last. */
  readonly undone: readonly RunEvent[];
}

/**
 * Undo takes back the last event that counts, never the start; redo brings it again, as long as nothing else has
 * happened since. Setting the clock moves the times of the earlier events.
 */
function count(given: readonly RunEvent[]): Counted | Refusal {
  let events: RunEvent[] = [];
  let undone: RunEvent[] = [];
  for (const event of given) {
    if (event.kind === 'undone') {
      const last = events.length > 1 ? events.pop() : undefined;
      if (!last) return 'nothingToUndo';
      undone.push(last);
    } else if (event.kind === 'redone') {
      const again = undone.pop();
      if (!again) return 'nothingToRedo';
      events.push(again);
    } else if (event.kind === 'clockSet') {
      // No action of its own: it gives the times of the others.
      events = events.map((one) => moved(one, event));
      undone = undone.map((one) => moved(one, event));
    } else {
      events.push(event);
      undone = [];
    }
  }
  return { events, undone };
}

function moved<Event extends RunEvent>(event: Event, { at, byMs }: { at: string; byMs: number }): Event {
  if (byMs < 0 && event.at <= at) return event;
  return { ...event, at: new Date(Date.parse(event.at) + byMs).toISOString() };
}

const NOTHING: Counted = { events: [], undone: [] };

/** What counts of a run, and what a redo would bring again. */
export function turnsOf(events: readonly RunEvent[]): Counted {
  const counted = count(events);
  return typeof counted === 'string' ? NOTHING : counted;
}

export const countedEvents = (events: readonly RunEvent[]): readonly RunEvent[] => turnsOf(events).events;

/**
 * State of a run from its events alone.
 * @returns the state after the last event, or the first refusal met
 */
export function replayRun(events: readonly RunEvent[], plan: Plan): Transition {
  const counted = count(events);
  if (typeof counted === 'string') return { ok: false, refusal: counted };
  let state: RunState | null = null;
  for (const event of counted.events) {
    const next: Transition = applyRunEvent(state, event, plan);
    if (!next.ok) return next;
    state = next.state;
  }
  return state ? { ok: true, state } : { ok: false, refusal: 'notStarted' };
}
