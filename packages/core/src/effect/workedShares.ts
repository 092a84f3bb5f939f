import type { Mechanism, Rate, SoilComponent } from '@feverfew/knowledge';
import type { ExpectedEffect } from './effectRange.js';
import { rateFor } from './rateFor.js';
import { oddsOf, type WorkConditions } from './removedShare.js';
import { equivalentMinutes } from './timedWork.js';

/**
 * What one mechanism does to one component in one pass: what it can take at all (0–1), and how many half-times it
 * works, at its least and at its most.
 */
export interface WorkedShare {
  readonly mechanism: Mechanism;
  readonly ceiling: ExpectedEffect;
  readonly halves: ExpectedEffect;
}

/** Every mechanism of a pass that moves this component. @param factor lowers what can be taken, 0–1 */
export function workedShares(
  component: SoilComponent,
  mechanisms: ReadonlySet<Mechanism>,
  conditions: WorkConditions,
  rates: readonly Rate[],
  factor: number,
): WorkedShare[] {
  return component.removal.flatMap(({ mechanism, low, high }) => {
    if (!mechanisms.has(mechanism)) return [];
    const rate = rateFor(rates, mechanism, component.id, conditions.wetting);
    if (!rate) return [];
    const odds = oddsOf(component, rate, conditions) * factor;
    return [
      {
        mechanism,
        ceiling: { low: low * odds, high: high * odds },
        halves: {
          low: equivalentMinutes(rate, conditions.work.least) / rate.halfMin.high,
          high: equivalentMinutes(rate, conditions.work.most) / rate.halfMin.low,
        },
      },
    ];
  });
}

/**
 * What several passes leave of a component, 0–1. A mechanism that comes again works on towards the same ceiling, it
 * does not begin again; different mechanisms take of what the others leave.
 * @returns `low` is what is left at best, `high` what is left at worst
 */
export function leftAfter(shares: readonly WorkedShare[]): ExpectedEffect {
  const sums = new Map<Mechanism, WorkedShare>();
  for (const one of shares) {
    const before = sums.get(one.mechanism);
    sums.set(one.mechanism, before ? together(before, one) : one);
  }
  let low = 1;
  let high = 1;
  for (const { ceiling, halves } of sums.values()) {
    low *= 1 - ceiling.high * (1 - 2 ** -halves.high);
    high *= 1 - ceiling.low * (1 - 2 ** -halves.low);
  }
  return { low, high };
}

const together = (one: WorkedShare, other: WorkedShare): WorkedShare => ({
  mechanism: one.mechanism,
  ceiling: {
    low: Math.max(one.ceiling.low, other.ceiling.low),
    high: Math.max(one.ceiling.high, other.ceiling.high),
  },
  halves: { low: one.halves.low + other.halves.low, high: one.halves.high + other.halves.high },
});
