import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Household, Vessel } from '../household/household.js';
import { household, knowledge, label, piece } from '../test/fixtures.js';
import { runs } from '../test/propertyRuns.js';
import { EMPTY_PIECE } from '../trouble/troubleFacts.js';
import { findingWords } from '../words/findings/findingWords.js';
import { workingWords } from '../words/workingWords.js';
import { judgeMix } from './judgeMix.js';
import { CONTAINER_KINDS, EMPTY_MIX, MIN_WATER_ML, type Mix, type MixPour } from './mix.js';

const open: Household = {
  ...household,
  cupboard: knowledge.agents.map((agent) => ({
    agentId: agent.id,
    strengthPct: agent.strength?.recipe ?? null,
  })),
  boraxSold: true,
  allowChlorine: true,
  allowAmmonia: true,
  allowOxalic: true,
};
const bucket = { kind: 'vessel', vesselId: 'bucket' } as const;
const pour = (agentId: string, amount: number, unit = 'g', strengthPct: number | null = null): MixPour => ({
  agentId,
  amount,
  unit,
  strengthPct,
});
const judge = (mix: Partial<Mix>, home: Household = open) =>
  judgeMix({ ...EMPTY_MIX, ...mix }, home, knowledge);
const codes = (findings: readonly { code: string }[]) => findings.map(({ code }) => code);
const say = {
  name: (id: string) => id,
  temp: (c: number) => `${Math.round(c)} °C`,
  volume: (mL: number) => `${Math.round(mL)} mL`,
};

describe('a mix that may be made', () => {
  it('says strengths, pH, warmth, oxygen and when it is cool', () => {
    const { refused, bath } = judge({
      container: bucket,
      waterML: 10_000,
      waterC: 60,
      pours: [pour('oxygenBleach', 75)],
    });
    expect(refused).toEqual([]);
    expect(bath?.pours[0]?.strengthAfter).toEqual({ value: 7.5, unit: 'g/L' });
    expect(bath?.pH?.at25).toBeGreaterThan(10);
    expect(Math.abs((bath?.oxygenMgPerL ?? 0) - 1013)).toBeLessThan(30);
    const below40 = bath?.below.find((entry) => entry.tempC === 40)?.minutes;
    expect(below40?.low).toBeLessThan(below40?.likely ?? 0);
    expect(bath?.curve).toHaveLength(25);
    expect(bath?.shares?.kettles).toBeGreaterThan(0);
  });
  it('cuts peroxide of 12 % to 3 %', () => {
    const { bath } = judge({ waterML: 225, pours: [pour('peroxide', 75, 'mL', 12)] });
    expect(bath?.pours[0]?.strengthAfter).toEqual({ value: 3, unit: '%' });
    expect(bath?.totalML).toBe(300);
  });
  it('tells a wool piece what it would see, and that it may not', () => {
    const { against, envelope } = judge({
      container: bucket,
      waterML: 8000,
      waterC: 30,
      pours: [pour('oxygenBleach', 40)],
      on: piece('jumper', { wool: 100 }),
    });
    expect(codes(against)).toEqual(expect.arrayContaining(['chemistryForbidden', 'pHOutside']));
    expect(envelope?.pH.max).toBe(8.5);
  });
  it('counts caps, scoops of the house and US cups', () => {
    const home: Household = {
      ...open,
      ownMeasures: [{ id: 'mug', name: 'mug', volumeML: 300 }],
      products: [{ agentId: 'liquidDetergent', capML: 35, labelDose: null }],
    };
    const poured = (unit: string, agentId = 'liquidDetergent') =>
      judge({ waterML: 5000, pours: [pour(agentId, 2, unit)] }, home).bath?.pours[0]?.volumeML;
    expect(poured('cap')).toBe(70);
    expect(poured('own:mug')).toBe(600);
    expect(poured('usCup')).toBeCloseTo(473.18, 2);
    expect(() => poured('own:bowl')).toThrow(/no measure/);
  });
});

