import { describe, expect, it } from 'vitest';
import { alarmTimes, clockText, spanText, timerView } from './timerView';

const START = Date.UTC(2026, 5, 15, 9, 0, 0);
const iso = (minute: number) => new Date(START + minute * 60_000).toISOString();
const at = (minute: number) => START + minute * 60_000;
const timer = {
  actionId: 's',
  startedAt: iso(0),
  readyAt: iso(120),
  latestAt: iso(240),
  pausedAt: null,
  lookAts: [iso(60), iso(120), iso(180)],
};

describe('a clock at the tub', () => {
  it('counts down to ready, then to the latest end, then up', () => {
    expect(timerView(timer, at(30), null)).toMatchObject({ phase: 'working', ms: 90 * 60_000, share: 0.25 });
    expect(timerView(timer, at(150), null)).toMatchObject({ phase: 'ready', ms: 90 * 60_000, share: 1 });
    expect(timerView(timer, at(265), null)).toMatchObject({ phase: 'over', ms: 25 * 60_000 });
  });
  it('calls a look-in due until somebody has looked', () => {
    expect(timerView(timer, at(59), null)).toMatchObject({ lookDue: false, nextLookMs: 60_000 });
    expect(timerView(timer, at(65), null).lookDue).toBe(true);
    expect(timerView(timer, at(65), iso(61)).lookDue).toBe(false);
    expect(timerView(timer, at(125), iso(61)).lookDue).toBe(true);
  });
  it('has nothing ahead after the last look', () => {
    expect(timerView(timer, at(200), null).nextLookMs).toBeNull();
  });
  it('calls at each look before ready, at ready and at the end', () => {
    expect(alarmTimes(timer)).toEqual([
      { at: at(60), text: 'Time to check' },
      { at: at(120), text: 'Long enough: check now' },
      { at: at(240), text: 'Time is up: take it out' },
    ]);
  });
  it.each([
    [0, '0:00'],
    [272_000, '4:32'],
    [3_600_000, '1 h 00 min'],
    [21_900_000, '6 h 05 min'],
    [-5, '0:00'],
  ])('writes %d ms as %s', (ms, text) => {
    expect(clockText(ms)).toBe(text);
  });
  it.each([
    [0, '0 s'],
    [40_400, '40 s'],
    [272_000, '5 min'],
    [3_599_000, '60 min'],
    [21_900_000, '6 h 05 min'],
  ])('writes %d ms in a text as %s, never as a time of day', (ms, text) => {
    expect(spanText(ms)).toBe(text);
  });
});
