import {
  AGE_FACTOR,
  type Age,
  FLUSH_AGE_FACTOR,
  HEAT_FACTOR,
  MACHINE_OXYGEN_FACTOR,
  type Mechanism,
  type Method,
  OXYGEN_WARMTH,
  type SoilComponent,
  SPOT_PEROXIDE_FACTOR,
} from '@feverfew/knowledge';
import type { ExpectedEffect } from './effectRange.js';

/** How a method works on a soil: where and how warm, and what the soil has been through. */
export interface WorkConditions {
  readonly wetting: Method['wetting'];
  readonly inMachine: boolean;
  readonly bathTempC: number;
  /** null for soils that are old by nature: their shares are already those of old soil. */
  readonly age: Age | null;
  readonly heat: keyof typeof HEAT_FACTOR;
}

/**
 * Share of one component that these mechanisms take in one round: 1 − Π over mechanisms of (1 − share removed),
 * 0–1.
 */
export function removedShare(
  component: SoilComponent,
  mechanisms: ReadonlySet<Mechanism>,
  conditions: WorkConditions,
): ExpectedEffect {
  const { age, heat } = conditions;
  const odds = (age === null ? 1 : AGE_FACTOR[age]) * (component.heatSets ? HEAT_FACTOR[heat] : 1);
  let leftAtBest = 1;
  let leftAtWorst = 1;
  for (const { mechanism, low, high } of component.removal) {
    if (!mechanisms.has(mechanism)) continue;
    const share = odds * conditionFactor(mechanism, conditions);
    leftAtBest *= 1 - high * share;
    leftAtWorst *= 1 - low * share;
  }
  return { low: 1 - leftAtWorst, high: 1 - leftAtBest };
}

function conditionFactor(
  mechanism: Mechanism,
  { wetting, inMachine, bathTempC, age }: WorkConditions,
): number {
  if (mechanism === 'flush') return FLUSH_AGE_FACTOR[age ?? 'hours'];
  if (mechanism !== 'oxidation') return 1;
  if (wetting !== 'immersion') return SPOT_PEROXIDE_FACTOR;
  return oxygenWarmth(bathTempC) * (inMachine ? MACHINE_OXYGEN_FACTOR : 1);
}

const oxygenWarmth = (tempC: number): number =>
  OXYGEN_WARMTH.find((step) => tempC >= step.fromC)?.factor ?? 0;
