import { describe, expect, it } from 'vitest';
import { contextOf, knowledge, piece, trouble } from '../../../test/fixtures.js';
import { spotAmount } from './spotAmount.js';

/*
 * Amounts by arithmetic of the trade (common practice, no source): palms worked = (side + 2 edges)² ÷ 64 cm², times
 * millilitres for a palm.
 */
const cotton = piece('tShirt', { cotton: 100 });
const sofa = piece('armchair', { polyester: 100 }, { code: 'WS', label: null });
const methodOf = (id: string) => knowledge.methods.find((one) => one.id === id) ?? expect.unreachable();
const amountOf = (methodId: string, of: Parameters<typeof trouble>[1], size: object, goes = 1) =>
  spotAmount(methodOf(methodId), contextOf(trouble('coffee', of, size)), goes);

describe('what goes on a mark in one go', () => {
  it.each([
    ['neatDetergentSpot', 'palm', 1.27, 'dish detergent: a quarter of a teaspoon for a palm'],
    ['alcoholSpot', 'palm', 2.5, 'alcohol: half a teaspoon'],
    ['acetoneSpot', 'palm', 1.27, 'acetone: a quarter of a teaspoon'],
    ['neatDetergentSpot', 'coin', 0.19, 'four drops on a coin'],
    ['absorbentDry', 'palm', 28, 'about two tablespoons of powder'],
    ['alcoholSpot', 'hand', 6, 'never above 9 mL for a hand'],
  ] as const)('%s on a %s: about %d mL (%s)', (methodId, size, mL, _ground) => {
    const has = amountOf(methodId, cotton, { size });
    expect(has).toBeGreaterThan(mL * 0.9);
    expect(has).toBeLessThan(mL * 1.1);
  });
  it('grows with the mark, and has a least for the smallest', () => {
    const sizes = [0.5, 2, 5, 10, 20].map((side) =>
      amountOf('vinegarSpot', cotton, { size: { length: side, width: side } }),
    );
    expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
    expect(sizes[0]).toBeGreaterThanOrEqual(0.65);
  });
  it('on padding stays under its cap for one go, for the round, and for a field', () => {
    const PALMS = (13 * 13) / 64;
    for (const goes of [1, 3, 6, 8]) {
      const has = amountOf('detergentBlot', sofa, { size: 'palm' }, goes);
      expect(has).toBeLessThanOrEqual(6 * PALMS);
      expect(has * goes).toBeLessThanOrEqual(12 * PALMS + 1e-9);
    }
    expect(amountOf('peroxideDab', sofa, { size: { length: 80, width: 60 } })).toBeLessThanOrEqual(64);
    const wiped = amountOf('detergentBlot', sofa, { size: { length: 80, width: 60 } });
    expect(wiped).toBeGreaterThanOrEqual(85);
    expect(wiped).toBeLessThanOrEqual(170);
  });
});
