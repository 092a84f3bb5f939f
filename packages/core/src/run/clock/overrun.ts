import { MINUTE_MS } from '../../quantity/timeUnits.js';
import type { Action, Dwell } from '../../treatment/plan/action.js';
import type { RunTimer } from '../runState.js';

/** What to do once a wait has run past its latest end. Words for each stand in `OVERRUN_WORDS`. */
export const OVERRUNS = ['wetAgain', 'rinseAndAgain', 'takeOutRinse', 'rinseAtOnce', 'noHarm'] as const;
export type Overrun = (typeof OVERRUNS)[number];

export interface OverrunView {
  readonly rule: Overrun;
  readonly overMin: number;
}

/**
 * Dried for half an hour, or half its longest time, it is wetted and goes on; longer, it is rinsed off. Common
 * practice, no source.
 */
const STILL_WETTABLE = { shareOfMost: 0.5, atLeastMin: 30 } as const;

/** @returns null while the latest end is still ahead */
export function overrunOf(action: Action, timer: RunTimer, nowMs: number): OverrunView | null {
  if (!action.dwell) return null;
  const overMin = Math.floor((nowMs - Date.parse(timer.latestAt)) / MINUTE_MS);
  return nowMs < Date.parse(timer.latestAt) ? null : { rule: ruleFor(action.dwell, overMin), overMin };
}

function ruleFor({ keep, attended, maxMin }: Dwell, overMin: number): Overrun {
  if (attended) return 'rinseAtOnce';
  if (keep === 'letDry') return 'noHarm';
  if (keep === 'wet') {
    const { shareOfMost, atLeastMin } = STILL_WETTABLE;
    return overMin <= Math.max(atLeastMin, maxMin * shareOfMost) ? 'wetAgain' : 'rinseAndAgain';
  }
  return keep === 'covered' ? 'takeOutRinse' : 'noHarm';
}
