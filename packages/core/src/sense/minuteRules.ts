import { BATH_MINUTES, SPOT_MINUTES } from '@feverfew/knowledge';
import type { SenseCase } from './senseCase.js';
import type { SenseFault } from './senseFault.js';

/** A tenth past a band still counts: a clock is read no more exactly. */
const TOLERANCE = 0.1;

/** Minutes of working outside the band of what is put on. */
export const findMinutesOutside = ({ steps }: SenseCase): SenseFault[] =>
  steps.flatMap(({ id, pass, method, chemistries, isSoak }): SenseFault[] => {
    const dwell = pass.actions.find((action) => action.dwell)?.dwell;
    if (!dwell || method.inMachine) return [];
    const [low, high] = dwell.aimMin === null ? [dwell.minMin, dwell.maxMin] : [dwell.aimMin, dwell.aimMin];
    const { min, max } = method.dwellMin;
    const isOf = (least: number, most: number): SenseFault[] =>
      high < least * (1 - TOLERANCE) || low > most * (1 + TOLERANCE)
        ? [{ kind: 'minutesOutside', where: id, text: `${low}–${high} min, usual ${least} to ${most}` }]
        : [];
    const ofMethod = isOf(Math.min(min, 1), max);
    if (ofMethod.length > 0) return ofMethod;
    const bands = isSoak ? BATH_MINUTES : method.wetting === 'immersion' ? {} : SPOT_MINUTES;
    const of = Object.entries(bands).filter(([chemistry]) => chemistries.has(chemistry));
    // A paste that is left to dry works for hours.
    if (of.length === 0 || dwell.keep === 'letDry') return [];
    const least = Math.min(...of.map(([, [low]]) => low));
    const most = Math.max(...of.map(([, [, high]]) => high));
    return isOf(least, most);
  });
