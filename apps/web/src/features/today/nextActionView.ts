import { overrunWords, type RunningEntry } from '@feverfew/contracts';
import { spanText } from '../../clock/timerView';
import { ACTION_NAMES } from './actionNames';

export interface NextActionView {
  readonly headline: string;
  readonly next: string;
  /** The same in two or three words, for where a clock is small. */
  readonly short: string;
  /** What the hand does now, as a sentence about the piece: "Check the sofa covers". */
  readonly verb: string;
  /** The same as a button. */
  readonly act: string;
  /** A person is needed now. */
  readonly isNow: boolean;
}

const PHASES = {
  step: 'waits for your hand',
  decide: 'say how to go on',
  ready: 'check now',
  paused: 'put it back, or go on',
} as const;

/** The next action of a run, readable from across the room. */
export function nextActionView(run: RunningEntry, nowMs: number): NextActionView {
  const { hand, state, actionKind, pieceName } = run;
  const { timer } = state;
  const since = (iso: string) => Math.max(0, nowMs - Date.parse(iso));
  const left = timer ? spanText(Date.parse(timer.readyAt) - nowMs) : '';
  const look = `Check the ${pieceName}`;
  switch (hand.what) {
    case 'over':
      return {
        headline: `Over by ${spanText(since(hand.at))}`,
        next: hand.overrun ? overrunWords(hand.overrun) : PHASES.ready,
        short: 'take it out',
        act: 'Take it out',
        verb: `Take out the ${pieceName}`,
        isNow: true,
      };
    case 'ready':
      return {
        headline: 'Ready',
        next: PHASES.ready,
        short: 'check now',
        verb: look,
        act: 'Check',
        isNow: true,
      };
    case 'paused':
      return {
        headline: 'Taken out',
        next: PHASES.paused,
        short: 'put it back',
        act: 'Put it back',
        verb: `Put the ${pieceName} back, or go on`,
        isNow: true,
      };
    case 'lookDue':
      return {
        headline: left,
        next: `check late by ${spanText(since(hand.at))}`,
        short: 'check now',
        verb: look,
        act: 'Check',
        isNow: true,
      };
    case 'working':
      return {
        headline: left,
        next: hand.at === timer?.readyAt ? '' : `next check in ${spanText(Date.parse(hand.at) - nowMs)}`,
        short: `${left} to go`,
        act: 'Open',
        verb: look,
        isNow: false,
      };
    case 'decide':
      return {
        headline: 'Decide',
        next: PHASES.decide,
        short: 'decide',
        act: 'Decide',
        verb: `Say how to go on with the ${pieceName}`,
        isNow: true,
      };
    case 'step': {
      const step = ACTION_NAMES[actionKind] ?? 'Next step';
      return {
        headline: `${step} now`,
        next: PHASES.step,
        short: `${step.toLowerCase()} now`,
        verb: `${step}: the ${pieceName}`,
        act: 'Go on',
        isNow: true,
      };
    }
  }
}
