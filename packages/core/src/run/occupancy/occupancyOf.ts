import type { Occupancy } from '../../household/occupancy.js';
import { MINUTE_MS } from '../../quantity/timeUnits.js';
import { occupations, type RunAtWork } from './clashesOf.js';

/** Occupancy of all active runs at this moment, and for how long as far as known. */
export function occupancyOf(runs: readonly RunAtWork[], nowMs: number): Occupancy {
  const vesselsFreeInMin: Record<string, number> = {};
  let machineFreeInMin: number | null = null;
  const inUse = runs.flatMap((run) => occupations(run, nowMs)).filter(({ fromMs }) => fromMs <= nowMs);
  for (const { vesselId, toMs } of inUse) {
    const minutes = Math.max(1, Math.ceil((toMs - nowMs) / MINUTE_MS));
    if (vesselId === null) machineFreeInMin = Math.max(minutes, machineFreeInMin ?? 0);
    else vesselsFreeInMin[vesselId] = Math.max(minutes, vesselsFreeInMin[vesselId] ?? 0);
  }
  return { vesselsFreeInMin, machineFreeInMin };
}
