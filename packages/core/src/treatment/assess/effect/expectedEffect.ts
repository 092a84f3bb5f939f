import { MAX_OF_A_ROUND, type Method, type Substitution, TRIED_IN_VAIN_FACTOR } from '@feverfew/knowledge';
import type { WholeEffect } from '../../../effect/effectRange.js';
import { removedShare, type WorkConditions } from '../../../effect/removedShare.js';
import type { Heat } from '../../../trouble/troubleFacts.js';
import type { WorkMark } from '../../../trouble/workMarks.js';
import type { PlanContext } from '../../case/planContext.js';
import { triedInVain } from '../../case/triedInVain.js';
import type { WorkWindow } from '../workWindow.js';
import { timedWorkOf } from './timedWorkOf.js';

/**
 * Per trouble Σ over components of weight × the share removed of each in the time, warmth and strength there are,
 * lowered by age, heat and what was tried in vain. What can be removed at all is with the soil components, how
 * quickly in the rates.
 */
export function expectedEffect(
  method: Method,
  standIn: Substitution | null,
  window: WorkWindow,
  context: PlanContext,
): WholeEffect {
  const mechanisms = context.index.factsOf(method).mechanisms;
  const factor = (standIn?.effectFactor ?? 1) * triedFactor(method, context);
  const work = timedWorkOf(method, standIn, window, context);
  const byMark = context.marks.map((mark) => {
    let low = 0;
    let high = 0;
    const conditions = { wetting: method.wetting, work, ...historyOf(mark, context) };
    for (const { component, weight } of mark.components) {
      const share = removedShare(component, mechanisms, conditions, context.knowledge.rates);
      low += weight * share.low;
      high += weight * share.high;
    }
    return { markId: mark.mark.id, low: roundShare(low * factor), high: roundShare(high * factor) };
  });
  const mean = (end: 'low' | 'high') =>
    roundShare(byMark.reduce((sum, part) => sum + part[end], 0) / Math.max(1, byMark.length));
  return { low: mean('low'), high: mean('high'), byMark };
}

/** What one trouble has been through. Yellowing and build-up are old by nature. */
export function historyOf({ kinds }: WorkMark, { facts }: PlanContext): Pick<WorkConditions, 'age' | 'heat'> {
  const ages = kinds.has('mark') || kinds.has('odour') || kinds.has('dyeRun');
  return { age: ages ? facts.age : null, heat: heatOn(facts) };
}

/** Heat entered outright, or implied by a product tried hot. */
function heatOn({ heat, tried }: PlanContext['facts']): Heat {
  return heat === 'none' && tried.some((product) => product.hot) ? 'hotWash' : heat;
}

/** What was on it before to no effect will not do much more now. */
export const triedFactor = (method: Method, context: PlanContext): number =>
  triedInVain(context.index.factsOf(method).agents, context) ? TRIED_IN_VAIN_FACTOR : 1;

/** Two decimals: the figures are estimates, and equal input must give byte-equal output. */
const roundShare = (share: number): number => Math.round(Math.min(MAX_OF_A_ROUND, share) * 100) / 100;
