import {
  AGE_FACTOR,
  type Age,
  FLUSH_AGE_FACTOR,
  HEAT_FACTOR,
  type Mechanism,
  type Rate,
  type SoilComponent,
  type Wetting,
} from '@feverfew/knowledge';
import type { ExpectedEffect } from './effectRange.js';
import { rateFor } from './rateFor.js';
import { equivalentMinutes, type TimedWork } from './timedWork.js';

/** How a method works on a soil: how wet, how long, warm and strong, and what the soil has been through. */
export interface WorkConditions {
  readonly wetting: Wetting;
  /** At its least and at its most: time, warmth and strength of a bath are a range. */
  readonly work: { readonly least: TimedWork; readonly most: TimedWork };
  /** null for soils that are old by nature: their shares are already those of old soil. */
  readonly age: Age | null;
  readonly heat: keyof typeof HEAT_FACTOR;
}

/**
 * Share of one component that these mechanisms take in one round, 0–1: 1 − Π over mechanisms of (1 − share), each
 * share = what it can take at all · (1 − 2^(−equivalent minutes / half-time)). Low: least work at the slowest half;
 * high: most work at the quickest.
 */
export function removedShare(
  component: SoilComponent,
  mechanisms: ReadonlySet<Mechanism>,
  conditions: WorkConditions,
  rates: readonly Rate[],
): ExpectedEffect {
  const { wetting, work } = conditions;
  let leftAtBest = 1;
  let leftAtWorst = 1;
  for (const { mechanism, low, high } of component.removal) {
    if (!mechanisms.has(mechanism)) continue;
    const rate = rateFor(rates, mechanism, component.id, wetting);
    if (!rate) continue;
    const odds = oddsOf(component, rate, conditions);
    leftAtWorst *= 1 - low * odds * doneShare(equivalentMinutes(rate, work.least), rate.halfMin.high);
    leftAtBest *= 1 - high * odds * doneShare(equivalentMinutes(rate, work.most), rate.halfMin.low);
  }
  return { low: 1 - leftAtWorst, high: 1 - leftAtBest };
}

/** What age and heat leave of what this mechanism could take of the component, 0–1. */
export const oddsOf = (component: SoilComponent, rate: Rate, conditions: WorkConditions): number =>
  (component.heatSets ? HEAT_FACTOR[conditions.heat] : 1) * ageFactor(rate, conditions);

/** Of what can be taken at all, this share is gone. @param minutes equivalent minutes from 0 */
export const doneShare = (minutes: number, halfMin: number): number => 1 - 2 ** (-minutes / halfMin);

function ageFactor(rate: Rate, { age }: WorkConditions): number {
  const all = age === null ? 1 : AGE_FACTOR[age];
  if (rate.mechanism === 'flush') return all * FLUSH_AGE_FACTOR[age ?? 'hours'];
  return all * (age === 'weeks' || age === 'months' ? rate.boundAfterWeeks : 1);
}
