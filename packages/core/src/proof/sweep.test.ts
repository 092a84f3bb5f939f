import { describe, expect, it } from 'vitest';
import { SENSE_KINDS, type SenseKind } from '../sense/senseFault.js';
import { knowledge } from '../test/fixtures.js';
import { sweepOf } from './sweepCase.js';
import { sweepRange } from './sweepRange.js';

const sweep = sweepOf(knowledge);
const SAMPLE = 12_000;
/** Planned and checked each day; the nightly sweep takes many times as many. */
const CHECKED = 2000;

/**
 * Most plans of the sample with a fault of sense, by kind: what is left today. It may only fall.
 */
const MAX_FAULTS: Readonly<Record<SenseKind, number>> = {
  decidedCondition: 0,
  againstOwnNever: 0,
  absentName: 0,
  missingPlace: 0,
  strongestLate: 0,
  weakerInstead: 0,
  idleStep: 0,
  repeatedStep: 0,
  emptyRound: 0,
  equalEnds: 0,
  amountOutside: 0,
  amountAgainstWords: 0,
  minutesOutside: 0,
  rinseMissing: 0,
  testMissing: 0,
  wrongOrder: 0,
  notAsHotAsTag: 0,
  readyTooLate: 0,
  bathForOne: 0,
  driedTooSoon: 0,
  pairTooClose: 0,
  triedInVain: 0,
  otherDeed: 0,
  longRound: 0,
};

describe('the sweep', () => {
  it('numbers every case of the product once: neighbours differ, the round closes', () => {
    expect(sweep.size).toBeGreaterThan(5_000_000);
    expect(sweep.caseAt(sweep.size)).toEqual(sweep.caseAt(0));
    const seen = new Set(Array.from({ length: 3000 }, (_, number) => JSON.stringify(sweep.caseAt(number))));
    expect(seen.size).toBe(3000);
  });
  it('meets every fibre, mark and item within the sample', () => {
    const met = new Set<string>();
    for (let number = 0; number < SAMPLE; number += 1) {
      const { facts } = sweep.caseAt(number);
      for (const id of [...facts.markIds, facts.piece.itemId ?? '']) met.add(id);
      for (const part of facts.piece.parts) for (const share of part.fibres) met.add(share.fibreId);
    }
    for (const { id } of [...knowledge.marks, ...knowledge.items, ...knowledge.fibres])
      expect([id, met.has(id)]).toEqual([id, true]);
  });
  it('finds no violation in a fixed sample, no empty screen, and no more faults of sense than before', () => {
    const { violations, examples, passes, honestNone, sense } = sweepRange(sweep, 0, CHECKED, knowledge);
    expect({ violations, examples }).toEqual({ violations: {}, examples: [] });
    expect(passes).toBeGreaterThan(CHECKED / 4);
    expect(honestNone).toBeLessThan(CHECKED);
    const tooMany = SENSE_KINDS.filter((kind) => sense.byKind[kind].plans > MAX_FAULTS[kind]).map((kind) => [
      kind,
      sense.byKind[kind],
    ]);
    expect(tooMany).toEqual([]);
  });
});
