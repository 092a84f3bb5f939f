import { loadKnowledge } from '@feverfew/knowledge';
import fc from 'fast-check';
import { unit } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { sizeOf } from '../bath/solution/pour.js';
import {
  gToMass,
  MASS_UNIT_IDS,
  massToG,
  mLToVolume,
  VOLUME_UNIT_IDS,
  VOLUME_UNITS,
  volumeToML,
} from './units.js';

describe('units', () => {
  /** Against mathjs, a general-purpose library with its own tables; its teaspoon and tablespoon are the metric ones. */
  it.each([
    ['metricTeaspoon', 'teaspoon'],
    ['metricTablespoon', 'tablespoon'],
    ['usFluidOunce', 'fluidounce'],
    ['usCup', 'cup'],
    ['usPint', 'pint'],
    ['usQuart', 'quart'],
    ['usGallon', 'gallon'],
    ['L', 'liter'],
  ] as const)('%s as mathjs has it', (id, theirs) => {
    const known = unit(1, theirs).toNumber('milliliter');
    expect(Math.abs(volumeToML(1, id) / known - 1)).toBeLessThan(2e-3);
  });
  it.each([
    ['oz', 'ounce'],
    ['lb', 'poundmass'],
    ['kg', 'kilogram'],
  ] as const)('%s as mathjs has it', (id, theirs) => {
    expect(massToG(1, id)).toBeCloseTo(unit(1, theirs).toNumber('gram'), 8);
  });
  /** NIST SP 811 and the UK Units of Measurement Regulations 1995, exact. */
  it.each([
    ['usCup', 236.5882365],
    ['usGallon', 3785.411784],
    ['imperialPint', 568.26125],
    ['imperialGallon', 4546.09],
    ['imperialCup', 284.130625],
  ] as const)('%s is %d mL', (id, mL) => {
    expect(VOLUME_UNITS[id].perUnit).toBe(mL);
  });
  it('come back as they went', () => {
    const value = fc.double({ min: 0, max: 1e5, noNaN: true });
    fc.assert(
      fc.property(
        value,
        fc.constantFrom(...VOLUME_UNIT_IDS),
        fc.constantFrom(...MASS_UNIT_IDS),
        (x, volume, mass) => {
          expect(mLToVolume(volumeToML(x, volume), volume)).toBeCloseTo(x, 6);
          expect(gToMass(massToG(x, mass), mass)).toBeCloseTo(x, 6);
        },
      ),
    );
  });
  it.each([Number.NaN, -1, Number.POSITIVE_INFINITY])('refuse %d and say which', (value) => {
    expect(() => volumeToML(value, 'usCup')).toThrow(/volume in usCup/);
    expect(() => massToG(value, 'lb')).toThrow(/mass in lb/);
  });
});

describe('powders by volume', () => {
  const { agents } = loadKnowledge();
  const of = (id: string) => agents.find((agent) => agent.id === id) ?? expect.unreachable(id);
  const pour = (agentId: string, volumeML: number) => ({ agentId, massG: null, volumeML, strengthPct: null });
  /** USDA household measures (recalled): baking soda 4.6 g a US tsp, salt 292 g and cornstarch 128 g a US cup. */
  it.each([
    ['bakingSoda', VOLUME_UNITS.usTeaspoon.perUnit, 4.6],
    ['tableSalt', VOLUME_UNITS.usCup.perUnit, 292],
    ['absorbentPowder', VOLUME_UNITS.usCup.perUnit, 128],
  ])('%s', (id, mL, grams) => {
    const weighs = (end: 'low' | 'centre' | 'high') => sizeOf(pour(id, mL), of(id), end).massG;
    expect(weighs('low')).toBeLessThan(grams);
    expect(weighs('high')).toBeGreaterThan(grams);
    expect(Math.abs(weighs('centre') / grams - 1)).toBeLessThan(0.05);
  });
  it('refuse NaN and name the product', () => {
    expect(() => sizeOf(pour('bakingSoda', Number.NaN), of('bakingSoda'))).toThrow(/volumeML of bakingSoda/);
  });
});
