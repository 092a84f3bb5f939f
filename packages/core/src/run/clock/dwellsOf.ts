import { MINUTE_MS } from '../../quantity/timeUnits.js';
import { type Action, runsInDrum } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { applyRunEvent } from '../applyRunEvent.js';
import { countedEvents } from '../replayRun.js';
import type { RunEvent } from '../runEvent.js';
import type { RunState } from '../runState.js';

/** A wait that was clocked: on which pass, in which of its rounds, and how long, in min. */
export interface ClockedDwell {
  readonly passIndex: number;
  readonly round: number;
  readonly minutes: number;
}

/** The turns of a run that count, each with where it stood before and after. */
export function* turnsTaken(events: readonly RunEvent[], plan: Plan) {
  let state: RunState | null = null;
  for (const event of countedEvents(events)) {
    const before: RunState | null = state;
    const next = applyRunEvent(before, event, plan);
    if (!next.ok) return;
    state = next.state;
    if (before) yield { event, before, after: next.state };
  }
}

/** Every clocked wait, from its start to the event that ended it, or to `nowMs` while it goes on. A pause counts. */
export function dwellsOf(events: readonly RunEvent[], plan: Plan, nowMs: number): ClockedDwell[] {
  const dwells: ClockedDwell[] = [];
  let last: RunState | null = null;
  for (const { event, before, after } of turnsTaken(events, plan)) {
    if (before.timer && !after.timer) dwells.push(dwellOf(before, Date.parse(event.at)));
    last = after;
  }
  return last?.timer ? [...dwells, dwellOf(last, nowMs)] : dwells;
}

const dwellOf = ({ timer, passIndex, round }: RunState, endMs: number): ClockedDwell => ({
  passIndex,
  round,
  minutes: Math.max(0, endMs - Date.parse(timer?.startedAt ?? '')) / MINUTE_MS,
});

/** A wash is counted as one, and its minutes are no soak. */
export const isSoaked = (steps: readonly Action[]): boolean =>
  !steps.some(runsInDrum) && steps.some(({ kind }) => kind === 'mix' || kind === 'apply');
