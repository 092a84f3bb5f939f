import { AIMED_SHARE } from '@feverfew/knowledge';
import { doneShare } from '../../effect/removedShare.js';
import { equivalentMinutes, minutesFor } from '../../effect/timedWork.js';
import { toFive, toHundredth } from '../../quantity/rounding.js';
import { timedWorkOf } from '../assess/effect/timedWorkOf.js';
import type { PlanContext } from '../case/planContext.js';
import type { RecipeFor } from './recipe.js';

/**
 * Minutes to aim for inside the window of a peroxygen bath: until it has taken `AIMED_SHARE` of what it can take at
 * all, in this tub as it cools and fades. `share` is what the longest time allowed reaches of that.
 */
export function aimedDwell(
  { method, standIn, window }: RecipeFor,
  context: PlanContext,
): { minutes: number; share: number } | null {
  const { min, max } = window.dwellMin;
  const rate = context.knowledge.rates.find(
    ({ strength, wettings }) => strength.by === 'oxygenRoot' && wettings.includes(method.wetting),
  );
  if (!rate || min === max || method.inMachine) return null;
  const { most } = timedWorkOf(method, standIn, window, context);
  const wanted = -Math.log2(1 - AIMED_SHARE) * rate.halfMin.likely;
  const minutes = minutesFor(wanted, rate, most);
  return {
    minutes: toFive(Math.min(max, Math.max(min, minutes ?? max))),
    share: Math.min(
      1,
      toHundredth(doneShare(equivalentMinutes(rate, most), rate.halfMin.likely) / AIMED_SHARE),
    ),
  };
}
