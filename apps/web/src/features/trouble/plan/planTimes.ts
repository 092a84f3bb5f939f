import type { Round } from '@feverfew/contracts';
import { format } from 'date-fns';

const MINUTE_MS = 60_000;

/** Clock times of a round begun now: of each of its steps, of drying and looking, and what it comes to. */
export interface RoundTimes {
  readonly steps: readonly string[];
  readonly dryAt: string;
  readonly lookAt: string;
  /** Hands, all, and when it is ready, as words. */
  readonly hands: string;
  readonly inAll: string;
  readonly ready: string;
}

/** @param nowMs the server's clock */
export function roundTimes(round: Round, nowMs: number): RoundTimes {
  const worked = round.totalMin.likely;
  const inAll = worked + (round.drying?.minutes.likely ?? 0);
  const at = (minutes: number) => clockAt(nowMs, minutes);
  return {
    steps: round.passes.map(({ startMin }) => at(startMin.likely)),
    dryAt: at(worked),
    lookAt: at(inAll),
    hands: minutesText(round.handsOnMin),
    inAll: minutesText(inAll),
    ready: at(inAll),
  };
}

/** "18:05", "Sat 9:10" on another day. */
function clockAt(nowMs: number, minutes: number): string {
  const then = new Date(nowMs + minutes * MINUTE_MS);
  return format(then, then.toDateString() === new Date(nowMs).toDateString() ? 'H:mm' : 'EEE H:mm');
}

/** "27 min", "6 h 20", "2 h"; over a day in days and hours. Rounded to five minutes from an hour on. */
export function minutesText(minutes: number): string {
  if (minutes < 60) return `${Math.max(1, Math.round(minutes))}\u00a0min`;
  const fives = Math.round(minutes / 5) * 5;
  const [hours, rest] = [Math.floor(fives / 60), fives % 60];
  if (hours >= 24) return `${Math.floor(hours / 24)}\u00a0d ${hours % 24}\u00a0h`;
  return rest === 0 ? `${hours}\u00a0h` : `${hours}\u00a0h\u00a0${String(rest).padStart(2, '0')}`;
}
