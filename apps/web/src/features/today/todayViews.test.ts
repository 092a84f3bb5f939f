import type { RunningEntry } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { dayText } from '../../clock/dayText';
import { axisOf, laneOf } from './laneView';
import { nextActionView } from './nextActionView';

const NOW = new Date(2026, 5, 13, 11, 44).getTime();
const at = (minutes: number) => new Date(NOW + minutes * 60_000).toISOString();
const run = (hand: RunningEntry['hand']['what'], from: number, ready: number, latest = ready): RunningEntry =>
  ({
    pieceName: 'sofa covers',
    actionKind: 'dwell',
    hand: { what: hand, at: at(-9), overrun: null },
    state: {
      timer: {
        startedAt: at(from),
        readyAt: at(ready),
        latestAt: at(latest),
        lookAts: [at(from + 30), at(ready)],
        pausedAt: null,
      },
    },
  }) as unknown as RunningEntry;

describe('what a run wants', () => {
  it('is said as a sentence about the piece, in short, and as a button', () => {
    expect(nextActionView(run('lookDue', -60, 48), NOW)).toMatchObject({
      verb: 'Check the sofa covers',
      act: 'Check',
      short: 'check now',
      headline: '48 min',
      next: 'check late by 9 min',
      isNow: true,
    });
    expect(nextActionView(run('over', -60, -9), NOW)).toMatchObject({
      verb: 'Take out the sofa covers',
      isNow: true,
    });
    expect(nextActionView(run('working', -60, 242), NOW)).toMatchObject({
      short: '4 h 02 min to go',
      isNow: false,
    });
  });
});

describe('a vessel stretched through the day', () => {
  const axis = axisOf([run('working', -150, 242, 300)], NOW);
  it('lies on an axis of whole hours that holds its clock and now', () => {
    expect(new Date(axis.hours[0] ?? 0).getHours()).toBe(9);
    expect(axis.place(NOW)).toBeGreaterThan(0);
    expect(axis.place(NOW)).toBeLessThan(100);
    expect(axis.hours.length).toBeLessThanOrEqual(10);
  });
  it('has its wall in, its wall out, what is past, and what is still safe', () => {
    const lane = laneOf(run('working', -150, 242, 300), axis, NOW);
    expect(lane?.from).toBeCloseTo(axis.place(NOW - 150 * 60_000));
    expect(lane?.past).toBeCloseTo(150 / 392);
    expect(lane?.latest).toBeGreaterThan(lane?.ready ?? 100);
    // The last look is the taking out: it has a wall of its own.
    expect(lane?.looks).toHaveLength(1);
  });
  it('is not drawn where no clock runs', () => {
    expect(laneOf({ state: { timer: null } } as unknown as RunningEntry, axis, NOW)).toBeNull();
  });
});

describe('a day in words', () => {
  it.each([
    [0, 'today'],
    [-1, 'yesterday'],
    [-3, 'Wednesday'],
    [-30, '14 May'],
  ])('%d days from now: %s', (days, text) => {
    expect(dayText(at(days * 24 * 60), NOW)).toBe(text);
  });
});
