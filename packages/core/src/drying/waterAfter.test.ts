import { describe, expect, it } from 'vitest';
import { knowledge } from '../test/fixtures.js';
import { waterAfter } from './waterAfter.js';

const COTTON_REGAIN_PCT = 7;
const cotton = (rpm: number) => waterAfter(COTTON_REGAIN_PCT, { kind: 'spun', rpm }, knowledge.waterLeft);

describe('water after spinning', () => {
  const line = knowledge.waterLeft.find(({ regainFromPct }) => COTTON_REGAIN_PCT >= regainFromPct);
  const points = line?.spun ?? [];

  it('is what the table says at each of its speeds', () => {
    expect(points.length).toBeGreaterThan(2);
    for (const { rpm, gPerG } of points) expect(cotton(rpm)).toEqual(gPerG);
  });

  it('lies between two speeds in proportion, nearer to the nearer one', () => {
    for (const [index, after] of points.entries()) {
      const before = points[index - 1];
      if (!before) continue;
      const at = (share: number) => cotton(before.rpm + (after.rpm - before.rpm) * share);
      for (const end of ['low', 'high'] as const) {
        const [from, to] = [before.gPerG[end], after.gPerG[end]];
        expect(at(0.25)[end]).toBeCloseTo(from + (to - from) / 4, 9);
        expect(at(0.75)[end]).toBeCloseTo(from + ((to - from) * 3) / 4, 9);
      }
    }
  });
});
