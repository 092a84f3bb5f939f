import { MINUTE_MS } from '../../quantity/timeUnits.js';
import type { Dwell } from '../../treatment/plan/action.js';
import type { Refusal, RunTimer } from '../runState.js';

type Turned =
  | { readonly ok: true; readonly timer: RunTimer }
  | { readonly ok: false; readonly refusal: Refusal };

const no = (refusal: Refusal): Turned => ({ ok: false, refusal });

/** Takes it out for now. What must stay wet may not wait, and past its latest end there is nothing to wait for. */
export function pauseTimer(timer: RunTimer | null, { keep }: Dwell, at: string): Turned {
  if (!timer) return no('noTimer');
  if (timer.pausedAt !== null) return no('timerPaused');
  if (keep === 'wet') return no('mustStayWet');
  return at >= timer.latestAt ? no('windowEnds') : { ok: true, timer: { ...timer, pausedAt: at } };
}

/** Puts it back: “long enough” moves by the pause, the latest end stays. What is in the cloth went on working. */
export function resumeTimer(timer: RunTimer | null, at: string): Turned {
  if (!timer) return no('noTimer');
  if (timer.pausedAt === null) return no('notPaused');
  const pausedMs = Math.max(0, Date.parse(at) - Date.parse(timer.pausedAt));
  return { ok: true, timer: { ...timer, pausedAt: null, readyAt: later(timer, pausedMs) } };
}

/** Puts “long enough” off by some minutes, never past the latest end. */
export function extendTimer(timer: RunTimer | null, minutes: number, at: string): Turned {
  if (!timer) return no('noTimer');
  if (timer.pausedAt !== null) return no('timerPaused');
  if (at >= timer.latestAt || timer.readyAt >= timer.latestAt) return no('windowEnds');
  const fromNow = Math.max(0, Date.parse(at) - Date.parse(timer.readyAt));
  return { ok: true, timer: { ...timer, readyAt: later(timer, fromNow + minutes * MINUTE_MS) } };
}

const later = ({ readyAt, latestAt }: RunTimer, ms: number): string =>
  new Date(Math.min(Date.parse(latestAt), Date.parse(readyAt) + ms)).toISOString();
