import { describe, expect, it } from 'vitest';
import {
  EXPERT_CASES,
  type ExpertCase,
  FAMILIES,
  factsOf,
  HELD_BACK,
  houseOf,
} from '../test/expert/expertCase.js';
import { FAULT_KEYS, type Fault, judgeCase, SPECIAL } from '../test/expert/judgeCase.js';
import { TOKENS, type Told, toldBy } from '../test/expert/tokensOf.js';
import { knowledge } from '../test/fixtures.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';

const planOf = (one: ExpertCase): Plan => planTreatment(factsOf(one), houseOf(one), knowledge);
const caseOf = (id: string): ExpertCase =>
  EXPERT_CASES.find((one) => one.id === id) ?? expect.unreachable(id);
const failing = (cases: readonly ExpertCase[]): string[] =>
  cases.flatMap((one) => (judgeCase(one, planOf(one)).length > 0 ? [one.id] : []));

/** Cases of others that the planner does not meet, each with why. */
const NOT_MET: Readonly<Record<string, string>> = {
  m20: 'round two has alcohol for the turmeric; the case accepts no solvent',
  m22: 'round two has alcohol for the dye of the grass; the case accepts no solvent on stretch',
  m28: 'the powder is taken off by vacuum; the case shakes or brushes it',
  m32: 'suede is brushed by its cleaner alone here; the case brushes the nap up',
  m47: 'wet glue is left to cure at once, not as a step',
  m51: 'brushing mould dry is barred where somebody has asthma (06 stands for what protects people)',
  o04: 'code X bears no product, powder neither (02): towel and vacuum alone',
  o09: 'sour milk on a pram seat is no solid: nothing is there to lift',
  o10: 'the room is aired at once, not as a step',
};

describe('what an expert would lay out', () => {
  it('is met in the cases written by others, all but those named', () => {
    expect(failing(EXPERT_CASES).sort()).toEqual(Object.keys(NOT_MET).sort());
  });
  it('is met in our own, written before the planner was tuned', () => {
    expect(failing(HELD_BACK).length).toBeLessThanOrEqual(4);
  });
});

/** Every step of a plan that gives one of these, in any round or in the first. */
const steps = (plan: Plan, tokens: readonly string[], round: number | null = null): Told[] =>
  toldBy(plan).filter(
    (one) => (round === null || one.round === round) && tokens.some((token) => one.tokens.has(token)),
  );
const PEROXYGEN = FAMILIES.peroxygen ?? [];
const PROTEASE = FAMILIES.protease ?? [];
const SOLVENT = FAMILIES.solvent ?? [];
const WATER = [...(FAMILIES.waterBased ?? []), 'coldFlush'];
const odds = (plan: Plan): number => plan.rounds[0]?.passes.at(-1)?.gone.all.high ?? 0;

/** What must differ between the two ends of each pair: true at the first, false at the second. */
const PAIRS: readonly (readonly [string, string, (plan: Plan) => boolean])[] = [
  ['m01', 'm02', (plan) => steps(plan, PROTEASE).length > 0],
  ['m05', 'm06', (plan) => steps(plan, ['coldFlush']).length > 0],
  ['m08', 'm09', (plan) => steps(plan, WATER).length > 0],
  ['m11', 'm10', (plan) => steps(plan, WATER).length > 0],
  [
    'm14',
    'm13',
    // The dryer has set it: the same acts take less of it.
    (plan) => odds(plan) < 0.8,
  ],
  ['m29', 'm30', (plan) => steps(plan, ['wash'], 1).some(({ tempC }) => (tempC ?? 0) > 40)],
  ['m33', 'm34', (plan) => steps(plan, SOLVENT, 1).length > 0],
  ['m39', 'm40', (plan) => steps(plan, FAMILIES.ketoneEster ?? []).length > 0],
  ['m45', 'm46', (plan) => steps(plan, SOLVENT, 1).length === 0],
  ['m49', 'm48', (plan) => steps(plan, ['oxalicAcid']).length > 0],
  ['m53', 'm54', (plan) => steps(plan, PEROXYGEN).length > 0],
  ['m62', 'm61', (plan) => steps(plan, PROTEASE).length > 0],
  ['d02', 'd03', (plan) => steps(plan, ['runRemover']).length > 0],
  ['o02', 'o01', (plan) => steps(plan, ['wash'], 1).some(({ tempC }) => (tempC ?? 0) > 40)],
];

