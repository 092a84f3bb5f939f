import { removedShare } from '../../effect/removedShare.js';
import { toHundredth } from '../../quantity/rounding.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import { historyOf } from '../assess/effect/expectedEffect.js';
import { timedWorkOf } from '../assess/effect/timedWorkOf.js';
import type { PlanContext } from '../case/planContext.js';
import type { Act } from '../plan/pass.js';

/** Acts below this share per round are not worth naming. */
const MIN_ACT = 0.1;

/** What a method does to each component of the troubles, and by what. */
export function actsOf({ method, standIn, window }: EligibleMethod, context: PlanContext): Act[] {
  const mechanisms = context.index.factsOf(method).mechanisms;
  const work = timedWorkOf(method, standIn, window, context);
  const seen = new Set<string>();
  return context.marks.flatMap((mark) => {
    const conditions = { wetting: method.wetting, work, ...historyOf(mark, context) };
    return mark.components.flatMap(({ component }): Act[] => {
      if (seen.has(component.id)) return [];
      seen.add(component.id);
      const { low, high } = removedShare(component, mechanisms, conditions, context.knowledge.rates);
      if (high < MIN_ACT) return [];
      const through = component.removal
        .filter((removal) => mechanisms.has(removal.mechanism))
        .sort((a, b) => b.high - a.high)
        .map((removal) => removal.mechanism);
      return [
        { componentId: component.id, mechanisms: through, low: toHundredth(low), high: toHundredth(high) },
      ];
    });
  });
}
