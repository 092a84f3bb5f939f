import {
  DRY_STATE_WORDS,
  isOutdoors,
  type LineView,
  RAIN_COUNTS_FROM,
  type WetLine,
} from '@feverfew/contracts';
import { timeOfDay, weekday } from '../../../clock/timeOfDay';

const HOUR_MS = 3_600_000;

/** "12:45–13:45"; with the day where it is not today's; words where there is no range. */
export function rangeText({ earliest, latest, state }: WetLine, now: string): string {
  if (state === 'cannotTell' || (!earliest && !latest)) return 'cannot tell';
  const day = (at: string) =>
    new Date(at).toDateString() === new Date(now).toDateString() ? '' : `${weekday(at)} `;
  if (!earliest) return 'not today';
  const from = `${day(earliest)}${timeOfDay(earliest)}`;
  if (!latest) return `from ${from}`;
  const to = day(latest) === day(earliest) ? timeOfDay(latest) : `${day(latest)}${timeOfDay(latest)}`;
  return `${from}–${to}`;
}

export const stateText = (line: WetLine): string =>
  line.mustyBy
    ? `${line.state === 'inTime' ? 'slow' : DRY_STATE_WORDS[line.state]}, may turn musty`
    : DRY_STATE_WORDS[line.state];

/** "at 18:30", "on Tue at 06:10". */
export const mustyText = (at: string, now: string): string =>
  new Date(at).toDateString() === new Date(now).toDateString()
    ? `at ${timeOfDay(at)}`
    : `on ${weekday(at)} at ${timeOfDay(at)}`;

/** Whether what is said of it is good news. */
export const isWell = ({ state }: WetLine): boolean => state === 'inTime';

/** What helps a piece that will not be dry in time, or is too long on the way. */
export function helpText(line: WetLine, hasDryer: boolean): string {
  if (line.state === 'cannotTell') return 'No weather reaches so far: give your own.';
  const outdoors = isOutdoors(line.place);
  if (hasDryer && line.dryerKWh !== null)
    return `${outdoors ? 'Indoors; or its rest' : 'Its rest'} in the dryer, ${line.tumble.value}`;
  if (outdoors) return 'Into the porch or indoors.';
  if (line.rollHelps && !line.rolled) return 'Roll it in a towel, then put a fan on it.';
  if (line.place === 'chair' && line.places.includes('rack')) return 'On an airer, with a fan on it.';
  return 'Put a fan on it, and leave air around it.';
}

export const needsHelp = (line: WetLine): boolean => !isWell(line) || line.mustyBy !== null;

/** Stretches of rain that count or may come, from the hours of the forecast. */
export function rains({ hours }: LineView): { from: number; to: number; chance: number; counts: boolean }[] {
  const found: { from: number; to: number; chance: number; counts: boolean }[] = [];
  for (const { at, rain } of hours) {
    if (rain < 0.15) continue;
    const from = Date.parse(at);
    const last = found.at(-1);
    const counts = rain >= RAIN_COUNTS_FROM;
    if (last && last.to === from && last.counts === counts) {
      last.to = from + HOUR_MS;
      last.chance = Math.max(last.chance, rain);
    } else found.push({ from, to: from + HOUR_MS, chance: rain, counts });
  }
  return found;
}

/** "7 in 10". */
export const chanceText = (chance: number): string => `${Math.round(chance * 10)} in 10`;

/** Air, wind and warmth of the current hour. */
export function airText({ hours, now }: LineView, temp: (tempC: number) => string): string {
  const at = Date.parse(now);
  const hour = hours.find((one) => at - Date.parse(one.at) < HOUR_MS) ?? hours[0];
  if (!hour) return 'no weather is known';
  const wind =
    hour.windMS < 1 ? 'still' : hour.windMS < 4 ? 'light breeze' : hour.windMS < 8 ? 'breeze' : 'strong wind';
  return `${temp(hour.tempC)}, air ${Math.round(hour.humidity * 100)} %, ${wind} ${Math.round(hour.windMS)} m/s`;
}

/** A time of day on the day of `now`; one that is still to come was yesterday's. */
export function todayAt(time: string, now: string): string {
  const [hours, minutes] = time.split(':').map(Number);
  const at = new Date(now);
  at.setHours(hours ?? 0, minutes ?? 0, 0, 0);
  if (at.getTime() > Date.parse(now)) at.setDate(at.getDate() - 1);
  return at.toISOString();
}
