import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { heapCase, heapEntryCase } from '../proof/heapCase.js';
import { sweepHeaps } from '../proof/sweepHeaps.js';
import { household, knowledge } from '../test/fixtures.js';
import { drumOf, isDrum, limitsOf } from './drum.js';
import type { DrumPiece } from './drumPiece.js';
import { evenOutLoads } from './evenOutLoads.js';
import { commonMachine } from './machine.js';
import { readEntry } from './readEntry.js';
import { sortHeap } from './sortHeap.js';
import { splitToFit } from './splitToFit.js';

const machine = commonMachine(8000, knowledge);
const POOL = 1500;
const piecesOf = (numbers: readonly number[]): DrumPiece[] =>
  numbers.flatMap((number) => {
    const read = readEntry(heapEntryCase(number), machine, household, knowledge);
    return read.to === 'drum' ? splitToFit(read.piece, machine) : [];
  });
const anyHeap = fc
  .record({ number: fc.nat(1e6), size: fc.integer({ min: 1, max: 9 }) })
  .map(({ number, size }) => piecesOf(heapCase(number, size, POOL)));
const ids = (loads: readonly { readonly pieces: readonly DrumPiece[] }[]) =>
  loads.map(({ pieces }) => pieces.map(({ id }) => id).sort());

describe('any heap', () => {
  it('adding a piece never raises a limit of a load', () => {
    fc.assert(
      fc.property(anyHeap, (pieces) => {
        for (let count = 1; count < pieces.length; count += 1) {
          const [before, after] = [limitsOf(pieces.slice(0, count)), limitsOf(pieces.slice(0, count + 1))];
          expect(after.maxC.value).toBeLessThanOrEqual(before.maxC.value);
          expect(after.spinRpm.value).toBeLessThanOrEqual(before.spinRpm.value);
          expect(after.massG).toBeGreaterThanOrEqual(before.massG);
          if (before.oxygen.value === 'never') expect(after.oxygen.value).toBe('never');
          const capacity = (id: string) => machine.programmes.find((one) => one.id === id)?.capacityG ?? 0;
          expect(capacity(after.programme.value)).toBeLessThanOrEqual(capacity(before.programme.value));
        }
      }),
    );
  });

  it('comes out alike in whatever order it was entered, also beyond what is searched whole', () => {
    for (let number = 0; number < 10; number += 1) {
      const pieces = piecesOf(heapCase(number, 18, POOL));
      // Ids are drawn where lines are entered: another order of entry is another order of ids.
      const entered = pieces.map((piece, at) => ({
        ...piece,
        id: `${String(pieces.length - at).padStart(3, '0')}`,
      }));
      const described = (all: readonly DrumPiece[]) =>
        sortHeap(all, machine, 0).loads.map(({ pieces: load }) =>
          load.map(({ id: _, ...one }) => JSON.stringify(one)).sort(),
        );
      expect(described(entered)).toEqual(described(pieces));
    }
  });

  it('a second sorting is as good as the first: as many drums, nothing given up, no longer, and evener', () => {
    let found = 0;
    for (let number = 0; number < 160; number += 1) {
      const pieces = piecesOf(heapCase(number, 12, POOL));
      const { loads } = sortHeap(pieces, machine, 0);
      const evener = evenOutLoads(loads, machine);
      if (!evener) continue;
      found += 1;
      const sum = (all: typeof loads, of: (load: (typeof loads)[number]) => number) =>
        all.reduce((total, load) => total + of(load), 0);
      const full = ({ drum }: (typeof loads)[number]) => drum.limits.massG / drum.programme.capacityG;
      expect(ids(evener).flat().sort()).toEqual(ids(loads).flat().sort());
      expect(evener).toHaveLength(loads.length);
      expect(sum(evener, ({ drum }) => drum.givenUpGC)).toBeLessThanOrEqual(
        sum(loads, ({ drum }) => drum.givenUpGC),
      );
      expect(sum(evener, ({ drum }) => drum.minutes)).toBeLessThanOrEqual(
        sum(loads, ({ drum }) => drum.minutes),
      );
      expect(sum(evener, (load) => full(load) ** 2)).toBeLessThan(sum(loads, (load) => full(load) ** 2));
      for (const load of evener) expect(isDrum(drumOf(load.pieces, machine))).toBe(true);
    }
    expect(found).toBeGreaterThan(5);
  });

  it('what may be one load may be one in every part of it', () => {
    fc.assert(
      fc.property(anyHeap, fc.nat(8), (pieces, at) => {
        if (pieces.length < 2 || !isDrum(drumOf(pieces, machine))) return;
        const without = pieces.filter((_, index) => index !== at % pieces.length);
        expect(isDrum(drumOf(without, machine))).toBe(true);
      }),
    );
  });

  it('the order in which it was told changes nothing', () => {
    fc.assert(
      fc.property(anyHeap, (pieces) => {
        const turned = [...pieces].reverse();
        expect(ids(sortHeap(turned, machine, 0).loads)).toEqual(ids(sortHeap(pieces, machine, 0).loads));
      }),
    );
  });

  it('each at its best gives up no more than fewest, and never takes fewer loads', () => {
    fc.assert(
      fc.property(anyHeap, (pieces) => {
        const [few, best] = [sortHeap(pieces, machine, 0), sortHeap(pieces, machine, 1)];
        const lost = (loads: typeof few.loads) => loads.reduce((sum, { drum }) => sum + drum.givenUpGC, 0);
        expect(lost(best.loads)).toBeLessThanOrEqual(lost(few.loads));
        expect(best.loads.length).toBeGreaterThanOrEqual(few.loads.length);
      }),
    );
  });
});

describe('heaps read by the independent checker', () => {
  const sweep = (from: number, to: number, size: readonly [number, number], best: number) =>
    sweepHeaps({ from, to, size, pool: POOL, best }, machine, household, knowledge, () => performance.now());

  it('finds nothing in three thousand small ones and forty of thirty lines', () => {
    const small = sweep(0, 3000, [3, 8], 0);
    expect(small.faults).toEqual({});
    expect(small.loads).toBeGreaterThan(6000);
    const large = sweep(0, 40, [30, 30], 0.5);
    expect(large.faults).toEqual({});
  });
});
