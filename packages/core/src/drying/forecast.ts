import type { Air } from './moistAir.js';

/** One hour of weather, from `at` on. */
export interface WeatherHour extends Air {
  /** UTC, ISO 8601, on the hour. */
  readonly at: string;
  /** Chance that it rains in this hour, 0–1. */
  readonly rain: number;
}

export const FORECAST_ORIGINS = ['madeUp', 'csv', 'byHand'] as const;
export type ForecastOrigin = (typeof FORECAST_ORIGINS)[number];

/** Weather by the hour, without gaps; where it comes from is always said. */
export interface Forecast {
  readonly origin: ForecastOrigin;
  readonly hours: readonly WeatherHour[];
}

/** Weather as a person tells it. */
export const WEATHERS = ['dryWindy', 'dryStill', 'sunny', 'dull', 'damp', 'frosty'] as const;
export type Weather = (typeof WEATHERS)[number];

/** What is meant by each: a temperate day, from memory. */
const MEANT: Readonly<
  Record<Weather, { tempC: number; humidity: number; windMS: number; sun: number; rain: number }>
> = {
  dryWindy: { tempC: 15, humidity: 0.55, windMS: 6, sun: 0.5, rain: 0.05 },
  dryStill: { tempC: 15, humidity: 0.6, windMS: 1, sun: 0.5, rain: 0.05 },
  sunny: { tempC: 21, humidity: 0.5, windMS: 2.5, sun: 0.9, rain: 0 },
  dull: { tempC: 12, humidity: 0.75, windMS: 2, sun: 0.15, rain: 0.2 },
  damp: { tempC: 10, humidity: 0.9, windMS: 1.5, sun: 0.05, rain: 0.5 },
  frosty: { tempC: -1, humidity: 0.75, windMS: 2, sun: 0.4, rain: 0 },
};

const HOUR_MS = 3_600_000;
/** Sun on level ground at noon of a clear day between the seasons, W/m². */
const CLEAR_NOON_WM2 = 700;
/** Local hours between which the sun is high enough to count. */
export const DAYLIGHT = { from: 7, to: 18 } as const;

/** Height of the sun as a share of noon's: none at dawn and dusk. */
function sunShare(hour: number, daylight: { readonly from: number; readonly to: number }): number {
  const { from, to } = daylight;
  return hour <= from || hour >= to ? 0 : Math.sin((Math.PI * (hour - from)) / (to - from));
}

/** How the air of a place goes through a day: warmest and driest in the afternoon. */
function hourOf(
  at: number,
  offsetMin: number,
  base: { tempC: number; humidity: number; windMS: number; sun: number; rain: number },
): WeatherHour {
  const local = (((at / 60_000 + offsetMin) / 60) % 24) + 0.5;
  const swing = Math.cos((2 * Math.PI * (local - 15)) / 24);
  return {
    at: new Date(at).toISOString(),
    tempC: Math.round((base.tempC + 4 * swing) * 10) / 10,
    humidity: Math.min(0.99, Math.max(0.2, Math.round((base.humidity - 0.15 * swing) * 100) / 100)),
    windMS: Math.round(base.windMS * (1 + 0.25 * swing) * 10) / 10,
    sunWm2: Math.round(CLEAR_NOON_WM2 * base.sun * sunShare(local, DAYLIGHT)),
    rain: base.rain,
  };
}

const firstHour = (from: number): number => Math.floor(from / HOUR_MS) * HOUR_MS;

/**
 * Weather of the same kind for so many hours.
 * @param from milliseconds since 1970, UTC
 * @param offsetMin what local time is ahead of UTC, min
 */
export function forecastByHand(weather: Weather, from: number, hours: number, offsetMin: number): Forecast {
  const start = firstHour(from);
  return {
    origin: 'byHand',
    hours: Array.from({ length: hours }, (_, hour) =>
      hourOf(start + hour * HOUR_MS, offsetMin, MEANT[weather]),
    ),
  };
}

/**
 * A synthetic forecast, not real weather: dull to bright days with a shower on some, the same for the same day on every
 * machine.
 */
export function madeUpForecast(from: number, hours: number, offsetMin: number): Forecast {
  const start = firstHour(from);
  return {
    origin: 'madeUp',
    hours: Array.from({ length: hours }, (_, hour) => {
      const at = start + hour * HOUR_MS;
      const localMs = at + offsetMin * 60_000;
      const day = Math.floor(localMs / (24 * HOUR_MS));
      const turn = (step: number, every: number) => (((day * step) % every) + every) % every;
      const base = {
        tempC: 11 + turn(5, 7),
        humidity: 0.55 + turn(3, 5) * 0.05,
        windMS: 2 + turn(2, 5),
        sun: 0.3 + turn(4, 5) * 0.12,
        rain: 0.05,
      };
      const showerFrom = 13 + turn(3, 6);
      const local = (localMs / HOUR_MS) % 24;
      const showers = turn(2, 3) !== 1 && local >= showerFrom && local < showerFrom + 2;
      return hourOf(at, offsetMin, {
        ...base,
        rain: showers ? 0.7 : base.rain,
        sun: showers ? 0.05 : base.sun,
      });
    }),
  };
}
