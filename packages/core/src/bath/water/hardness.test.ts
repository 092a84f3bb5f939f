import { HARDNESS_UNITS, type HardnessUnit } from '@feverfew/knowledge';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  detergentFactor,
  hardnessClasses,
  hardnessToMgL,
  mgLToHardness,
  softeningSoda,
  stripToMgL,
} from './hardness.js';

describe('hardness', () => {
  /** Shared reference, section 3, from the definitions of the units. */
  it.each([
    [100, 5.603, 10, 5.842, 7.016, 0.999],
    [200, 11.206, 20, 11.684, 14.031, 1.998],
    [300, 16.809, 30, 17.525, 21.047, 2.997],
  ])('%d mg/L', (mgL, dH, fH, gpg, clark, mmolL) => {
    expect(mgLToHardness(mgL, 'dH')).toBeCloseTo(dH, 2);
    expect(mgLToHardness(mgL, 'fH')).toBeCloseTo(fH, 3);
    expect(mgLToHardness(mgL, 'gpg')).toBeCloseTo(gpg, 2);
    expect(mgLToHardness(mgL, 'clark')).toBeCloseTo(clark, 2);
    expect(mgLToHardness(mgL, 'mmolL')).toBeCloseTo(mmolL, 3);
  });
  it('comes back as it went, in every unit', () => {
    const units = Object.keys(HARDNESS_UNITS) as HardnessUnit[];
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1400, noNaN: true }), fc.constantFrom(...units), (mgL, unit) => {
        expect(hardnessToMgL(mgLToHardness(mgL, unit), unit)).toBeCloseTo(mgL, 6);
      }),
    );
  });
  it('has a name on each scale: WHO 2011 and WRMG 2007 (recalled)', () => {
    const names = (mgL: number) => hardnessClasses(mgL).map((entry) => entry.name);
    expect(names(40)).toEqual(['soft', 'soft (weich)']);
    expect(names(170)).toEqual(['hard', 'medium (mittel)']);
    expect(names(290)).toEqual(['very hard', 'hard (hart)']);
  });
  /** Shared reference, section 3: 3.177 g anhydrous and 8.577 g crystals for 10 L at 300 mg/L. */
  it('asks for this much soda', () => {
    const { anhydrousG, crystalsG } = softeningSoda(300, 10);
    expect(anhydrousG).toBeCloseTo(3.177, 3);
    expect(crystalsG).toBeCloseTo(8.577, 2);
  });
  it('reads a strip by its turned fields (common practice, no source)', () => {
    expect(stripToMgL(3)).toMatchObject({ mgL: 312 });
    expect(() => stripToMgL(1.5)).toThrow(/turned fields/);
    expect(() => stripToMgL(9)).toThrow(/turned fields/);
  });
  it('asks for more detergent in harder water and never for more in a smaller load', () => {
    expect(detergentFactor(300, 'usual', 1)).toBeGreaterThan(detergentFactor(100, 'usual', 1));
    expect(detergentFactor(300, 'usual', 0.5)).toBeLessThan(detergentFactor(300, 'usual', 1));
    expect(detergentFactor(200, 'usual', 1)).toBe(1);
  });
  it.each([-1, 1501, Number.NaN])('refuses %d mg/L', (mgL) => {
    expect(() => hardnessClasses(mgL)).toThrow(/hardnessMgL/);
    expect(() => softeningSoda(mgL, 10)).toThrow(/hardnessMgL/);
  });
});
