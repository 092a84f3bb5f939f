import { neverHappens } from '../quantity/neverHappens.js';
import { MINUTE_MS } from '../quantity/timeUnits.js';
import type { TrialEvent, TrialRefusal, TrialSetup, TrialState } from './trial.js';

type Turn =
  | { readonly ok: true; readonly state: TrialState }
  | { readonly ok: false; readonly refusal: TrialRefusal };

/** State of a trial from its events alone; undo takes back the last that counts. */
export function replayTrial(setup: TrialSetup, events: readonly TrialEvent[]): Turn {
  const counted: TrialEvent[] = [];
  for (const event of events) {
    if (event.kind !== 'undone') counted.push(event);
    else if (!counted.pop()) return { ok: false, refusal: 'nothingToUndo' };
  }
  let state: TrialState = { phase: 'apply', treated: [], readyAt: null, leftPct: setup.arms.map(() => null) };
  for (const event of counted) {
    const next = turn(setup, state, event);
    if (!next.ok) return next;
    state = next.state;
  }
  return { ok: true, state };
}

function turn(setup: TrialSetup, state: TrialState, event: TrialEvent): Turn {
  const no = (refusal: TrialRefusal): Turn => ({ ok: false, refusal });
  const yes = (change: Partial<TrialState>): Turn => ({ ok: true, state: { ...state, ...change } });
  switch (event.kind) {
    case 'treated': {
      if (state.phase !== 'apply') return no('notNow');
      if (!setup.arms[event.arm]) return no('notThisOne');
      return state.treated.includes(event.arm)
        ? no('alreadyTreated')
        : yes({ treated: [...state.treated, event.arm] });
    }
    case 'clockStarted':
      // One clock for all: it starts when the last one is on.
      if (state.phase !== 'apply' || state.treated.length < setup.arms.length) return no('notNow');
      return yes({
        phase: 'wait',
        readyAt: new Date(Date.parse(event.at) + setup.dwellMin * MINUTE_MS).toISOString(),
      });
    case 'washed':
      if (state.phase !== 'wait') return no('notNow');
      return event.at < (state.readyAt ?? '') ? no('clockFirst') : yes({ phase: 'look' });
    case 'looked': {
      if (state.phase !== 'look') return no('notNow');
      // The order is drawn, not chosen.
      if (nextToLook(setup, state) !== event.arm) return no('notThisOne');
      const leftPct = state.leftPct.map((left, arm) => (arm === event.arm ? event.leftPct : left));
      return yes({ leftPct, phase: leftPct.every((left) => left !== null) ? 'told' : 'look' });
    }
    case 'undone':
      return no('nothingToUndo');
    default:
      return neverHappens(event);
  }
}

/** The arm to look at next; null when all have been looked at. */
export const nextToLook = ({ lookOrder }: TrialSetup, { leftPct }: TrialState): number | null =>
  lookOrder.find((arm) => leftPct[arm] === null) ?? null;
