import type { Round } from '@feverfew/contracts';
import { isSameDay } from 'date-fns';
import { timeOfDay, weekday, weekdayAndTime } from '../../../clock/timeOfDay';

const MINUTE_MS = 60_000;

/** A clock time; with its day where that is another than the one before. */
export interface ClockTime {
  readonly time: string;
  readonly day: string | null;
}

/** Clock times of a round that starts now: of each step, of drying and looking, and the totals. */
export interface RoundTimes {
  readonly steps: readonly ClockTime[];
  readonly dryAt: ClockTime;
  readonly lookAt: ClockTime;
  /** Hands, all, and when it is ready, as words. */
  readonly hands: string;
  readonly ready: string;
}

/** @param nowMs the server's clock */
export function roundTimes(round: Round, nowMs: number): RoundTimes {
  const worked = round.totalMin.likely;
  const inAll = worked + (round.drying?.minutes.likely ?? 0);
  const then = (minutes: number) => new Date(nowMs + minutes * MINUTE_MS);
  const all = [...round.passes.map(({ startMin }) => startMin.likely), worked, inAll].map(then);
  const clocks = all.map((at, index) => ({
    time: timeOfDay(at),
    day: isSameDay(at, all[index - 1] ?? nowMs) ? null : weekday(at),
  }));
  const [dryAt, lookAt] = clocks.slice(-2) as [ClockTime, ClockTime];
  return {
    steps: clocks.slice(0, -2),
    dryAt,
    lookAt,
    hands: minutesText(round.handsOnMin),
    ready: (isSameDay(then(inAll), nowMs) ? timeOfDay : weekdayAndTime)(then(inAll)),
  };
}

/** "27 min", "6 h 20", "2 h"; over a day in days and hours. Rounded to five minutes from an hour on. */
export function minutesText(minutes: number): string {
  if (minutes < 60) return `${Math.max(1, Math.round(minutes))}\u00a0min`;
  const fives = Math.round(minutes / 5) * 5;
  const [hours, rest] = [Math.floor(fives / 60), fives % 60];
  if (hours >= 24) return `${Math.floor(hours / 24)}\u00a0d ${hours % 24}\u00a0h`;
  return rest === 0 ? `${hours}\u00a0h` : `${hours}\u00a0h\u00a0${String(rest).padStart(2, '0')}`;
}
