import { describe, expect, it } from 'vitest';
import type { Household, Vessel } from '../household/household.js';
import { judgeMix } from '../mix/judgeMix.js';
import { EMPTY_MIX, type Mix } from '../mix/mix.js';
import { mixAt, sweepMixes } from '../proof/sweepMixes.js';
import { household, knowledge } from '../test/fixtures.js';
import { OWNS_ALL } from '../test/nasty.js';
import { checkMix, type MixDanger } from './checkMix.js';

const jar = { ...OWNS_ALL.vessels[0], id: 'jar', name: 'jar', volumeL: 1, lid: true } as Vessel;
const home: Household = { ...OWNS_ALL, vessels: [...OWNS_ALL.vessels, jar] };
const pour = (agentId: string, amount: number) => ({
  agentId,
  amount,
  unit: ['liquid'].includes(knowledge.agents.find(({ id }) => id === agentId)?.form ?? '') ? 'mL' : 'g',
  strengthPct: null,
});
const mix = (
  waterML: number,
  pours: readonly (readonly [string, number])[],
  more: Partial<Mix> = {},
): Mix => ({
  ...EMPTY_MIX,
  waterML,
  pours: pours.map(([agentId, amount]) => pour(agentId, amount)),
  ...more,
});
const allowed = judgeMix(EMPTY_MIX, home, knowledge);

/** Each is refused by the table; the plant says it was allowed. */
const PLANTED: Readonly<Record<MixDanger, readonly Mix[]>> = {
  pairMeets: [
    mix(5000, [
      ['chlorineBleach', 20],
      ['vinegar', 50],
    ]),
    mix(5000, [
      ['peroxide', 20],
      ['vinegar', 50],
    ]),
  ],
  gasUnderPressure: [
    mix(
      500,
      [
        ['citricAcid', 20],
        ['bakingSoda', 20],
      ],
      { container: { kind: 'vessel', vesselId: 'jar' } },
    ),
    mix(500, [['oxygenBleach', 10]], { container: { kind: 'bottle' } }),
  ],
  hazardInClosed: [mix(0, [['acetone', 50]], { container: { kind: 'sprayer' } })],
  vapourWarm: [
    mix(5000, [['ammonia', 20]], { waterC: 60 }),
    mix(5000, [['isopropanol', 50]], { waterC: 40 }),
  ],
  tooMuchThatBurns: [mix(5000, [['mineralSpirits', 1000]])],
  oxidiserOnFuel: [
    mix(0, [
      ['oxygenBleach', 50],
      ['isopropanol', 50],
    ]),
  ],
  chlorineInCompany: [
    mix(5000, [
      ['chlorineBleach', 10],
      ['dishDetergent', 5],
    ]),
  ],
  unknownInCompany: [
    mix(5000, [
      ['unknownProduct', 10],
      ['dishDetergent', 5],
    ]),
  ],
  switchedOff: [mix(5000, [['poolChlorineProduct', 10]])],
  heatsItself: [mix(20, [['runRemover', 50]])],
};

describe('the checker of mixes', () => {
  it.each(Object.entries(PLANTED))('sees %s where it was planted', (code, mixes) => {
    for (const one of mixes) {
      expect(judgeMix(one, home, knowledge).refused.length).toBeGreaterThan(0);
      expect(checkMix(one, allowed, home, knowledge)).toContain(code);
    }
  });
  it('says nothing of a mix that was refused, nor of an ordinary one', () => {
    const [nasty] = PLANTED.pairMeets;
    if (!nasty) return expect.unreachable();
    expect(checkMix(nasty, judgeMix(nasty, home, knowledge), home, knowledge)).toEqual([]);
    expect(checkMix(mix(5000, [['oxygenBleach', 50]]), allowed, home, knowledge)).toEqual([]);
  });
});

describe('mixes drawn by number', () => {
  it.each([
    ['a usual house', household],
    ['a house that has all', home],
  ])('hold nothing that hurts, and no ordinary product is refused: %s', (_name, house) => {
    const { mixes, dangers, tooCareful } = sweepMixes(0, 4000, house, knowledge);
    expect(mixes).toBe(4000);
    expect(dangers).toEqual({});
    expect(tooCareful).toEqual([]);
  });
  it('are the same for the same number, and would be found out if all were allowed', () => {
    expect(mixAt(7, home, knowledge)).toEqual(mixAt(7, home, knowledge));
    const found = Array.from({ length: 2000 }, (_, number) =>
      checkMix(mixAt(number, home, knowledge), allowed, home, knowledge),
    ).flat();
    expect(new Set(found).size).toBeGreaterThanOrEqual(8);
  });
});
