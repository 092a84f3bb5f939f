import { MINUTE_MS } from '../../quantity/timeUnits.js';
import type { Dwell } from '../../treatment/plan/action.js';
import type { RunTimer } from '../runState.js';

/** Absolute times of a dwell that starts at `at`: ready, latest, and each look-in before the latest end. */
export function startTimer(actionId: string, dwell: Dwell, at: string): RunTimer {
  const startMs = Date.parse(at);
  const after = (minutes: number) => new Date(startMs + minutes * MINUTE_MS).toISOString();
  const looks = Math.max(0, Math.ceil(dwell.maxMin / dwell.lookEveryMin) - 1);
  return {
    actionId,
    startedAt: at,
    // What it is aimed for here is when it is ready; the least is only when a look may end it early.
    readyAt: after(dwell.aimMin ?? dwell.minMin),
    latestAt: after(dwell.maxMin),
    pausedAt: null,
    lookAts: Array.from({ length: looks }, (_, index) => after((index + 1) * dwell.lookEveryMin)),
  };
}
