import { describe, expect, it } from 'vitest';
import { checkPlan } from '../safety/checkPlan.js';
import { household, knowledge, label, pieceOfParts, trouble } from '../test/fixtures.js';
import { planTreatment } from './planTreatment.js';

/* Grounds: common practice, no source: a gold border or a leather patch stays dry while the place next to it is worked on. */
const GROUND = { 'whole piece': { cotton: 100 }, trim: { metallised: 100 } };
const saree = (facts: Parameters<typeof pieceOfParts>[2] = {}) =>
  pieceOfParts('dress', GROUND, { colour: 'natural', fastness: 'proven', label: null, ...facts });
const curry = { age: 'hours', wetness: 'wet', size: 'palm' } as const;
const planOf = (...of: Parameters<typeof trouble>) => planTreatment(trouble(...of), household, knowledge);
const ways = (plan: ReturnType<typeof planOf>) =>
  plan.rounds.flatMap(({ passes }) => passes.map(({ methodId }) => methodId));
const keepsOff = ({ findings }: ReturnType<typeof planOf>) =>
  findings.some(({ code }) => code === 'keepOffAside');

describe('a mark beside a trim that bears less', () => {
  const plan = planOf('curry', saree(), curry);
  it('is bleached in a pouch of its own, and nothing goes under water', () => {
    expect(keepsOff(plan)).toBe(true);
    expect(ways(plan)).toContain('oxygenPouch');
    const wettings = ways(plan).map((id) => knowledge.methods.find((one) => one.id === id)?.wetting);
    expect(wettings).not.toContain('immersion');
    expect(checkPlan(plan, household, knowledge)).toEqual([]);
  });
  it('is judged with the trim as soon as the plan does not say to keep off it', () => {
    const silent = { ...plan, findings: plan.findings.filter(({ code }) => code !== 'keepOffAside') };
    expect(checkPlan(silent, household, knowledge).map(({ code }) => code)).toContain(
      'agentOnForbiddenFibre',
    );
  });
  it('is judged with the trim as soon as the mark is all over', () => {
    const spread = { ...plan.facts, size: 'allOver' as const };
    expect(checkPlan({ ...plan, facts: spread }, household, knowledge)).not.toEqual([]);
  });
  it.each([
    ['on the trim itself', saree(), { ...curry, partIndex: 1 }],
    ['all over', saree(), { ...curry, size: 'allOver' as const }],
    ['on a piece whose tag lets it be washed', saree({ label: label(30) }), curry],
  ])('is planned as before %s', (_where, piece, facts) => {
    const other = planOf('curry', piece, facts);
    expect(keepsOff(other)).toBe(false);
    expect(ways(other)).not.toContain('oxygenPouch');
  });
  it('meets no solvent that would run on to leather', () => {
    const jumper = pieceOfParts(
      'jumper',
      { 'whole piece': { wool: 100 }, trim: { leather: 100 } },
      { colour: 'mid' },
    );
    const oil = planOf('saladOil', jumper, { age: 'hours', size: 'coin' });
    expect(keepsOff(oil)).toBe(true);
    expect(ways(oil)).not.toContain('spiritsSpot');
  });
});

describe('tender cloth without a tag', () => {
  const blouse = pieceOfParts('shirt', { 'whole piece': { silk: 100 } }, { label: null, colour: 'pale' });
  const checksOf = (seen?: boolean) =>
    planOf('redWine', blouse, {
      age: 'minutes',
      wetness: 'wet',
      ...(seen === undefined ? {} : { seen: { tagLetsWash: seen } }),
    });
  it('asks for it once, before the first bath', () => {
    const asked = checksOf().rounds.flatMap(({ passes }) =>
      passes.filter(({ checks }) => checks.some(({ id }) => id === 'tagLetsWash')),
    );
    expect(asked.map(({ methodId }) => methodId)).toEqual(['delicateHandSoak']);
  });
  it('is washed without the question once the tag was read', () => {
    expect(ways(checksOf(true))).toContain('delicateHandSoak');
    expect(checksOf(true).rounds[0]?.passes.flatMap(({ checks }) => checks)).toEqual([]);
  });
  it('is not washed where the tub on it is crossed out', () => {
    expect(ways(checksOf(false))).not.toContain('delicateHandSoak');
  });
});

describe('a colour that holds in water', () => {
  it('is tried in a hidden place before a solvent all the same', () => {
    const blazer = pieceOfParts(
      'trousers',
      { 'whole piece': { cotton: 100 } },
      { colour: 'mid', fastness: 'proven', label: label(40) },
    );
    const [round] = planOf('ballpoint', blazer, { age: 'hours', size: 'coin' }).rounds;
    const pass = round?.passes.find(({ methodId }) => methodId === 'alcoholSpot');
    expect(pass?.actions.map(({ kind }) => kind)).toContain('hiddenTest');
  });
});
