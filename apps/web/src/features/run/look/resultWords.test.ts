import type { StallView } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { resultReason, resultTitle } from './resultWords';

const at = (likely: number) => ({ low: likely - 5, likely, high: likely + 5 });
const view = (left: number, more: Partial<StallView> = {}): StallView => ({
  points: [
    { round: 0, leftPct: at(100) },
    { round: 1, leftPct: at(left) },
  ],
  removed: { low: 0.5, likely: 0.6, high: 0.7 },
  verdict: 'moving',
  forecast: [],
  roundsLeft: { low: 1, likely: 2, high: 4 },
  changeLinePct: left * 0.9,
  ...more,
});

describe('the result of a look', () => {
  it.each([
    ['moving', 38, 'It is still going: about 4 in 10 left'],
    ['moving', 3, 'It is still going: almost nothing left'],
    ['stalled', 96, 'No change: all of it left'],
    ['gone', 0, 'Gone'],
    ['unsure', 50, 'Cannot tell'],
  ] as const)('of %s at %s %% is headed “%s”', (answer, left, title) => {
    expect(resultTitle(answer, view(left))).toBe(title);
  });
  it('has no share where nothing was told', () => {
    expect(resultTitle('moving', { ...view(50), points: [{ round: 0, leftPct: at(100) }] })).toBe(
      'Still moving',
    );
  });
  it.each([
    [{}, 'The last round took about 6 in 10 of what was there. About 2 more to a trace.'],
    [
      { roundsLeft: { low: 1, likely: 2, high: null } },
      'The last round took about 6 in 10 of what was there. About 2 more to a trace, or never.',
    ],
    [
      { verdict: 'stalled', removed: { low: 0, likely: 0.02, high: 0.1 } },
      'The last round took next to nothing.',
    ],
    [
      { roundsLeft: { low: 1, likely: null, high: null } },
      'The last round took about 6 in 10 of what was there.',
    ],
    [{ verdict: 'gone' }, null],
    [{ removed: null }, null],
  ] as const)('says why: %o', (more, reason) => {
    expect(resultReason(view(38, more as Partial<StallView>))).toBe(reason);
  });
});
