import { describe, expect, it } from 'vitest';
import { findBlendFault } from './findBlendFault.js';

const blend = (...shares: [string, number][]) => shares.map(([fibreId, sharePct]) => ({ fibreId, sharePct }));

describe('a blend', () => {
  it('is fine when it makes 100 %, or one off by rounding on the tag, or is not known', () => {
    expect(findBlendFault(blend(['cotton', 60], ['polyester', 40]))).toBeNull();
    expect(findBlendFault(blend(['cotton', 33], ['wool', 33], ['silk', 33]))).toBeNull();
    expect(findBlendFault([])).toBeNull();
  });
  it('is refused at 140 %, with the sum', () => {
    expect(findBlendFault(blend(['cotton', 80], ['polyester', 60]))).toEqual({
      code: 'blendNot100',
      sumPct: 140,
    });
  });
  it('is refused when a fibre stands twice', () => {
    expect(findBlendFault(blend(['cotton', 50], ['cotton', 50]))).toEqual({
      code: 'fibreTwice',
      fibreId: 'cotton',
    });
  });
  it.each([0, -5, 101, Number.NaN])('is refused with a share of %d %%', (sharePct) => {
    expect(findBlendFault(blend(['cotton', sharePct]))?.code).toBe('shareOutOfRange');
  });
});