describe('the same case with one fact changed', () => {
  it.each(PAIRS)('%s and %s differ as they must', (one, other, holds) => {
    expect(holds(planOf(caseOf(one)))).toBe(true);
    expect(holds(planOf(caseOf(other)))).toBe(false);
  });
  it('m14 has lower odds than m13: the dryer has set it', () => {
    expect(odds(planOf(caseOf('m14')))).toBeLessThan(odds(planOf(caseOf('m13'))));
  });
  it('and every pair of the cases is among them', () => {
    const asked = EXPERT_CASES.flatMap(({ id, pairWith }) =>
      pairWith ? [[id, pairWith.id].sort().join()] : [],
    );
    const known = new Set(PAIRS.map(([one, other]) => [one, other].sort().join()));
    expect([...new Set(asked)].filter((pair) => !known.has(pair))).toEqual([]);
  });
});

describe('the judge of cases', () => {
  const blood = caseOf('m01');
  const plan = planOf(blood);
  const found = (change: Partial<ExpertCase['expect']>): Fault['key'][] =>
    judgeCase({ ...blood, expect: { ...blood.expect, ...change } }, plan).map(({ key }) => key);
  const { limits, roundOne } = blood.expect;
  const wash = roundOne.at(-1) ?? expect.unreachable();
  const PLANTED: Readonly<Record<Fault['key'], Partial<ExpertCase['expect']>>> = {
    never: { never: [{ what: 'enzymePretreater', until: 'always', why: '' }] },
    order: { order: ['wash before coldFlush'] },
    limits: { limits: { ...limits, maxWashes: 0 } },
    pass: { roundOne: [...roundOne, { ...wash, anyOf: ['acetone'] }] },
    atOnce: { atOnce: { must: ['ventilate'], mustNot: [] } },
    dry: { dry: ['tumbleLowBalls'] },
    looks: { looks: ['waterBeads'] },
    ifStays: { ifStays: ['professional'] },
    clutter: { roundOne: [] },
    figures: { roundOne: [{ ...wash, tempC: [90, 95] }] },
    untested: { roundOne: roundOne.map((one) => ({ ...one, dose: 'after a hidden test' })) },
  };
  it.each(FAULT_KEYS)('finds a fault planted under %s, and none without', (key) => {
    expect(judgeCase(blood, plan)).toEqual([]);
    expect(found(PLANTED[key])).toContain(key);
  });

  it('knows every word of the cases, or says that it cannot judge it', () => {
    const words = [...EXPERT_CASES, ...HELD_BACK].flatMap(({ expect: wanted }) => [
      ...wanted.roundOne.flatMap(({ anyOf }) => anyOf),
      ...wanted.ifStays.flatMap((next) => (typeof next === 'string' ? [next] : next.anyOf)),
      ...wanted.never.flatMap(({ what }) => what ?? []),
      ...wanted.order.flatMap((rule) => rule.split(' before ')),
      ...wanted.atOnce.must,
      ...wanted.atOnce.mustNot,
      ...wanted.dry,
      ...wanted.looks,
    ]);
    const known = new Set<string>([
      ...knowledge.agents.map(({ id }) => id),
      ...Object.keys(FAMILIES),
      ...TOKENS,
      ...SPECIAL,
    ]);
    const unknown = new Set(words.flatMap((word) => word.split('+')).filter((word) => !known.has(word)));
    expect([...unknown]).toEqual([]);
  });
});
