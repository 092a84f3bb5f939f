import type { Method } from '@feverfew/knowledge';
import { bleachRate } from '../../bath/oxygen/oxygenActivity.js';
import { toFive, toHundredth } from '../../quantity/rounding.js';
import type { WorkWindow } from '../assess/workWindow.js';

/**
 * Minutes to aim for inside the window of a peroxygen bath: the shortest time is for its warmest water and middle dose;
 * a cooler or weaker bath needs longer, by the rate of bleaching. `share` is what the longest time allowed then
 * reaches of it.
 */
export function aimedDwell(
  method: Method,
  { dwellMin, tempC, doseMost }: WorkWindow,
): { minutes: number; share: number } | null {
  const dose = method.agents.find((use) => use.dose.per === 'litre')?.dose;
  if (dose?.per !== 'litre' || dwellMin.min === dwellMin.max) return null;
  const { low, high } = dose.amount;
  const strength = (low + (low + (high - low) * doseMost)) / (low + high);
  const slower = bleachRate(method.tempC.max).likely / bleachRate(tempC.target).likely / strength;
  const wanted = dwellMin.min * slower;
  return {
    minutes: toFive(Math.min(dwellMin.max, Math.max(dwellMin.min, wanted))),
    share: Math.min(1, toHundredth(dwellMin.max / wanted)),
  };
}
