import { describe, expect, it } from 'vitest';
import { readWeather } from './weatherCsv.js';

const HEAD = 'time,temp_c,humidity_pct,wind_ms,sun_wm2,rain_pct\n';

describe('a forecast by the hour', () => {
  it('is read in any order of its columns, with its offset', () => {
    expect(
      readWeather(
        'rain_pct,time,temp_c,humidity_pct\n20,2026-05-04T10:00:00+02:00,15,60\n,2026-05-04T11:00:00+02:00,16,58\n',
      ),
    ).toEqual({
      hours: [
        { at: '2026-05-04T08:00:00.000Z', tempC: 15, humidity: 0.6, windMS: 1, sunWm2: 0, rain: 0.2 },
        { at: '2026-05-04T09:00:00.000Z', tempC: 16, humidity: 0.58, windMS: 1, sunWm2: 0, rain: 0 },
      ],
    });
  });
  it('is read with semicolons and decimal commas', () => {
    const read = readWeather('time;temp_c;humidity_pct;wind_ms\n2026-05-04T10:00:00Z;-7,5;60,5;2\n');
    expect('hours' in read && read.hours[0]).toMatchObject({ tempC: -7.5, humidity: 0.605, windMS: 2 });
  });
  it.each([
    ['', /no column time/],
    [HEAD, /holds no hour/],
    [`${HEAD}soon,15,60,,,`, /Line 2: time is no full hour/],
    [`${HEAD}2026-05-04T10:00,15,60,,,`, /Line 2: 2026-05-04T10:00 needs its offset from UTC/],
    [`${HEAD}2026-05-04T10:30:00Z,15,60,,,`, /no full hour/],
    [`${HEAD}2026-05-04T10:00:00Z,15,60,,,\n2026-05-04T12:00:00Z,15,60,,,`, /Line 3: it does not follow/],
    [`${HEAD}2026-05-04T10:00:00Z,15,160,,,`, /humidity_pct is 160, it lies between 0 and 100/],
    [`${HEAD}2026-05-04T10:00:00Z,warm,60,,,`, /temp_c is warm/],
    [`${HEAD}2026-05-04T10:00:00Z,,60,,,`, /are missing/],
  ])('%j is told what is wrong', (csv, words) => {
    const read = readWeather(csv);
    expect('fault' in read ? read.fault : '').toMatch(words);
  });
});
