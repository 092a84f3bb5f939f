import {
  AGE_FACTOR,
  FLUSH_AGE_FACTOR,
  HEAT_FACTOR,
  MACHINE_OXYGEN_FACTOR,
  type Mechanism,
  type Method,
  OXYGEN_WARMTH,
  type SoilComponent,
  SPOT_PEROXIDE_FACTOR,
  TRIED_IN_VAIN_FACTOR,
} from '@feverfew/knowledge';
import type { Heat } from '../../../trouble/troubleFacts.js';
import type { WorkMark } from '../../../trouble/workMarks.js';
import type { PlanContext } from '../../case/planContext.js';

/** Share of the whole trouble that one round removes, as a range. Both within 0–1. */
export interface ExpectedEffect {
  readonly low: number;
  readonly high: number;
}

export interface MarkEffect extends ExpectedEffect {
  readonly markId: string;
}

/** Effect on all troubles together, each counting alike, and on each by itself. */
export interface WholeEffect extends ExpectedEffect {
  readonly byMark: readonly MarkEffect[];
}

/**
 * Per trouble Σ over components of weight × (1 − Π over mechanisms of (1 − share removed)), lowered by age, heat,
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
    for (const { component, weight } of work.components) {
      const share = removedShare(component, mechanisms, method, bathTempC, work, context);
      low += weight * share.low;
      high += weight * share.high;
    }
    return { markId: work.mark.id, low: roundShare(low * factor), high: roundShare(high * factor) };
  });
  const mean = (end: 'low' | 'high') =>
    roundShare(byMark.reduce((sum, part) => sum + part[end], 0) / Math.max(1, byMark.length));
  return { low: mean('low'), high: mean('high'), byMark };
}

export function mechanismsOf(method: Method, { index }: PlanContext): ReadonlySet<Mechanism> {
  return index.factsOf(method).mechanisms;
}

/** Share of one component that a method takes, with the mechanisms that do it. */
export function removedShare(
  component: SoilComponent,
  mechanisms: ReadonlySet<Mechanism>,
  method: Method,
  bathTempC: number,
  { kinds }: WorkMark,
  { facts }: PlanContext,
): ExpectedEffect {
  // Yellowing and build-up are old by nature: their shares are already those of old soil.
  const ages = kinds.has('mark') || kinds.has('odour') || kinds.has('dyeRun');
  const odds = (ages ? AGE_FACTOR[facts.age] : 1) * (component.heatSets ? HEAT_FACTOR[heatOn(facts)] : 1);
  let leftAtBest = 1;
  let leftAtWorst = 1;
  for (const { mechanism, low, high } of component.removal) {
    if (!mechanisms.has(mechanism)) continue;
    const share = odds * conditionFactor(mechanism, method, bathTempC, ages ? facts.age : 'hours');
    leftAtBest *= 1 - high * share;
    leftAtWorst *= 1 - low * share;
  }
  return { low: 1 - leftAtWorst, high: 1 - leftAtBest };
}

function conditionFactor(
  mechanism: Mechanism,
  method: Method,
  bathTempC: number,
  age: keyof typeof FLUSH_AGE_FACTOR,
): number {
  if (mechanism === 'flush') return FLUSH_AGE_FACTOR[age];
  if (mechanism !== 'oxidation') return 1;
  if (method.wetting !== 'immersion') return SPOT_PEROXIDE_FACTOR;
  return oxygenWarmth(bathTempC) * (method.inMachine ? MACHINE_OXYGEN_FACTOR : 1);
}

/** Heat told outright, or that came with a product tried hot. */
export function heatOn({ heat, tried }: PlanContext['facts']): Heat {
  return heat === 'none' && tried.some((product) => product.hot) ? 'hotWash' : heat;
}

/** What was on it before to no effect will not do much more now. */
function triedFactor(method: Method, { facts }: PlanContext): number {
  const inVain = facts.tried.some(
    (product) => product.effect === 'nothing' && method.agents.some((use) => use.agentId === product.agentId),
  );
  return inVain ? TRIED_IN_VAIN_FACTOR : 1;
}

const oxygenWarmth = (tempC: number): number =>
  OXYGEN_WARMTH.find((step) => tempC >= step.fromC)?.factor ?? 0;

/** Two decimals: the figures are estimates, and equal input must give byte-equal output. */
const roundShare = (share: number): number => Math.round(Math.min(0.97, share) * 100) / 100;
