import {
  AGE_FACTOR,
  HEAT_FACTOR,
  type Mechanism,
  type Method,
  OXYGEN_WARMTH,
  type SoilComponent,
  SPOT_PEROXIDE_FACTOR,
} from '@feverfew/knowledge';
import { agentById, type PlanContext } from './context.js';

/** Share of the whole trouble that one round removes, as a range. Both within 0–1. */
export interface ExpectedEffect {
  readonly low: number;
  readonly high: number;
}

/**
 * Σ over components of weight × (1 − Π over mechanisms of (1 − share removed)), lowered by age, heat and a cool bath.
 * Shares are estimates from memory, kept with the soil components.
 */
export function expectedEffect(method: Method, bathTempC: number, context: PlanContext): ExpectedEffect {
  const mechanisms = mechanismsOf(method, context);
  const parts = context.mark.components.map(({ componentId, weight }) => {
    const component = context.knowledge.components.find((candidate) => candidate.id === componentId);
    const share = component
      ? removedShare(component, mechanisms, method, bathTempC, context)
      : { low: 0, high: 0 };
    return { low: weight * share.low, high: weight * share.high };
  });
  const total = (end: 'low' | 'high') => roundShare(parts.reduce((sum, part) => sum + part[end], 0));
  return { low: total('low'), high: total('high') };
}

export function mechanismsOf(method: Method, { knowledge }: PlanContext): ReadonlySet<Mechanism> {
  return new Set([
    ...method.extraMechanisms,
    ...method.agents.flatMap((use) => agentById(knowledge, use.agentId).mechanisms),
  ]);
}

function removedShare(
  component: SoilComponent,
  mechanisms: ReadonlySet<Mechanism>,
  method: Method,
  bathTempC: number,
  { facts, mark }: PlanContext,
): ExpectedEffect {
  // Yellowing and build-up are old by nature: their shares are already those of old soil.
  const ages = mark.kind === 'mark' || mark.kind === 'odour' || mark.kind === 'dyeRun';
  const odds = (ages ? AGE_FACTOR[facts.age] : 1) * (component.heatSets ? HEAT_FACTOR[facts.heat] : 1);
  let leftAtBest = 1;
  let leftAtWorst = 1;
  for (const { mechanism, low, high } of component.removal) {
    if (!mechanisms.has(mechanism)) continue;
    const warmth =
      mechanism !== 'oxidation'
        ? 1
        : method.wetting === 'immersion'
          ? oxygenWarmth(bathTempC)
          : SPOT_PEROXIDE_FACTOR;
    leftAtBest *= 1 - high * odds * warmth;
    leftAtWorst *= 1 - low * odds * warmth;
  }
  return { low: 1 - leftAtWorst, high: 1 - leftAtBest };
}

const oxygenWarmth = (tempC: number): number =>
  OXYGEN_WARMTH.find((step) => tempC >= step.fromC)?.factor ?? 0;

/** Two decimals: the figures are estimates, and equal input must give byte-equal output. */
const roundShare = (share: number): number => Math.round(Math.min(0.97, share) * 100) / 100;
