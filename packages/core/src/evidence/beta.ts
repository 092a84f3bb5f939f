import { requireWithin } from '../quantity/domainError.js';

/** Shape parameters of a Beta distribution, both above 0. */
export interface Beta {
  readonly a: number;
  readonly b: number;
}

const SHAPE = { min: 1e-3, max: 1e6 } as const;

/** Lanczos coefficients, g = 7, n = 9; relative error below 1e-13 (recalled). */
const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
] as const;

/** ln Γ(x) for x ≥ 0.5, by Lanczos' series; below, by reflection. @throws outOfRange for x outside 1e-3 … 2e6 */
export function logGamma(x: number): number {
  requireWithin('x of ln Γ', x, SHAPE.min, 2 * SHAPE.max);
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - logGamma(1 - x);
  const t = x - 1 + 7.5;
  const sum = LANCZOS.reduce<number>(
    (total, c, i) => (i === 0 ? total : total + c / (x - 1 + i)),
    LANCZOS[0],
  );
  return 0.5 * Math.log(2 * Math.PI) + (x - 0.5) * Math.log(t) - t + Math.log(sum);
}

/**
 * Regularised incomplete beta I_x(a, b), the share of Beta(a, b) below x.
 * Continued fraction 26.5.8 of the Handbook of Mathematical Functions (recalled), by Lentz' way.
 * @param x 0–1; @throws outOfRange
 */
export function betaCdf(x: number, { a, b }: Beta): number {
  requireWithin('a of Beta', a, SHAPE.min, SHAPE.max);
  requireWithin('b of Beta', b, SHAPE.min, SHAPE.max);
  requireWithin('x of Beta', x, 0, 1);
  if (x === 0 || x === 1) return x;
  if (x > (a + 1) / (a + b + 2)) return 1 - betaCdf(1 - x, { a: b, b: a });
  const front = Math.exp(logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log1p(-x));
  return (front * continuedFraction(x, a, b)) / a;
}

function continuedFraction(x: number, a: number, b: number): number {
  const tiny = 1e-300;
  let c = 1;
  let d = 1 / nonZero(1 - ((a + b) * x) / (a + 1), tiny);
  let result = d;
  for (let m = 1; m <= 500; m += 1) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    d = 1 / nonZero(1 + even * d, tiny);
    c = nonZero(1 + even / c, tiny);
    result *= d * c;
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    d = 1 / nonZero(1 + odd * d, tiny);
    c = nonZero(1 + odd / c, tiny);
    const step = d * c;
    result *= step;
    if (Math.abs(step - 1) < 1e-15) break;
  }
  return result;
}

const nonZero = (value: number, tiny: number): number => (Math.abs(value) < tiny ? tiny : value);

/** x with `share` of Beta(a, b) below it, by bisection to 1e-10. @param share 0–1 */
export function betaQuantile(share: number, beta: Beta): number {
  requireWithin('share', share, 0, 1);
  let low = 0;
  let high = 1;
  while (high - low > 1e-10) {
    const middle = (low + high) / 2;
    if (betaCdf(middle, beta) < share) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

export const betaMean = ({ a, b }: Beta): number => a / (a + b);

/** Steps of the midpoint rule; 2000 keep the closed forms to 1e-5 for shapes from 1 up. */
const STEPS = 2000;

/**
 * Chance that a draw of `one` is above a draw of `other`: Σ over slices of `other` of its mass × the share of
 * `one` above.
 * For whole-number shapes it meets the closed sum Σ B(a₂ + i, b₁ + b₂) / ((b₂ + i) B(1 + i, b₂) B(a₁, b₁)).
 */
export function chanceAbove(one: Beta, other: Beta): number {
  let chance = 0;
  let below = 0;
  for (let i = 1; i <= STEPS; i += 1) {
    const upTo = betaCdf(i / STEPS, other);
    chance += (upTo - below) * (1 - betaCdf((i - 0.5) / STEPS, one));
    below = upTo;
  }
  return Math.min(1, Math.max(0, chance));
}
