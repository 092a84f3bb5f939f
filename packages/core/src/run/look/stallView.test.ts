import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Look } from '../runState.js';
import { LEVELS, levelOf } from './level.js';
import { leftBefore, removedBetween, roundsTo, stallView } from './stallView.js';

const look = (round: number, leftPct: number | null, passIndex = 0): Look => ({
  at: '2026-06-01T10:00:00.000Z',
  passIndex,
  of: [passIndex],
  round,
  answer: 'moving',
  leftPct,
  byMark: [],
  isDry: false,
  signIds: [],
});
const view = (...looks: Look[]) => stallView({ looks });

describe('levels by eye', () => {
  it('leave no gap and name every share', () => {
    for (const [index, level] of LEVELS.entries()) {
      expect(level.leftPct).toBeGreaterThanOrEqual(level.low);
      expect(level.leftPct).toBeLessThanOrEqual(level.high);
      if (index > 0) expect(level.low).toBe(LEVELS[index - 1]?.high);
    }
    expect([levelOf(0).id, levelOf(40).id, levelOf(100).id]).toEqual(['none', 'half', 'all']);
  });
});

describe('the stall rule', () => {
  it('says moving, stalled and gone by what the last round took of what was left', () => {
    expect(view(look(1, 75)).verdict).toBe('moving');
    expect(view(look(1, 75), look(2, 75)).verdict).toBe('stalled');
    expect(view(look(1, 75), look(2, 0)).verdict).toBe('gone');
    expect(view().verdict).toBe('notYet');
  });
  it('takes the last look of a round, and the level of the pass before as its start', () => {
    const { points } = view(look(1, 50), look(1, 25, 1), look(1, 5, 1));
    expect(points.map((point) => point.leftPct.likely)).toEqual([50, 5]);
    expect(leftBefore([look(1, 50), look(1, 25, 1)], 1, 1)).toBe(50);
  });
  it('forecasts by the same share each round: half, a quarter, an eighth', () => {
    const { forecast, roundsLeft, removed } = view(look(1, 50));
    expect(removed?.likely).toBeCloseTo(0.5, 12);
    expect(forecast.map((point) => point.leftPct.likely)).toEqual([25, 12.5]);
    expect(roundsLeft?.likely).toBe(3);
  });
  it('counts rounds in closed form: n = ln(to / from) / ln(1 − share)', () => {
    expect(roundsTo(12, 96, 0.5)).toBe(3);
    expect(roundsTo(12, 97, 0.5)).toBe(4);
    expect(roundsTo(12, 100, 0)).toBeNull();
    expect(roundsTo(12, 12, 0.5)).toBe(0);
    expect(roundsTo(12, 100, 1)).toBe(1);
  });
  it('keeps its interval round its likely value, within 0 and 1', () => {
    const level = fc.constantFrom(...LEVELS.map((one) => one.leftPct));
    fc.assert(
      fc.property(level, level, (from, to) => {
        const { low, likely, high } = removedBetween(from, to);
        expect(low).toBeGreaterThanOrEqual(0);
        expect(low).toBeLessThanOrEqual(likely);
        expect(likely).toBeLessThanOrEqual(high);
        expect(high).toBeLessThanOrEqual(1);
      }),
    );
  });
});