describe('a mix that is refused has reasons and no recipe', () => {
  it.each([
    ['chlorine and vinegar', [pour('chlorineBleach', 50, 'mL'), pour('vinegar', 100, 'mL')], 'mustNotMeet'],
    ['peroxide and acetone', [pour('peroxide', 50, 'mL'), pour('acetone', 10, 'mL')], 'mustNotMeet'],
    [
      'chlorine and detergent',
      [pour('chlorineBleach', 50, 'mL'), pour('delicateDetergent', 10, 'mL')],
      'chlorineOnlyWithWater',
    ],
    ['too much chlorine', [pour('chlorineBleach', 500, 'mL')], 'chlorineTooStrong'],
    [
      'an unknown product and salt',
      [pour('unknownProduct', 5, 'mL'), pour('tableSalt', 10)],
      'unknownWithAnything',
    ],
    ['petrol', [pour('petrol', 5, 'mL')], 'neverOffered'],
    ['peroxide of 30 %', [pour('peroxide', 50, 'mL', 30)], 'strengthTooHigh'],
    ['five litres of alcohol', [pour('isopropanol', 5000, 'mL')], 'tooMuchFlammable'],
    ['nearly a litre of acetone', [pour('acetone', 900, 'mL')], 'tooMuchFlammable'],
    ['a litre of spirits in a bath', [pour('mineralSpirits', 1000, 'mL')], 'tooMuchFlammable'],
  ])('%s', (_name, pours, code) => {
    const verdict = judge({ container: bucket, waterML: 5000, pours });
    expect(codes(verdict.refused)).toContain(code);
    expect(verdict.bath).toBeNull();
    for (const finding of verdict.refused) expect(findingWords(finding, say)).not.toMatch(/undefined|NaN/);
  });
  it('what gives off gas in anything that closes, baking soda with acid among it', () => {
    const closed = (kind: 'bottle' | 'sprayer', ...pours: MixPour[]) =>
      codes(judge({ container: { kind }, waterML: 300, pours }).refused);
    for (const kind of ['bottle', 'sprayer'] as const) {
      expect(closed(kind, pour('peroxide', 100, 'mL'))).toContain('gasInClosed');
      expect(closed(kind, pour('oxygenBleach', 5))).toContain('gasInClosed');
      expect(closed(kind, pour('vinegar', 100, 'mL'), pour('bakingSoda', 7))).toContain('gasInClosed');
      expect(closed(kind, pour('vinegar', 100, 'mL'))).toEqual([]);
    }
  });
  it('what gives off gas in a jar whose lid clips or screws; a lidded bucket is told to stay open', () => {
    const jar = { ...open.vessels[0], id: 'jar', name: 'clip-lid jar', volumeL: 1, lid: true } as Vessel;
    const pail = { ...jar, id: 'pail', name: 'lidded pail', volumeL: 12 };
    const home = { ...open, vessels: [...open.vessels, jar, pail] };
    const inside = (vesselId: string, ...pours: MixPour[]) =>
      judge({ container: { kind: 'vessel', vesselId }, waterML: 500, pours }, home);
    const fizz = [pour('citricAcid', 20), pour('bakingSoda', 20)];
    expect(codes(inside('jar', ...fizz).refused)).toContain('gasInClosed');
    expect(codes(inside('jar', pour('oxygenBleach', 5)).refused)).toContain('gasInClosed');
    expect(codes(inside('jar', pour('citricAcid', 20)).refused)).toEqual([]);
    expect(codes(inside('pail', ...fizz).refused)).toEqual([]);
    expect(codes(inside('pail', ...fizz).against)).toContain('gasUnderLid');
    expect(codes(inside(open.vessels[0]?.id ?? '', ...fizz).against)).not.toContain('gasUnderLid');
  });
  it('ammonia in warm water, a capsule in a bottle, anything wet on an electric blanket without a tag', () => {
    const ammonia = { container: bucket, waterML: 5000, pours: [pour('ammonia', 50, 'mL')] };
    expect(codes(judge({ ...ammonia, waterC: 60 }).refused)).toContain('ammoniaOnlyCold');
    expect(codes(judge({ ...ammonia, waterC: 20 }).refused)).not.toContain('ammoniaOnlyCold');
    const capsule = {
      container: { kind: 'bottle' } as const,
      waterML: 500,
      pours: [pour('detergentCapsule', 20)],
    };
    expect(codes(judge(capsule).refused)).toContain('onlyInItsBottle');
    const cup = { waterML: 200, pours: [pour('delicateDetergent', 5, 'mL')] };
    const blanket = piece('electricBlanket', { polyester: 100 });
    expect(codes(judge({ ...cup, on: blanket }).refused)).toContain('barredHere');
    expect(judge({ ...cup, on: { ...blanket, label: label(30) } }).refused).toEqual([]);
  });
  it('oxygen powder dry with starch, which is fuel to it; with plenty of water it may', () => {
    const both = [pour('oxygenBleach', 50), pour('absorbentPowder', 50)];
    expect(codes(judge({ pours: both }).refused)).toContain('burnsWithOxidiser');
    expect(codes(judge({ waterML: 9000, container: bucket, pours: both }).refused)).not.toContain(
      'burnsWithOxidiser',
    );
  });
  it('spirits on straps, and a spoon of it or a weak spray elsewhere is none of these', () => {
    const straps = piece('straps', { polyamide: 100 });
    expect(codes(judge({ pours: [pour('mineralSpirits', 10, 'mL')], on: straps }).refused)).toContain(
      'chemistryForbidden',
    );
    expect(judge({ pours: [pour('mineralSpirits', 10, 'mL')] }).refused).toEqual([]);
    const spray = {
      container: { kind: 'sprayer' } as const,
      waterML: 500,
      pours: [pour('isopropanol', 60, 'mL', 70)],
    };
    expect(judge(spray).refused).toEqual([]);
  });
  it('a bottle of unknown strength, until it is entered', () => {
    const home = { ...open, cupboard: [{ agentId: 'peroxide', strengthPct: null }] };
    expect(codes(judge({ pours: [pour('peroxide', 100, 'mL')] }, home).refused)).toEqual(['strengthUnknown']);
    expect(judge({ pours: [pour('peroxide', 100, 'mL', 3)] }, home).refused).toEqual([]);
  });
  it('what the household keeps out', () => {
    expect(
      codes(judge({ waterML: 1000, pours: [pour('chlorineBleach', 10, 'mL', 5)] }, household).refused),
    ).toEqual(['offByDefault']);
    expect(codes(judge({ waterML: 1000, pours: [pour('borax', 3)] }, household).refused)).toEqual([
      'notSoldHere',
    ]);
  });
  it('solvent in warm water, chlorine in warm water, chlorine on wool', () => {
    expect(
      codes(judge({ waterML: 500, waterC: 50, pours: [pour('isopropanol', 20, 'mL')] }).refused),
    ).toContain('solventOnlyCold');
    const bleach = { waterML: 5000, pours: [pour('chlorineBleach', 50, 'mL')] };
    expect(codes(judge({ ...bleach, waterC: 40 }).refused)).toContain('chlorineOnlyCold');
    expect(codes(judge({ ...bleach, on: piece('jumper', { wool: 100 }) }).refused)).toContain(
      'chemistryForbidden',
    );
  });

  it('what is kept off children, and what eats the metal on a piece', () => {
    const borax = { container: bucket, waterML: 5000, pours: [pour('borax', 5)] };
    const baby =
      knowledge.items.find((item) => item.childrens)?.id ?? expect.unreachable('no childrens item');
    expect(codes(judge({ ...borax, on: piece(baby, { cotton: 100 }) }).refused)).toContain('notForChildren');
    expect(judge({ ...borax, on: piece('tableLinen', { cotton: 100 }) }).refused).toEqual([]);
    const reducer = { container: bucket, waterML: 5000, pours: [pour('runRemover', 5)] };
    const zipped = piece('tableLinen', { cotton: 100 }, { metalParts: true });
    expect(codes(judge({ ...reducer, on: zipped }).against)).toContain('metalParts');
  });

  it('every forbidden pair, in any order, unit, amount and container', () => {
    const carrier = (chemistry: string) =>
      knowledge.agents
        .filter((agent) => agent.chemistries.includes(chemistry as never))
        .map((agent) => agent.id);
    const both = knowledge.forbiddenPairs.flatMap((pair) =>
      carrier(pair.a).flatMap((a) => carrier(pair.b).map((b) => ({ a, b, id: pair.id }))),
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...both),
        fc.constantFrom('g', 'mL', 'usCup', 'lb', 'metricTeaspoon'),
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        fc.constantFrom(...CONTAINER_KINDS),
        fc.subarray(['dishDetergent', 'bakingSoda', 'water']),
        fc.boolean(),
        ({ a, b, id }, unit, amount, kind, others, turned) => {
          const pair =
            a === b ? [pour(a, amount, unit, 3)] : [pour(a, amount, unit, 3), pour(b, amount, unit, 3)];
          const all = [...pair, ...others.map((agentId) => pour(agentId, 1, unit))];
          const container = kind === 'vessel' ? bucket : { kind };
          const verdict = judge({ container, waterML: 9000, pours: turned ? all.reverse() : all });
          expect(verdict.bath).toBeNull();
          expect(verdict.refused.some((one) => one.code === 'mustNotMeet' && one.facts.pairId === id)).toBe(
            true,
          );
        },
      ),
      { numRuns: runs(600) },
    );
  });
});

