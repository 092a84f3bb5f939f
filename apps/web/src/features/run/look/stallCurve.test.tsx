import type { StallView } from '@feverfew/contracts';
import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { show } from '../../../test/inApp';
import { StallCurve } from './StallCurve';

afterEach(cleanup);

const at = (round: number, likely: number) => ({
  round,
  leftPct: { low: Math.max(0, likely - 5), likely, high: Math.min(100, likely + 5) },
});
const view = (levels: readonly number[], more: Partial<StallView> = {}): StallView => ({
  points: levels.map((left, round) => at(round, left)),
  removed: { low: 0.3, likely: 0.4, high: 0.5 },
  verdict: 'moving',
  forecast: [at(levels.length, (levels.at(-1) ?? 0) * 0.6)],
  roundsLeft: { low: 1, likely: 2, high: 4 },
  changeLinePct: (levels.at(-1) ?? 0) * 0.9,
  ...more,
});
const words = (one: StallView) => {
  show(<StallCurve view={one} />);
  return screen.getByRole('img').textContent ?? '';
};

describe('the curve of a look', () => {
  it('has the line to change the way from the second look on, with its words at it', () => {
    expect(words(view([100, 60]))).not.toContain('change the way');
    cleanup();
    expect(words(view([100, 60, 40]))).toContain('above 36 %:change the way');
  });
  it('has the words of a high line below the drawing, where nothing crosses them', () => {
    expect(words(view([100, 90, 80]))).toContain('Dashed line, 72 %: above it, change the way.');
  });
  it('draws nothing ahead where it has stalled', () => {
    expect(words(view([100, 60]))).toContain('same again');
    cleanup();
    const stalled = words(view([100, 97, 96], { verdict: 'stalled' }));
    expect(stalled).not.toContain('same again');
    expect(stalled).not.toContain('change the way');
  });
});
