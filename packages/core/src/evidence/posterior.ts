import type { ExpectedEffect } from '../effect/effectRange.js';
import { type Beta, betaMean, betaQuantile } from './beta.js';
import { type Cell, type Dwells, type Evidence, hasWorked, removedInTime, usesFor } from './evidence.js';

/** What the book says, what the household saw, and what both together say of one round. */
export interface Posterior {
  readonly prior: ExpectedEffect;
  readonly priorBeta: Beta;
  readonly beta: Beta;
  readonly mean: number;
  /** Eight times in ten it lies between these. */
  readonly low: number;
  readonly high: number;
  /** Uses of the method on this soil that say something here. */
  readonly uses: number;
  readonly worked: number;
  /** Their weight here. */
  readonly weight: number;
}

/** The range of the book is read as its middle eight tenths. z of 0.9 of the standard normal (handbook value). */
const RANGE_TAIL = 0.1;
const Z_OF_RANGE = 1.2816;
/** How many uses the book is worth, at least and at most: a household may overrule it within a handful. From memory. */
const BOOK_WORTH = { min: 2, max: 6 } as const;

/**
 * Beta of a range: the mean in its middle, spread so that it holds about eight tenths, worth 2 to 6 uses.
 * @param range shares removed per round, 0–1
 */
export function betaOfRange({ low, high }: ExpectedEffect): Beta {
  const mean = Math.min(0.98, Math.max(0.02, (low + high) / 2));
  const deviation = Math.max(0.01, (high - low) / (2 * Z_OF_RANGE));
  const worth = (mean * (1 - mean)) / deviation ** 2 - 1;
  const uses = Math.min(BOOK_WORTH.max, Math.max(BOOK_WORTH.min, worth));
  return { a: mean * uses, b: (1 - mean) * uses };
}

/**
 * Book and log together: each use adds the share that a round took to the one side and what stayed to the other
 * (a Beta–binomial update with fractional counts: exact for “all” and “nothing”, a quasi-likelihood between).
 * Without uses, the range of the book stays as it is.
 */
export function posteriorOf(
  prior: ExpectedEffect,
  cell: Cell,
  evidence: Evidence,
  dwells: Dwells | null = null,
): Posterior {
  const weighed = usesFor(cell, evidence);
  const priorBeta = betaOfRange(prior);
  let { a, b } = priorBeta;
  let weight = 0;
  for (const { use, weight: counts } of weighed) {
    const removed = removedInTime(use, dwells);
    a += counts * removed;
    b += counts * (1 - removed);
    weight += counts;
  }
  const beta = { a, b };
  const none = weighed.length === 0;
  return {
    prior,
    priorBeta,
    beta,
    mean: none ? (prior.low + prior.high) / 2 : betaMean(beta),
    low: none ? prior.low : betaQuantile(RANGE_TAIL, beta),
    high: none ? prior.high : betaQuantile(1 - RANGE_TAIL, beta),
    uses: weighed.length,
    worked: weighed.filter(({ use }) => hasWorked(use)).length,
    weight,
  };
}
