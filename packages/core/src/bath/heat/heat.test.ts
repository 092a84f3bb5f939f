import { USUAL_SHAPES } from '@feverfew/knowledge';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { litresAt, litresOf, usualShape, wettedBy } from '../../household/vesselShape.js';
import { CP_COTTON, CP_WATER, mixHotAndCold } from '../mixHotAndCold.js';
import { minutesUntil, type StandingBath, tempAfter, timeConstant } from './bathCooling.js';
import { pouringTemp, settledTemp, topUp, warmingKWh } from './heatTheBath.js';

describe('cooling by Newton', () => {
  /** Shared reference, section 4, closed form. */
  it.each([
    [60, 20, 90, 30, 48.661],
    [60, 20, 90, 120, 30.544],
    [50, 18, 120, 60, 37.409],
    [90, 20, 240, 10, 87.143],
  ])('from %d in a room of %d with τ %d min, after %d min', (start, room, tau, minutes, expected) => {
    expect(tempAfter(start, room, tau, minutes)).toBeCloseTo(expected, 2);
  });
  it.each([
    [60, 20, 90, 62.383],
    [50, 18, 120, 44.963],
    [90, 20, 240, 300.663],
  ])('from %d in a room of %d is at 40 after', (start, room, tau, expected) => {
    expect(minutesUntil(start, room, tau, 40)).toBeCloseTo(expected, 2);
  });
  it('never comes below the room', () => {
    expect(minutesUntil(60, 20, 90, 20)).toBeNull();
    expect(minutesUntil(30, 20, 90, 40)).toBe(0);
  });
});

const bucket: StandingBath = {
  shape: usualShape('bucket', 14),
  material: 'plastic',
  lid: true,
  waterL: 10,
  textileKg: 0.4,
  startC: 60,
  roomC: 20,
};

describe('a standing bath', () => {
  /** Common practice, no source: a lidded bucket is lukewarm after an afternoon, an open basin within two hours. */
  it('cools in the hours the trade knows', () => {
    const { likely } = timeConstant(bucket);
    expect(minutesUntil(60, 20, likely, 40)).toBeGreaterThan(120);
    expect(minutesUntil(60, 20, likely, 40)).toBeLessThan(420);
    const basin = timeConstant({ ...bucket, shape: usualShape('basin', 9), lid: false, waterL: 5.5 });
    expect(minutesUntil(60, 20, basin.likely, 40)).toBeLessThan(130);
  });
  it('keeps warm longer with a lid, and the more water the longer', () => {
    expect(timeConstant(bucket).likely).toBeGreaterThan(timeConstant({ ...bucket, lid: false }).likely);
    const bath = (waterL: number) =>
      timeConstant({ ...bucket, shape: usualShape('bathtub', 140), material: 'enamel', lid: false, waterL })
        .likely;
    expect(bath(100)).toBeGreaterThan(bath(40));
  });
  it.each([
    ['waterL', { waterL: Number.NaN }],
    ['textileKg', { textileKg: -1 }],
  ])('refuses a wrong %s', (quantity, wrong) => {
    expect(() => timeConstant({ ...bucket, ...wrong })).toThrow(quantity);
  });
});

describe('heating a bath', () => {
  it('pours warmer for what tub and cloth take, and the mix settles where it was to', () => {
    const cloth = { kJPerK: 3 * CP_COTTON, tempC: 20 };
    const poured = pouringTemp(10, 56.591, [cloth]);
    /** Shared reference, section 4: 10 kg at 60 °C and 3 kg dry cotton at 20 °C meet at 56.591 °C. */
    expect(poured).toBeCloseTo(60, 2);
    expect(settledTemp(10, poured, [cloth])).toBeCloseTo(56.591, 6);
  });
  it('brings 40 L from 45 to 60 °C with eleven kettles of 1.7 L, as the heat balance says', () => {
    const up = topUp(40, 45, 60, 0, 1.7) ?? expect.unreachable('reachable');
    expect(up).toMatchObject({ kettles: 11, hotL: expect.closeTo(17.143, 3) });
    const body = (massKg: number, tempC: number) => ({ massKg, tempC, cp: CP_WATER });
    expect(mixHotAndCold([body(40, 45), body(up.hotL, 95)])).toBeCloseTo(60, 9);
  });
  /** Shared reference, section 4: 6 kg at 12 °C with 1.5 kg cotton takes 4 kg at 90 °C to reach 41.811 °C. */
  it('warms the cloth that lies in it too', () => {
    expect(topUp(6, 12, 41.811, 1.5 * CP_COTTON, 0, 90)?.hotL).toBeCloseTo(4, 3);
  });
  it.each([
    ['startC', () => minutesUntil(Number.NaN, 20, 90, 40)],
    ['roomC', () => minutesUntil(60, Number.NaN, 90, 40)],
    ['kJPerK', () => pouringTemp(10, 40, [{ kJPerK: Number.NaN, tempC: 20 }])],
    ['tempC', () => settledTemp(10, 40, [{ kJPerK: 3, tempC: Number.NaN }])],
    ['withItKJPerK', () => topUp(10, 20, 40, Number.NaN, 0)],
    ['fillL', () => timeConstant({ ...bucket, waterL: 400 })],
  ])('refuses what is no number or does not fit, by name: %s', (quantity, act) => {
    expect(act).toThrow(quantity);
  });
  it('says when hot water is not hot enough', () => {
    expect(topUp(10, 20, 60, 0, 0, 52)).toBeNull();
  });
  /** 1 kWh is 3600 kJ: 10 L by 35 K is 0.407 kWh, through a kettle of 85 % 0.479. */
  it('costs this much current', () => {
    expect(warmingKWh(10, 15, 50)).toBeCloseTo(0.479, 3);
  });
});

describe('vessels by shape', () => {
  it('hold what geometry says: cylinder, cube, and a frustum by its own formula', () => {
    expect(litresOf({ kind: 'round', topCm: 20, bottomCm: 20, depthCm: 20 })).toBeCloseTo(
      (Math.PI * 400 * 20) / 4 / 1000,
      9,
    );
    const box = {
      kind: 'box',
      topLengthCm: 10,
      topWidthCm: 10,
      bottomLengthCm: 10,
      bottomWidthCm: 10,
      depthCm: 10,
    } as const;
    expect(litresOf(box)).toBeCloseTo(1, 9);
    const frustum = (Math.PI * 28 * (29 ** 2 + 29 * 22 + 22 ** 2)) / 12 / 1000;
    expect(litresOf(USUAL_SHAPES.bucket)).toBeCloseTo(frustum, 9);
  });
  it('are made to the measured volume, and filled to a level that holds the water', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('bucket', 'basin', 'bowl', 'sink', 'bathtub', 'jar' as const),
        fc.double({ min: 0.5, max: 300, noNaN: true }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        (form, volumeL, share) => {
          const shape = usualShape(form, volumeL);
          expect(Math.abs(litresOf(shape) / volumeL - 1)).toBeLessThan(1e-9);
          const { depthCm } = wettedBy(shape, volumeL * share);
          expect(Math.abs(litresAt(shape, depthCm) / (volumeL * share) - 1)).toBeLessThan(1e-6);
        },
      ),
    );
  });
  it('refuse a depth below the floor and a length that is none', () => {
    expect(() => litresAt(USUAL_SHAPES.bucket, 99)).toThrow(/depthCm/);
    expect(() => litresOf({ kind: 'round', topCm: Number.NaN, bottomCm: 20, depthCm: 20 })).toThrow(/topCm/);
  });
});
