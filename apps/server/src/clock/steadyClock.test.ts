import { describe, expect, it } from 'vitest';
import { SteadyClock } from './steadyClock.js';

const MIN = 60_000;
const DAY = 24 * 60 * MIN;

function clocks() {
  const time = { wall: Date.UTC(2026, 5, 15), passed: 1000 };
  const clock = new SteadyClock(
    () => time.wall,
    () => time.passed,
  );
  const from = time.wall;
  return {
    clock,
    time,
    /** Both go on. */
    pass: (ms: number) => {
      time.wall += ms;
      time.passed += ms;
    },
    sinceMs: () => clock.read().getTime() - from,
  };
}

describe('the clock of a house', () => {
  it('is the computer’s, also after a night of sleep and small corrections', () => {
    const { clock, time, pass, sinceMs } = clocks();
    pass(9 * 60 * MIN);
    time.wall += 40_000;
    expect(sinceMs()).toBe(9 * 60 * MIN + 40_000);
    time.wall -= 60_000;
    expect(sinceMs()).toBe(9 * 60 * MIN - 20_000);
    expect(clock.jump).toBeNull();
  });
  it.each([DAY, -DAY, 3 * MIN])(
    'goes on as time passed while the computer’s is %i ms off for a moment',
    (byMs) => {
      const { clock, time, pass, sinceMs } = clocks();
      pass(5 * MIN);
      time.wall += byMs;
      pass(MIN);
      expect(sinceMs()).toBe(6 * MIN);
      expect(clock.jump).toEqual({ byMs });
      pass(MIN);
      time.wall -= byMs;
      expect(sinceMs()).toBe(7 * MIN);
      expect(clock.jump).toBeNull();
    },
  );
  it('takes the computer’s over once somebody says that it is right', () => {
    const { clock, time, pass, sinceMs } = clocks();
    time.wall += DAY;
    pass(MIN);
    expect(clock.accept()).toBe(DAY);
    expect(sinceMs()).toBe(DAY + MIN);
    expect(clock.jump).toBeNull();
    expect(clock.accept()).toBe(0);
  });
});
