import { describe, expect, it } from 'vitest';
import { knowledge } from '../test/fixtures.js';
import { regainOf, waterAfter } from './waterAfter.js';

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

  it('beyond the fastest speed is what the fastest leaves, and without a spin what drips', () => {
    expect(cotton(2000)).toEqual(points.at(-1)?.gPerG);
    expect(cotton(0)).toEqual(line?.dripping);
    for (const kind of ['wrung', 'rolled', 'dripping'] as const)
      expect(waterAfter(COTTON_REGAIN_PCT, { kind }, knowledge.waterLeft)).toEqual(line?.[kind]);
  });

  it('goes by the line of the table that the fibre has reached, in any order of the lines', () => {
    for (const { regainFromPct, wrung } of knowledge.waterLeft) {
      expect(waterAfter(regainFromPct, { kind: 'wrung' }, knowledge.waterLeft)).toEqual(wrung);
      expect(waterAfter(regainFromPct, { kind: 'wrung' }, [...knowledge.waterLeft].reverse())).toEqual(wrung);
    }
    expect(() => waterAfter(0, { kind: 'wrung' }, [])).toThrow('no line of water left');
  });
});

describe('what fibres take up', () => {
  const fibres = new Map([
    ['cotton', { moistureRegainPct: 7 }],
    ['polyester', { moistureRegainPct: 0.4 }],
    ['mystery', { moistureRegainPct: null }],
  ]);
  const of = (...shares: [string, number][]) =>
    regainOf([{ fibres: shares.map(([fibreId, sharePct]) => ({ fibreId, sharePct })) }], fibres);

  it('is the mean by share, of those that are known', () => {
    expect(of(['cotton', 50], ['polyester', 50])).toBeCloseTo(3.7, 9);
    expect(of(['cotton', 20], ['polyester', 80])).toBeCloseTo(1.72, 9);
    expect(of(['polyester', 40], ['mystery', 60])).toBeCloseTo(0.4, 9);
    expect(of(['polyester', 40], ['unheardOf', 60])).toBeCloseTo(0.4, 9);
  });

  it('is cotton’s where nothing is known', () => {
    expect(of(['mystery', 100])).toBe(7);
    expect(of()).toBe(7);
  });
});