describe('folk claims answered by numbers', () => {
  const claim = (mix: Partial<Mix>, home = open) => judge(mix, home).claims;
  it('baking soda with vinegar: what is left, and the gas (6.99 g use up 100 mL of 5 %: shared reference)', () => {
    const [said] = claim({ pours: [pour('vinegar', 100, 'mL'), pour('bakingSoda', 6.99)] });
    expect(said).toMatchObject({
      code: 'claimNeutralised',
      facts: { acidLeftPct: 0, sodaLeftPct: 0, carbonDioxideL: 2 },
    });
  });
  it('baking soda as softener: no percentage, and the washing soda that does it', () => {
    const said = claim(
      { container: bucket, waterML: 10_000, pours: [pour('bakingSoda', 30)] },
      { ...open, hardnessMgL: 300 },
    );
    expect(said[0]).toMatchObject({ code: 'claimSodaSoftens', facts: { sodaG: 3.2, crystalsG: 8.6 } });
    expect(said.map((one) => findingWords(one, say)).join(' ')).not.toMatch(/\d+ % (softer|of the hardness)/);
  });
  it('oxygen bleach in cold water, more product than needed, a fuller tub, hot water after an hour', () => {
    const cold = { container: bucket, waterML: 10_000, waterC: 15, pours: [pour('oxygenBleach', 50)] };
    expect(codes(claim(cold))).toContain('claimColdOxygen');
    expect(codes(claim({ ...cold, pours: [pour('oxygenBleach', 300)] }))).toContain('claimMoreProduct');
    expect(codes(claim({ ...cold, on: { ...EMPTY_PIECE, itemId: 'tShirt', dryMassG: 200 } }))).toContain(
      'claimFilledHigher',
    );
    expect(
      codes(claim({ ...cold, waterC: 60, container: { kind: 'vessel', vesselId: 'basin' }, waterML: 6000 })),
    ).toContain('claimHotAfterHour');
  });
  it('each with its working, whole sentences and no gaps', () => {
    const said = [
      ...claim({ pours: [pour('vinegar', 100, 'mL'), pour('bakingSoda', 20)] }),
      ...claim({ container: bucket, waterML: 10_000, waterC: 15, pours: [pour('oxygenBleach', 300)] }),
      ...claim({ container: bucket, waterML: 10_000, waterC: 60, pours: [pour('bakingSoda', 50)] }),
    ];
    expect(said.length).toBeGreaterThan(3);
    for (const one of said) {
      const text = [findingWords(one, say), ...workingWords(one, say)];
      expect(text.length).toBeGreaterThan(2);
      for (const line of text) expect(line).toMatch(/^[A-Z0-9].*[.!]$/);
      expect(text.join(' ')).not.toMatch(/undefined|NaN/);
    }
  });
});

