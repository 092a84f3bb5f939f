import type { RunTimer } from '@feverfew/contracts';

export interface TimerView {
  readonly phase: 'working' | 'ready' | 'over';
  /** Milliseconds to the next bound: ready, then latest; past the latest, how long it has been over. */
  readonly ms: number;
  readonly share: number;
  /** Next look-in still ahead, or null. */
  readonly nextLookMs: number | null;
  /** A look fell due and has not been answered. */
  readonly lookDue: boolean;
}

/** How long a look-in stays "due" on screen before the next one takes over is decided by the next look itself. */
export function timerView(timer: RunTimer, nowMs: number, lastLookAt: string | null): TimerView {
  const ready = Date.parse(timer.readyAt);
  const latest = Date.parse(timer.latestAt);
  const start = Date.parse(timer.startedAt);
  const looks = timer.lookAts.map((at) => Date.parse(at));
  const passed = looks.filter((index) => index <= nowMs);
  const lastDue = passed[passed.length - 1] ?? null;
  const nextLook = looks.find((index) => index > nowMs) ?? null;
  const phase = nowMs >= latest ? 'over' : nowMs >= ready ? 'ready' : 'working';
  return {
    phase,
    ms: phase === 'working' ? ready - nowMs : phase === 'ready' ? latest - nowMs : nowMs - latest,
    share: Math.min(1, Math.max(0, (nowMs - start) / Math.max(1, ready - start))),
    nextLookMs: nextLook === null ? null : nextLook - nowMs,
    lookDue: lastDue !== null && (lastLookAt === null || Date.parse(lastLookAt) < lastDue),
  };
}

/** A length of time in a text, where "4:32" would be read as a time of day: "6 h 05 min", "5 min", "40 s". */
export function spanText(ms: number): string {
  const seconds = Math.max(0, Math.round(ms / 1000));
  if (seconds < 60) return `${seconds} s`;
  return seconds < 3600 ? `${Math.round(seconds / 60)} min` : clockText(ms);
}

/** On a running clock: "6 h 05 min", "4:32". Under an hour minutes and seconds, above it hours and minutes. */
export function clockText(ms: number): string {
  const seconds = Math.max(0, Math.round(ms / 1000));
  if (seconds < 3600) return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  return `${Math.floor(seconds / 3600)} h ${String(Math.floor((seconds % 3600) / 60)).padStart(2, '0')} min`;
}

/** Every moment to call a person at, in order. */
export function alarmTimes(timer: RunTimer): { at: number; text: string }[] {
  const ready = Date.parse(timer.readyAt);
  const looks = timer.lookAts
    .map((at) => ({ at: Date.parse(at), text: 'Time to check' }))
    .filter((alarm) => alarm.at < ready);
  return [
    ...looks,
    { at: ready, text: 'Long enough: check now' },
    { at: Date.parse(timer.latestAt), text: 'Time is up: take it out' },
  ];
}
