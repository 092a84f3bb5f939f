import { describe, expect, it } from 'vitest';
import { DAYLIGHT, type Forecast, forecastByHand, madeUpForecast, type WeatherHour } from './forecast.js';

const HOUR = 3_600_000;
const MIDNIGHT = Date.parse('2026-05-04T00:00:00Z');
/** The hour that begins at this local time, where local time is UTC. */
const at = ({ hours }: Forecast, hour: number): WeatherHour => hours[hour] ?? expect.unreachable(`${hour}`);
const greatest = (
  { hours }: Forecast,
  of: keyof Pick<WeatherHour, 'tempC' | 'windMS' | 'sunWm2' | 'humidity'>,
) => hours.findIndex((hour) => hour[of] === Math.max(...hours.map((one) => one[of])));

describe('weather entered by hand', () => {
  const sunny = forecastByHand('sunny', MIDNIGHT, 24, 0);

  it('goes on hour by hour from the hour it is', () => {
    const { hours, origin } = forecastByHand('dull', MIDNIGHT + 17 * 60_000, 5, 0);
    expect(origin).toBe('byHand');
    expect(hours.map((hour) => Date.parse(hour.at))).toEqual([0, 1, 2, 3, 4].map((n) => MIDNIGHT + n * HOUR));
    expect(new Set(hours.map(({ rain }) => rain))).toEqual(new Set([0.2]));
  });

  // Warmest about three in the afternoon, coldest before dawn; humidity the other way round: common practice, no source.
  it('is warmest, driest and windiest in the afternoon, and the opposite twelve hours from there', () => {
    expect([14, 15]).toContain(greatest(sunny, 'tempC'));
    // To a tenth, three hours have as much.
    expect([13, 14, 15]).toContain(greatest(sunny, 'windMS'));
    expect([2, 3]).toContain(greatest(sunny, 'humidity'));
    // 21 °C, four degrees either way; an hour has the values of its half.
    expect(at(sunny, 14).tempC).toBeCloseTo(25, 1);
    expect(at(sunny, 2).tempC).toBeCloseTo(17, 1);
    expect(at(sunny, 8).tempC).toBeCloseTo(20.5, 1);
    expect(at(sunny, 20).tempC).toBeCloseTo(21.5, 1);
    // Half, 0.15 either way.
    expect([at(sunny, 14).humidity, at(sunny, 2).humidity]).toEqual([0.35, 0.65]);
    // 2.5 m/s, a quarter either way, to a tenth.
    expect([at(sunny, 14).windMS, at(sunny, 2).windMS]).toEqual([3.1, 1.9]);
  });

  it('has sun between the daylight hours alone, most of it in their middle', () => {
    // 700 W/m² at a clear noon, nine tenths of it.
    expect(at(sunny, 12).sunWm2).toBe(630);
    const half = 630 * Math.sin((Math.PI * (8.5 - DAYLIGHT.from)) / (DAYLIGHT.to - DAYLIGHT.from));
    expect(at(sunny, 8).sunWm2).toBe(Math.round(half));
    expect(at(sunny, 16).sunWm2).toBe(Math.round(half));
    for (const hour of [0, 3, 6, 18, 21]) expect(at(sunny, hour).sunWm2).toBe(0);
  });

  it('goes by the clock of the place, which may be ahead of UTC', () => {
    const ahead = forecastByHand('sunny', MIDNIGHT, 24, 120);
    expect(at(ahead, 12).tempC).toBe(at(sunny, 14).tempC);
    expect(at(ahead, 10).sunWm2).toBe(630);
  });

  it('stays within what air can hold', () => {
    for (const { humidity } of forecastByHand('damp', MIDNIGHT, 24, 0).hours) {
      expect(humidity).toBeGreaterThanOrEqual(0.75);
      expect(humidity).toBeLessThanOrEqual(0.99);
    }
    expect(greatest(forecastByHand('damp', MIDNIGHT, 24, 0), 'humidity')).toBeLessThan(5);
  });
});

describe('a synthetic forecast', () => {
  const DAYS = 30;
  const month = madeUpForecast(MIDNIGHT, DAYS * 24, 0).hours;
  const days = Array.from({ length: DAYS }, (_, day) => month.slice(day * 24, day * 24 + 24));

  it('goes on hour by hour', () => {
    expect(month.map((hour) => Date.parse(hour.at))).toEqual(month.map((_, n) => MIDNIGHT + n * HOUR));
  });

  it('has showers of two hours in the afternoon, on two days of three', () => {
    const showers = days.map((hours) => hours.flatMap(({ rain }, hour) => (rain > 0.5 ? [hour] : [])));
    expect(showers.filter((hours) => hours.length > 0)).toHaveLength(20);
    for (const [from, to, ...more] of showers.filter((hours) => hours.length > 0)) {
      expect([to, more]).toEqual([(from ?? 0) + 1, []]);
    }
    expect(new Set(showers.flatMap(([from]) => from ?? []))).toEqual(new Set([13, 16]));
    for (const [day, hours] of days.entries())
      for (const hour of showers[day] ?? []) expect(hours[hour]?.sunWm2).toBeLessThan(40);
  });

  it('has days of every kind between cool and mild, dry and damp, still and windy', () => {
    const afternoons = days.map((hours) => hours[14] ?? expect.unreachable());
    const spread = (of: 'tempC' | 'humidity' | 'windMS') => {
      const all = afternoons.map((hour) => hour[of]);
      return [Math.min(...all), Math.max(...all), new Set(all).size];
    };
    // 11 to 17 °C and four more; 0.55 to 0.75 and 0.15 less; 2 to 6 m/s and a quarter more.
    expect(spread('tempC')).toEqual([15, 21, 7]);
    expect(spread('humidity')).toEqual([0.4, 0.6, 5]);
    expect(spread('windMS')).toEqual([2.5, 7.5, 5]);
    const noons = new Set(days.map((hours) => hours[12]?.sunWm2));
    // 700 W/m² by 0.30 to 0.78.
    expect([...noons].sort((a = 0, b = 0) => a - b)).toEqual([210, 294, 378, 462, 546]);
  });

  it('is the same day by the clock of the place', () => {
    const ahead = madeUpForecast(MIDNIGHT, 48, 120).hours;
    expect(ahead[12]).toMatchObject({ tempC: month[14]?.tempC, rain: month[14]?.rain });
    // At 22 UTC a new day begins there.
    expect(ahead[22]?.windMS).toBe(month[24]?.windMS);
  });
});