/** Every number anywhere inside; JSON would hide a NaN as null. */
function numbersIn(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  return value !== null && typeof value === 'object' ? Object.values(value).flatMap(numbersIn) : [];
}

describe('any mix', () => {
  const anyPour = fc.record({
    agentId: fc.constantFrom(...knowledge.agents.map((agent) => agent.id)),
    amount: fc.double({ min: 0.05, max: 15, noNaN: true }),
    unit: fc.constantFrom('g', 'mL', 'metricTablespoon', 'oz'),
    strengthPct: fc.constantFrom(null, 3, 5, 10),
  });
  const anyMix = fc.record({
    container: fc.constantFrom<Mix['container'][]>(
      { kind: 'cup' },
      bucket,
      { kind: 'bottle' },
      { kind: 'vessel', vesselId: 'bath' },
    ),
    waterML: fc.oneof(fc.constant(0), fc.double({ min: MIN_WATER_ML, max: 120_000, noNaN: true })),
    waterC: fc.option(fc.double({ min: 5, max: 70, noNaN: true })),
    pours: fc.uniqueArray(anyPour, { maxLength: 8, selector: (one) => one.agentId }),
    on: fc.constantFrom(null, piece('jumper', { wool: 100 }), piece('tableLinen', { linen: 100 })),
  });
  it('is the same in any order of pouring, and never holds a NaN', () => {
    fc.assert(
      fc.property(anyMix, (mix) => {
        const one = judge(mix);
        const other = judge({ ...mix, pours: [...mix.pours].reverse() });
        expect(codes(one.refused).sort()).toEqual(codes(other.refused).sort());
        expect(one.bath?.pH?.likely ?? 0).toBeCloseTo(other.bath?.pH?.likely ?? 0, 6);
        expect(numbersIn(one).every(Number.isFinite)).toBe(true);
        if (one.bath) expect(Number.isFinite(one.bath.startC)).toBe(true);
      }),
      { numRuns: runs(200) },
    );
  });
  it('of eight products is judged, curve and all, in a few milliseconds at the median', () => {
    const eight = [
      'oxygenBleach',
      'bakingSoda',
      'washingSoda',
      'borax',
      'delicateDetergent',
      'sodiumCitrate',
      'tableSalt',
      'enzymeSoak',
    ];
    const mix = {
      ...EMPTY_MIX,
      container: bucket,
      waterML: 9000,
      waterC: 40,
      pours: eight.map((id) => pour(id, 20)),
    };
    const times = Array.from({ length: 60 }, () => {
      const from = performance.now();
      judgeMix(mix, open, knowledge);
      return performance.now() - from;
    });
    // Some 3 ms on a quiet machine. The quickest is taken: what else the machine does is not counted.
    expect(Math.min(...times)).toBeLessThan(40);
  });
  it('takes no water and a drop of it, and says by name that less than a drop is out of range', () => {
    const bleach = [pour('colourOxygenBleach', 0.05)];
    for (const waterML of [5e-324, 1e-9, MIN_WATER_ML * 0.99])
      expect(() => judge({ waterML, pours: bleach })).toThrow('waterML');
    for (const waterML of [0, MIN_WATER_ML]) {
      const verdict = judge({ waterML, pours: bleach });
      expect(numbersIn(verdict).every(Number.isFinite)).toBe(true);
      expect(verdict).toEqual(judge({ waterML, pours: [...bleach].reverse() }));
    }
  });
  it.each([
    ['waterML', { waterML: Number.NaN }],
    ['waterC', { waterC: 120 }],
    ['amount of vinegar', { pours: [pour('vinegar', 1e6, 'mL')] }],
    ['amount of vinegar', { pours: [pour('vinegar', 0, 'mL')] }],
  ])('says that %s is out of range', (quantity, mix) => {
    expect(() => judge(mix)).toThrow(quantity);
  });
});
