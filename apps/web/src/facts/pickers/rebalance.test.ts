import { describe, expect, it } from 'vitest';
import { rebalance } from './rebalance';

const blend = (...shares: number[]) => shares.map((sharePct, index) => ({ fibreId: `f${index}`, sharePct }));
const shares = (fibres: ReturnType<typeof rebalance>) => fibres.map((share) => share.sharePct);

describe('a share moved by a slider', () => {
  it('takes from the others in proportion', () => {
    expect(shares(rebalance(blend(60, 30, 10), 0, 20))).toEqual([20, 60, 20]);
  });
  it('always leaves 100 together and nobody below 1', () => {
    for (let share = -10; share <= 120; share += 1) {
      const moved = shares(rebalance(blend(60, 35, 5), 1, share));
      expect(moved.reduce((sum, one) => sum + one, 0)).toBe(100);
      expect(Math.min(...moved)).toBeGreaterThanOrEqual(1);
    }
  });
  it('leaves a single fibre at 100', () => {
    expect(shares(rebalance(blend(100), 0, 40))).toEqual([100]);
  });
});
