import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bathVolume } from './bathVolume.js';
import { dilute } from './dilute.js';
import { CP_COTTON, CP_WATER, mixHotAndCold } from './mixHotAndCold.js';
import { SPOT_SIDE_CM, spotVolume } from './spotVolume.js';
import { waterShares } from './waterShares.js';

const water = (massKg: number, tempC: number) => ({ massKg, tempC, cp: CP_WATER });
const cotton = (massKg: number, tempC: number) => ({ massKg, tempC, cp: CP_COTTON });

describe('mixing hot and cold', () => {
  /** Closed form, worked out apart from this project (shared reference, section 4). */
  it.each([
    ['5 kg at 60 and 5 kg at 15', [water(5, 60), water(5, 15)], 37.5],
    ['2 kg at 95 and 8 kg at 12', [water(2, 95), water(8, 12)], 28.6],
    ['10 kg at 60 and 3 kg dry cotton at 20', [water(10, 60), cotton(3, 20)], 56.591],
    ['a cold bath with cotton and 4 kg at 90', [water(6, 12), cotton(1.5, 12), water(4, 90)], 41.811],
  ])('%s', (_name, bodies, tempC) => {
    expect(mixHotAndCold(bodies)).toBeCloseTo(tempC, 2);
  });
  it('stays between the coldest and the hottest', () => {
    const body = fc.record({
      massKg: fc.double({ min: 0.01, max: 50, noNaN: true }),
      tempC: fc.double({ min: 0, max: 100, noNaN: true }),
      cp: fc.constant(CP_WATER),
    });
    fc.assert(
      fc.property(fc.array(body, { minLength: 1, maxLength: 6 }), (bodies) => {
        const mixed = mixHotAndCold(bodies);
        const temps = bodies.map(({ tempC }) => tempC);
        expect(mixed).toBeGreaterThanOrEqual(Math.min(...temps) - 1e-9);
        expect(mixed).toBeLessThanOrEqual(Math.max(...temps) + 1e-9);
      }),
    );
  });
  it('refuses NaN, boiling over and nothing at all', () => {
    expect(() => mixHotAndCold([water(1, Number.NaN)])).toThrow(/tempC/);
    expect(() => mixHotAndCold([water(1, 130)])).toThrow(/tempC/);
    expect(() => mixHotAndCold([])).toThrow(/nothingToMix/);
  });
});

describe('water shares', () => {
  const taps = { coldC: 15, hotC: 60, kettleL: 1.7 };
  /** Shared reference, section 4: hot 60 and cold 15 to 10 kg at 40 needs 5.5556 of the hot. */
  it('mixes hot and cold tap', () => {
    expect(waterShares(10, 40, taps)).toMatchObject({
      hotTapL: expect.closeTo(5.5556, 3),
      coldL: expect.closeTo(4.4444, 3),
      kettleL: 0,
      reached: true,
    });
  });
  it('adds the kettle only for what the tap cannot give', () => {
    const shares = waterShares(7, 60, { coldC: 11, hotC: 52, kettleL: 1.7 });
    expect(shares).toMatchObject({ coldL: 0, kettles: 1, reached: true, tempC: expect.closeTo(60, 6) });
    expect(mixHotAndCold([water(shares.hotTapL, 52), water(shares.kettleL, 95)])).toBeCloseTo(60, 6);
  });
  it('says what is reached when four kettles are not enough', () => {
    const shares = waterShares(100, 60, { coldC: 11, hotC: 52, kettleL: 1.7 });
    expect(shares.reached).toBe(false);
    expect(shares.tempC).toBeLessThan(56);
  });
  it('knows that a tap does not cool', () => {
    /** No hot tap: 10 L at 60 °C from 12 °C water and one kettle of 1.7 L come to 26 °C, four kettles to 60. */
    const kettleOnly = { coldC: 12, hotC: 12, kettleL: 1.7 };
    expect(waterShares(10, 60, kettleOnly)).toMatchObject({
      coldL: expect.closeTo(4.217, 2),
      hotTapL: 0,
      kettles: 4,
      reached: true,
    });
    expect(waterShares(20, 60, kettleOnly)).toMatchObject({
      reached: false,
      tempC: expect.closeTo(40.22, 1),
    });
    expect(waterShares(20, 60, { ...kettleOnly, kettleL: 0 })).toMatchObject({ reached: false, tempC: 12 });
    expect(waterShares(5, 5, taps)).toMatchObject({ tempC: 15, reached: false });
  });
  it('always adds up to the volume', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 95, noNaN: true }),
        (volumeL, wantedC) => {
          const { coldL, hotTapL, kettleL, tempC } = waterShares(volumeL, wantedC, taps);
          expect(coldL + hotTapL + kettleL).toBeCloseTo(volumeL, 6);
          expect(tempC).toBeLessThanOrEqual(Math.max(wantedC, 15) + 1e-9);
        },
      ),
    );
  });
  it.each([
    [0, 40],
    [10, 96],
    [Number.NaN, 40],
  ])('refuses %d L at %d °C', (volumeL, wantedC) => {
    expect(() => waterShares(volumeL, wantedC, taps)).toThrow(/outOfRange/);
  });
});

describe('bath volume', () => {
  it('is liquor ratio times mass, in half litres, and the cloth takes room too', () => {
    expect(bathVolume(600, 12)).toEqual({ waterL: 7, fillL: expect.closeTo(7.4, 6) });
  });
  it('never asks for a puddle', () => {
    expect(bathVolume(60, 10).waterL).toBe(2);
  });
  it('refuses a piece without mass', () => {
    expect(() => bathVolume(0, 10)).toThrow(/dryMassG/);
    expect(() => bathVolume(Number.NaN, 10)).toThrow(/dryMassG/);
  });
});

describe('spot volume', () => {
  it('takes about 120 mL of water for a wine-glass-sized spill on a surface (common practice, no source)', () => {
    expect(spotVolume(10, 10, 0.5)).toBeGreaterThanOrEqual(100);
    expect(spotVolume(10, 10, 0.5)).toBeLessThanOrEqual(140);
  });
  it('grows with the spot and never shrinks', () => {
    const side = fc.double({ min: SPOT_SIDE_CM.min, max: 200, noNaN: true });
    fc.assert(
      fc.property(
        side,
        side,
        (length, width) => spotVolume(length + 1, width, 0.25) >= spotVolume(length, width, 0.25),
      ),
    );
  });
  it.each([0, -4, Number.NaN, 501])('refuses a side of %d cm', (side) => {
    expect(() => spotVolume(side, 4, 0.25)).toThrow(/lengthCm/);
    expect(() => spotVolume(4, side, 0.25)).toThrow(/widthCm/);
  });
});

describe('dilution', () => {
  /** C₁V₁ = C₂V₂, shared reference, section 2. */
  it.each([
    [12, 3, 500, 125, 375],
    [6, 3, 1000, 500, 500],
    [9, 3, 300, 100, 200],
    [3, 0.5, 1000, 166.667, 833.333],
  ])('from %d %% to %d %%, %d mL', (fromPct, toPct, finalML, stockML, waterML) => {
    const made = dilute(fromPct, toPct, finalML);
    expect(made.stockML).toBeCloseTo(stockML, 2);
    expect(made.waterML).toBeCloseTo(waterML, 2);
  });
  it('cannot be done upwards', () => {
    expect(() => dilute(3, 6, 100)).toThrow(/cannotStrengthen/);
  });
  it('refuses nothing and NaN', () => {
    expect(() => dilute(0, 0, 100)).toThrow(/fromPct/);
    expect(() => dilute(Number.NaN, 3, 100)).toThrow(/fromPct/);
  });
});
