import type { Action } from '../plan/action.js';
import type { Minutes } from '../plan/round.js';

/** How long actions take together: hands at work, and the waits, lot by lot. */
export function minutesOf(actions: readonly Action[]): Minutes {
  let low = 0;
  let likely = 0;
  let high = 0;
  for (const { handsOnMin, batches, dwell } of actions) {
    const hands = handsOnMin * batches;
    low += hands + (dwell?.minMin ?? 0) * batches;
    likely += hands + (dwell ? (dwell.aimMin ?? usual(dwell.minMin, dwell.maxMin)) : 0) * batches;
    high += hands + (dwell?.maxMin ?? 0) * batches;
  }
  return { low, likely: Math.round(likely), high };
}

/** Between the least and the most, nearer to the least: people wait less than they may. */
const usual = (min: number, max: number): number => min + (max - min) / 3;

export const plus = (one: Minutes, other: Minutes): Minutes => ({
  low: one.low + other.low,
  likely: one.likely + other.likely,
  high: one.high + other.high,
});

export const NO_MINUTES: Minutes = { low: 0, likely: 0, high: 0 };

export const handsOnOf = (actions: readonly Action[]): number =>
  actions.reduce((sum, { handsOnMin, batches }) => sum + handsOnMin * batches, 0);
