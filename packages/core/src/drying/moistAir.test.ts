import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { deficitPa, evaporation } from './moistAir.js';

interface Reference {
  readonly '7_drying': {
    readonly psychrometrics_101325Pa: readonly { T_C: number; RH: number; VPD_kPa: number }[];
    readonly evaporation_estimates: readonly {
      T_C: number;
      RH: number;
      air_speed_m_s: number;
      surface_T_C: number;
      flux_one_side_g_m2_h: number;
      hours_for_500g_water_on_1p5m2_two_sides: number;
    }[];
  };
}

/** Worked out apart from this project; the source gives the rates a factor of two. */
const { '7_drying': drying } = JSON.parse(
  readFileSync(new URL('../../../../fixtures/reference/check-values.json', import.meta.url), 'utf8'),
) as Reference;

describe('moist air', () => {
  it.each(drying.psychrometrics_101325Pa.map((row) => [row.T_C, row.RH, row.VPD_kPa] as const))(
    'at %d °C and %d takes up %d kPa',
    (tempC, humidity, kPa) => {
      expect(deficitPa({ tempC, humidity }) / 1000).toBeCloseTo(kPa, 2);
    },
  );
});

describe('water off a wet face', () => {
  it.each(drying.evaporation_estimates.map((row) => [row.T_C, row.RH, row.air_speed_m_s, row] as const))(
    'at %d °C, %d, %d m/s as the reference, far inside its factor of two',
    (tempC, humidity, windMS, row) => {
      const { gPerM2H, faceC } = evaporation({ tempC, humidity, windMS, sunWm2: 0 }, 0);
      expect(gPerM2H / row.flux_one_side_g_m2_h).toBeGreaterThan(0.95);
      expect(gPerM2H / row.flux_one_side_g_m2_h).toBeLessThan(1.05);
      expect(Math.abs(faceC - row.surface_T_C)).toBeLessThan(0.2);
      const hours = 500 / (1.5 * 2 * gPerM2H);
      expect(hours / row.hours_for_500g_water_on_1p5m2_two_sides).toBeCloseTo(1, 0.9);
    },
  );

  it('dries faster in sun, in wind and in drier air, never below nothing', () => {
    const air = { tempC: 15, humidity: 0.6, windMS: 2, sunWm2: 0 };
    const { gPerM2H } = evaporation(air, 0);
    expect(evaporation({ ...air, sunWm2: 600 }, 0.2).gPerM2H).toBeGreaterThan(gPerM2H);
    expect(evaporation({ ...air, windMS: 5 }, 0).gPerM2H).toBeGreaterThan(gPerM2H);
    expect(evaporation({ ...air, humidity: 0.9 }, 0).gPerM2H).toBeLessThan(gPerM2H);
    expect(evaporation({ ...air, humidity: 1 }, 0).gPerM2H).toBeCloseTo(0, 1);
  });

  it('refuses air that cannot be', () => {
    expect(() => evaporation({ tempC: 20, humidity: 1.2, windMS: 0, sunWm2: 0 }, 0)).toThrow();
    expect(() => evaporation({ tempC: Number.NaN, humidity: 0.5, windMS: 0, sunWm2: 0 }, 0)).toThrow();
  });
});
