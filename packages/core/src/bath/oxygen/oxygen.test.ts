import { loadKnowledge } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { openedPeroxide, peroxideToOxygenGPerL, peroxideToVolumes } from './availableOxygen.js';
import { bleachRate, hoursAt40, oxygenLeft } from './oxygenActivity.js';

describe('available oxygen', () => {
  /** Shared reference, section 2: from molar masses and the volume of a gas at 0 °C and 1 atm. */
  it.each([
    [3, 14.111, 9.88],
    [6, 28.222, 19.77],
    [12, 56.444, 39.54],
    [30, 141.11, 98.84],
  ])('of %d % % peroxide', (pct, gPerL, volumes) => {
    expect(Math.abs(peroxideToOxygenGPerL(pct) - gPerL)).toBeLessThan(0.01);
    expect(Math.abs(peroxideToVolumes(pct) - volumes)).toBeLessThan(0.01);
  });
  /** Theory: 3 mol of peroxide in 314.02 g hold 32.50 % peroxide, 15.29 % available oxygen. */
  it('of pure percarbonate by formula', () => {
    const { substances } = loadKnowledge();
    const pure =
      substances.find((substance) => substance.id === 'sodiumPercarbonate') ??
      expect.unreachable('percarbonate');
    expect((pure.peroxideMol * 15.999) / pure.molarMassG).toBeCloseTo(0.15285, 4);
    expect((pure.peroxideMol * 34.0147) / pure.molarMassG).toBeCloseTo(0.32496, 4);
  });
  it('fades in an opened bottle, the more the longer', () => {
    expect(openedPeroxide(3, 0)).toEqual({ low: 3, likely: 3, high: 3 });
    expect(openedPeroxide(3, 6).likely).toBeLessThan(2.6);
    expect(openedPeroxide(3, 12).low).toBeLessThan(openedPeroxide(3, 6).low);
  });
  it.each([Number.NaN, -1, 36])('refuses %d %', (pct) => {
    expect(() => peroxideToOxygenGPerL(pct)).toThrow(/peroxide/);
  });
});

describe('activity', () => {
  /** Shared reference, section 2b: rate against 40 °C for 50 and 80 kJ/mol. */
  it.each([
    [20, 0.1229, 0.2698],
    [30, 0.3629, 0.5307],
    [50, 1.8117, 2.5878],
    [60, 3.1672, 6.3253],
  ])('at %d °C', (tempC, low, high) => {
    const rate = bleachRate(tempC);
    expect(rate.low).toBeCloseTo(low, 3);
    expect(rate.high).toBeCloseTo(high, 3);
  });
  it('adds up over a bath that stays at 40 °C', () => {
    expect(hoursAt40(() => 40, 120)).toBeCloseTo(2, 9);
    expect(oxygenLeft(() => 40, 300).likely).toBeCloseTo(0.5, 9);
  });
  it('leaves more in a cool bath, never more than there was', () => {
    expect(oxygenLeft(() => 20, 300).likely).toBeGreaterThan(oxygenLeft(() => 50, 300).likely);
    const { low, likely, high } = oxygenLeft((minutes) => 60 - minutes / 12, 360);
    expect([low, likely, high]).toEqual([low, likely, high].sort((a, b) => a - b));
    expect(high).toBeLessThanOrEqual(1);
  });
});
