import { type Method, MOST_OF_A_ROUND, TRIED_IN_VAIN_FACTOR } from '@feverfew/knowledge';
import type { WholeEffect } from '../../../effect/effectRange.js';
import { removedShare, type WorkConditions } from '../../../effect/removedShare.js';
import type { Heat } from '../../../trouble/troubleFacts.js';
import type { WorkMark } from '../../../trouble/workMarks.js';
import type { PlanContext } from '../../case/planContext.js';

/**
 * Per trouble Σ over components of weight × the share removed of each, lowered by age, heat,
 * a cool bath and what was tried in vain. Shares are estimates from memory, kept with the soil components.
 */
export function expectedEffect(
  method: Method,
  bathTempC: number,
  context: PlanContext,
  standInFactor = 1,
): WholeEffect {
  const mechanisms = context.index.factsOf(method).mechanisms;
  const factor = standInFactor * triedFactor(method, context);
  const byMark = context.marks.map((work) => {
    let low = 0;
    let high = 0;
    const conditions = conditionsOf(method, bathTempC, work, context);
    for (const { component, weight } of work.components) {
      const share = removedShare(component, mechanisms, conditions);
      low += weight * share.low;
      high += weight * share.high;
    }
    return { markId: work.mark.id, low: roundShare(low * factor), high: roundShare(high * factor) };
  });
  const mean = (end: 'low' | 'high') =>
    roundShare(byMark.reduce((sum, part) => sum + part[end], 0) / Math.max(1, byMark.length));
  return { low: mean('low'), high: mean('high'), byMark };
}

/** How a method works on one trouble here. Yellowing and build-up are old by nature. */
export function conditionsOf(
  { wetting, inMachine }: Method,
  bathTempC: number,
  { kinds }: WorkMark,
  { facts }: PlanContext,
): WorkConditions {
  const ages = kinds.has('mark') || kinds.has('odour') || kinds.has('dyeRun');
  return { wetting, inMachine, bathTempC, age: ages ? facts.age : null, heat: heatOn(facts) };
}

/** Heat told outright, or that came with a product tried hot. */
function heatOn({ heat, tried }: PlanContext['facts']): Heat {
  return heat === 'none' && tried.some((product) => product.hot) ? 'hotWash' : heat;
}

/** What was on it before to no effect will not do much more now. */
function triedFactor(method: Method, { facts }: PlanContext): number {
  const inVain = facts.tried.some(
    (product) => product.effect === 'nothing' && method.agents.some((use) => use.agentId === product.agentId),
  );
  return inVain ? TRIED_IN_VAIN_FACTOR : 1;
}

/** Two decimals: the figures are estimates, and equal input must give byte-equal output. */
const roundShare = (share: number): number => Math.round(Math.min(MOST_OF_A_ROUND, share) * 100) / 100;
