import { type NextAction, overrunWords, type RunningEntry } from '@feverfew/contracts';
import { clockText } from '../../clock/timerView';
import { ACTION_NAMES } from './actionNames';

export interface NextActionView {
  readonly headline: string;
  readonly next: string;
  /** Somebody is wanted now. */
  readonly isNow: boolean;
}

const PHASES = {
  step: 'waits for your hand',
  decide: 'say how to go on',
  lookDue: 'look-in due',
  ready: 'look now',
  paused: 'put it back, or go on',
} as const;

/** What a run wants next, as a person reads it from across the room. */
export function nextActionView({ hand, state, stepKind }: RunningEntry, nowMs: number): NextActionView {
  const { timer } = state;
  const since = (iso: string) => Math.max(0, nowMs - Date.parse(iso));
  switch (hand.what) {
    case 'over':
      return {
        headline: `Over by ${clockText(since(hand.at))}`,
        next: hand.overrun ? overrunWords(hand.overrun) : PHASES.ready,
        isNow: true,
      };
    case 'ready':
      return { headline: 'Ready', next: PHASES.ready, isNow: true };
    case 'paused':
      return { headline: 'Taken out', next: PHASES.paused, isNow: true };
    case 'lookDue':
      return {
        headline: timer ? clockText(Date.parse(timer.readyAt) - nowMs) : '',
        next: `${PHASES.lookDue} since ${clockText(since(hand.at))}`,
        isNow: true,
      };
    case 'working':
      return {
        headline: timer ? clockText(Date.parse(timer.readyAt) - nowMs) : '',
        next: hand.at === timer?.readyAt ? '' : `next look in ${clockText(Date.parse(hand.at) - nowMs)}`,
        isNow: false,
      };
    case 'decide':
      return { headline: 'Decide', next: PHASES.decide, isNow: true };
    case 'step':
      return { headline: `${ACTION_NAMES[stepKind] ?? 'Next step'} now`, next: PHASES.step, isNow: true };
  }
}

/** The next moment somebody is wanted, over all runs; null when somebody is wanted now or nothing runs. */
export function nextHandAt(running: readonly { hand: NextAction }[]): string | null {
  const [first] = running;
  return first && running.every(({ hand: next }) => next.what === 'working') ? first.hand.at : null;
}
