import fc from 'fast-check';
import { gamma as mathjsGamma } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { type Beta, betaCdf, betaMean, betaQuantile, chanceAbove, logGamma } from './beta.js';

const choose = (n: number, k: number): number => (k === 0 ? 1 : (choose(n, k - 1) * (n - k + 1)) / k);
/** B(a, b) for whole numbers. */
const wholeB = (a: number, b: number): number => 1 / (a * choose(a + b - 1, a));

describe('ln Γ', () => {
  it('agrees with a general-purpose library, and with factorials', () => {
    for (const x of [0.1, 0.5, 1, 1.5, 2, 3.7, 10, 42.5])
      expect(logGamma(x)).toBeCloseTo(Math.log(mathjsGamma(x)), 10);
    expect(Math.exp(logGamma(6))).toBeCloseTo(120, 8);
  });
  it('says which quantity is out of range', () => {
    expect(() => logGamma(Number.NaN)).toThrow(/x of ln Γ/);
    expect(() => logGamma(0)).toThrow(/outOfRange/);
  });
});

describe('the incomplete beta', () => {
  it('meets its closed forms: b = 1, a = 1, the arcsine law', () => {
    for (const x of [0.05, 0.3, 0.5, 0.9]) {
      expect(betaCdf(x, { a: 3, b: 1 })).toBeCloseTo(x ** 3, 12);
      expect(betaCdf(x, { a: 1, b: 4 })).toBeCloseTo(1 - (1 - x) ** 4, 12);
      expect(betaCdf(x, { a: 0.5, b: 0.5 })).toBeCloseTo((2 / Math.PI) * Math.asin(Math.sqrt(x)), 11);
    }
  });
  it('is the upper tail of the binomial for whole numbers', () => {
    const [n, p] = [12, 0.35];
    for (const k of [1, 4, 9]) {
      let tail = 0;
      for (let i = k; i <= n; i += 1) tail += choose(n, i) * p ** i * (1 - p) ** (n - i);
      expect(betaCdf(p, { a: k, b: n - k + 1 })).toBeCloseTo(tail, 12);
    }
  });
  it('has both ends, refuses what lies outside, and rises', () => {
    expect([betaCdf(0, { a: 2, b: 3 }), betaCdf(1, { a: 2, b: 3 })]).toEqual([0, 1]);
    expect(() => betaCdf(1.01, { a: 2, b: 3 })).toThrow(/x of Beta/);
    expect(() => betaCdf(0.5, { a: Number.NaN, b: 3 })).toThrow(/a of Beta/);
    const shape = fc.double({ min: 0.2, max: 80, noNaN: true });
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(shape, shape, share, share, (a, b, x, y) => {
        const [low, high] = x < y ? [x, y] : [y, x];
        expect(betaCdf(low, { a, b })).toBeLessThanOrEqual(betaCdf(high, { a, b }) + 1e-12);
      }),
    );
  });
  it('is turned round by its quantile', () => {
    for (const share of [0.025, 0.1, 0.5, 0.9, 0.975])
      expect(betaCdf(betaQuantile(share, { a: 5, b: 2 }), { a: 5, b: 2 })).toBeCloseTo(share, 8);
  });
});

describe('a posterior in closed form', () => {
  it('is Beta(5, 2) after four of five on a flat prior: mean 5/7, middle 0.7356', () => {
    const beta: Beta = { a: 1 + 4, b: 1 + 1 };
    expect(betaMean(beta)).toBeCloseTo(5 / 7, 12);
    // The polynomial 6x⁵ − 5x⁶ = ½ has this root.
    const middle = betaQuantile(0.5, beta);
    expect(6 * middle ** 5 - 5 * middle ** 6).toBeCloseTo(0.5, 7);
  });
  it('gives the rule of succession for a flat prior', () => {
    for (const [worked, uses] of [
      [0, 4],
      [3, 3],
      [7, 10],
    ] as const)
      expect(betaMean({ a: 1 + worked, b: 1 + uses - worked })).toBeCloseTo((worked + 1) / (uses + 2), 12);
  });
});

describe('the chance that one is better', () => {
  /** Closed sum for whole numbers: P(X > Y) = Σᵢ B(a₂ + i … ), here by the first argument. */
  const closed = (one: Beta, other: Beta): number => {
    let sum = 0;
    for (let i = 0; i < one.a; i += 1)
      sum +=
        wholeB(other.a + i, one.b + other.b) /
        ((one.b + i) * wholeB(1 + i, one.b) * wholeB(other.a, other.b));
    return sum;
  };
  it('meets the closed sum for whole numbers', () => {
    for (const [one, other] of [
      [
        { a: 5, b: 2 },
        { a: 2, b: 5 },
      ],
      [
        { a: 1, b: 1 },
        { a: 3, b: 1 },
      ],
      [
        { a: 9, b: 4 },
        { a: 8, b: 5 },
      ],
    ] as [Beta, Beta][])
      expect(chanceAbove(one, other)).toBeCloseTo(closed(one, other), 4);
  });
  it('is a half for two alike, and the two ways round make one', () => {
    expect(chanceAbove({ a: 3.3, b: 1.7 }, { a: 3.3, b: 1.7 })).toBeCloseTo(0.5, 4);
    const [one, other] = [
      { a: 2.2, b: 4.1 },
      { a: 3.9, b: 2.4 },
    ];
    expect(chanceAbove(one, other) + chanceAbove(other, one)).toBeCloseTo(1, 4);
  });
});
