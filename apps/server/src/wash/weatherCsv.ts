import type { WeatherTold } from '@feverfew/contracts';
import papa from 'papaparse';

type Hours = Extract<WeatherTold, { origin: 'csv' }>['hours'];

/** Columns of a forecast by the hour, with what they hold; the order does not matter, others are passed over. */
const COLUMNS = {
  temp_c: [-30, 60],
  humidity_pct: [0, 100],
  wind_ms: [0, 30],
  sun_wm2: [0, 1200],
  rain_pct: [0, 100],
} as const;
/** Ends in Z or an offset: without it a moment is an hour or more off in another time zone. */
const HAS_OFFSET = /(?:Z|[+-]\d{2}(?::?\d{2})?)$/i;
const DECIMAL_COMMA = /^([+-]?\d+),(\d+)$/;
const NEEDED = ['time', 'temp_c', 'humidity_pct'] as const;
const HOUR_MS = 3_600_000;

/**
 * Reads a forecast: one line an hour, `time` as ISO 8601 with its offset, on the hour, without gaps. Columns are parted
 * by commas, or by semicolons or tabs where figures have decimal commas. Without wind, sun or rain a breath of wind, no
 * sun and no rain are taken.
 * @returns the hours, or the first thing that is wrong, in words
 */
export function readWeather(csv: string): { hours: Hours } | { fault: string } {
  const { data, meta } = papa.parse<Record<string, string>>(csv.trim(), {
    header: true,
    skipEmptyLines: true,
  });
  const missing = NEEDED.filter((column) => !meta.fields?.includes(column));
  if (missing.length > 0) return { fault: `The file has no column ${missing.join(', ')}.` };
  const hours: Hours[number][] = [];
  for (const [index, row] of data.entries()) {
    const line = index + 2;
    const time = row.time?.trim() ?? '';
    const at = Date.parse(time);
    if (Number.isFinite(at) && !HAS_OFFSET.test(time))
      return { fault: `Line ${line}: ${time} needs its offset from UTC, as in ${time}+02:00.` };
    if (!Number.isFinite(at) || at % HOUR_MS !== 0) return { fault: `Line ${line}: time is no full hour.` };
    const before = hours.at(-1);
    if (before && at !== Date.parse(before.at) + HOUR_MS)
      return { fault: `Line ${line}: it does not follow the hour before.` };
    const figures: Partial<Record<keyof typeof COLUMNS, number>> = {};
    for (const [column, [low, high]] of Object.entries(COLUMNS) as [
      keyof typeof COLUMNS,
      readonly [number, number],
    ][]) {
      const text = row[column]?.trim();
      if (text === undefined || text === '') continue;
      const value = Number(text.replace(DECIMAL_COMMA, '$1.$2'));
      if (!(value >= low && value <= high))
        return { fault: `Line ${line}: ${column} is ${text}, it lies between ${low} and ${high}.` };
      figures[column] = value;
    }
    const { temp_c: tempC, humidity_pct: humidity } = figures;
    if (tempC === undefined || humidity === undefined)
      return { fault: `Line ${line}: temperature and humidity are missing.` };
    hours.push({
      at: new Date(at).toISOString(),
      tempC,
      humidity: humidity / 100,
      windMS: figures.wind_ms ?? 1,
      sunWm2: figures.sun_wm2 ?? 0,
      rain: (figures.rain_pct ?? 0) / 100,
    });
  }
  if (hours.length === 0) return { fault: 'The file holds no hour.' };
  return { hours: hours.slice(0, 400) };
}
