import type { RunningEntry } from '@feverfew/contracts';

const HOUR_MS = 3_600_000;
/** Shown before and after now, h; more where a clock needs it. */
const BEFORE_H = 2;
const AFTER_H = 4;
const MAX_AFTER_H = 12;
const MAX_BEFORE_H = 6;
/** Marks along the axis. */
const MAX_MARKS = 9;

/** Hours across the lanes. `place` gives % of their length. */
export interface Axis {
  readonly hours: readonly number[];
  readonly place: (ms: number) => number;
}

/** One vessel stretched through time, % of the axis; `past` is the share of its wait that is over. */
export interface Lane {
  readonly from: number;
  readonly ready: number;
  readonly latest: number;
  readonly past: number;
  readonly looks: readonly number[];
}

type Clocked = Pick<RunningEntry, 'state'>;

/** From the earliest start to the last end, in whole hours, as far as is of use today. */
export function axisOf(running: readonly Clocked[], nowMs: number): Axis {
  const timers = running.flatMap(({ state: { timer } }) => timer ?? []);
  const starts = timers.map(({ startedAt }) => Date.parse(startedAt));
  const ends = timers.map(({ latestAt }) => Date.parse(latestAt));
  const low = Math.max(Math.min(nowMs - BEFORE_H * HOUR_MS, ...starts), nowMs - MAX_BEFORE_H * HOUR_MS);
  const high = Math.min(Math.max(nowMs + AFTER_H * HOUR_MS, ...ends), nowMs + MAX_AFTER_H * HOUR_MS);
  const from = Math.floor(low / HOUR_MS) * HOUR_MS;
  const to = Math.ceil(high / HOUR_MS) * HOUR_MS;
  const step = Math.ceil((to - from) / HOUR_MS / MAX_MARKS) * HOUR_MS;
  const hours: number[] = [];
  for (let hour = from; hour <= to; hour += step) hours.push(hour);
  return {
    hours,
    place: (ms) => (100 * (Math.min(to, Math.max(from, ms)) - from)) / (to - from),
  };
}

/** @returns null where no clock runs */
export function laneOf({ state: { timer } }: Clocked, axis: Axis, nowMs: number): Lane | null {
  if (!timer) return null;
  const [start, ready, latest] = [timer.startedAt, timer.readyAt, timer.latestAt].map((at) =>
    Date.parse(at),
  ) as [number, number, number];
  const from = axis.place(start);
  const to = Math.max(axis.place(ready), from + MIN_WIDTH);
  return {
    from,
    ready: to,
    latest: Math.max(to, axis.place(latest)),
    past: Math.min(1, Math.max(0, (axis.place(nowMs) - from) / (to - from))),
    looks: timer.lookAts.filter((at) => at < timer.readyAt).map((at) => axis.place(Date.parse(at))),
  };
}

/** A vessel is never drawn narrower, %. */
const MIN_WIDTH = 1.5;
