import { MAX_OF_A_ROUND } from '@feverfew/knowledge';
import { leftAfter, type WorkedShare, workedShares } from '../../effect/workedShares.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import { historyOf, triedFactor } from '../assess/effect/expectedEffect.js';
import { timedWorkOf } from '../assess/effect/timedWorkOf.js';
import type { PlanContext } from '../case/planContext.js';
import type { Gone } from '../plan/round.js';

/** What has worked on each component of each trouble, in the order of `context.marks`. */
export type Worked = readonly (readonly (readonly WorkedShare[])[])[];

/** Nothing done yet. */
export const untouched = ({ marks }: PlanContext): Worked =>
  marks.map(({ components }) => components.map(() => []));

const worked = new WeakMap<EligibleMethod, Worked>();

/** What a method does by itself, the household's own log counted in. Asked often of one method in one plan. */
export function workOf(eligible: EligibleMethod, context: PlanContext): Worked {
  const known = worked.get(eligible);
  if (known) return known;
  const made = workedBy(eligible, context);
  worked.set(eligible, made);
  return made;
}

function workedBy({ method, standIn, window, effect, book }: EligibleMethod, context: PlanContext): Worked {
  const { mechanisms } = context.index.factsOf(method);
  const work = timedWorkOf(method, standIn, window, context);
  const ofLog = book.high > 0 ? (effect.low + effect.high) / (book.low + book.high) : 1;
  const factor = (standIn?.effectFactor ?? 1) * triedFactor(method, context) * ofLog;
  return context.marks.map((mark) => {
    const conditions = { wetting: method.wetting, work, ...historyOf(mark, context) };
    return mark.components.map(({ component }) =>
      workedShares(component, mechanisms, conditions, context.knowledge.rates, factor),
    );
  });
}

export const added = (before: Worked, more: Worked): Worked =>
  before.map((mark, m) => mark.map((shares, c) => [...shares, ...(more[m]?.[c] ?? [])]));

/** The same where it may be left out: at the least it takes nothing. */
export const atBest = (work: Worked): Worked => work.map((mark) => mark.map((shares) => shares.map(leftOut)));
const leftOut = ({ mechanism, ceiling, halves }: WorkedShare): WorkedShare => ({
  mechanism,
  ceiling: { low: 0, high: ceiling.high },
  halves: { low: 0, high: halves.high },
});

/** How much is gone after all this, from the start. */
export function goneAfter(worked: Worked, { marks }: PlanContext): Gone {
  const byMark = marks.map(({ mark, components }, m) => {
    let low = 0;
    let high = 0;
    components.forEach(({ weight }, c) => {
      const left = leftAfter(worked[m]?.[c] ?? []);
      low += weight * (1 - left.high);
      high += weight * (1 - left.low);
    });
    return { markId: mark.id, ...asKnown(low, high) };
  });
  const mean = (end: 'low' | 'high') =>
    byMark.reduce((sum, part) => sum + part[end], 0) / Math.max(1, byMark.length);
  return { all: asKnown(mean('low'), mean('high')), byMark };
}

/** Known no closer than this, 0–1: our own choice. Two ends shown in steps of five then never read alike. */
const MIN_SPREAD = 0.06;

/** The ends of an estimate, about the same middle, no closer than can be known. Next to nothing stays as it is. */
function asKnown(low: number, high: number): { readonly low: number; readonly high: number } {
  const mean = (low + high) / 2;
  if (mean < MIN_SPREAD / 2 || high - low >= MIN_SPREAD) return { low: share(low), high: share(high) };
  return { low: share(mean - MIN_SPREAD / 2), high: share(mean + MIN_SPREAD / 2) };
}

/** Two decimals: the figures are estimates, and equal input must give byte-equal output. */
const share = (value: number): number => Math.round(100 * Math.max(0, Math.min(MAX_OF_A_ROUND, value))) / 100;

export const middle = ({ low, high }: { readonly low: number; readonly high: number }): number =>
  (low + high) / 2;

/** The most that one trouble gains between two states, by the middles of the ranges, 0–1. */
export const gainOf = (before: Gone, after: Gone): number =>
  Math.max(
    0,
    ...after.byMark.map((part, m) => middle(part) - middle(before.byMark[m] ?? { low: 0, high: 0 })),
  );

/** The least that is gone of any trouble, by the middle of its range, 0–1. */
export const leastGone = ({ byMark }: Gone): number => Math.min(1, ...byMark.map(middle));
