import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { NO_PRICES } from '../cost/costOf.js';
import { NO_EVIDENCE } from '../evidence/evidence.js';
import { anyFacts, anyHousehold } from '../test/arbitraries.js';
import { cases, household, knowledge, label, piece, tried, trouble } from '../test/fixtures.js';
import { runs } from '../test/propertyRuns.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { type Change, changesToTry } from '../whatIf/changesToTry.js';
import { comparePositions } from '../whatIf/comparePositions.js';
import { whatWouldChange } from '../whatIf/whatWouldChange.js';
import { CHANGE_CODES, changeWords } from '../words/changeWords.js';
import { PHASES, type RoundPass } from './plan/round.js';
import { planTreatment } from './planTreatment.js';

const codes = (answers: readonly (readonly Change[])[]) =>
  answers.map((changes) => changes.map((change) => change.code));
const methodIdsOf = (facts: TroubleFacts) =>
  planTreatment(facts, household, knowledge).passes.map((pass) => pass.methodId);
/** Dry work that its course has after water (weighing down, taking powder off) is late on purpose. */
const isInOrder = ({ phase }: RoundPass, at: number, all: readonly RoundPass[]): boolean =>
  phase !== 'dry' || all.slice(0, at).every((earlier) => earlier.phase === 'dry');
const findings = (facts: TroubleFacts) =>
  planTreatment(facts, household, knowledge).findings.map((finding) => finding.code);

describe('what would change the answer', () => {
  const ask = (methodId: string, facts: TroubleFacts) =>
    whatWouldChange(methodId, facts, household, knowledge);

  it('names the sign of the tag that forbids it, alone', () => {
    const crossed = trouble('beetroot', piece('tableLinen', { linen: 100 }, { label: label(60, 'never') }));
    expect(ask('oxygenSoak', crossed)).toEqual([
      [expect.objectContaining({ code: 'labelSays', facts: { sign: 'oxygenOnly' } })],
      [expect.objectContaining({ code: 'labelSays', facts: { sign: 'anyBleach' } })],
    ]);
  });
  it('names the fibre that forbids it, by its part', () => {
    const answers = ask('esterSpot', { ...cases.varnishOnAcetate, reach: 'shop' });
    expect(answers.flat()).toContainEqual(
      expect.objectContaining({ code: 'withoutFibre', facts: { fibreId: 'acetate', part: 'lining' } }),
    );
  });
  it('names what would have to be bought, and the code of a chair', () => {
    const run = trouble('dyeRun', piece('pillowcase', { cotton: 100 }, { label: label(60) }), {
      size: 'allOver',
      reach: 'house',
    });
    expect(codes(ask('dyeSuspendingSoak', run))).toEqual([['buy']]);
    const chair = trouble('coffee', piece('armchair', { cotton: 100 }, { colour: 'pale', code: 'X' }));
    expect(codes(ask('detergentBlot', chair))).toEqual([['codeFound']]);
  });
  it('takes two facts together where one is not enough', () => {
    const facts = trouble(
      'beetroot',
      piece('tableLinen', { linen: 100 }, { label: label(60, 'never'), condition: 'antique' }),
    );
    expect(codes(ask('oxygenSoak', facts))).toContainEqual(['labelSays', 'conditionSound']);
  });
  it('has no answer where the fibre is all there is', () => {
    expect(ask('oxygenSoak', cases.bloodOnWoolBlanket)).toEqual([]);
  });
  it('never turns a guard of people round, and is right about every change it names', () => {
    fc.assert(
      fc.property(anyFacts, anyHousehold, (facts, home) => {
        const struck = planTreatment(facts, home, knowledge).candidates.find(
          (candidate) => candidate.verdict === 'ruledOut',
        );
        if (!struck) return;
        for (const change of changesToTry(struck.methodId, facts, home, knowledge)) {
          const after = change.apply({ facts, household: home });
          for (const guard of ['asthma', 'pregnancy', 'baby', 'pets', 'septicTank', 'boraxSold'] as const)
            expect(after.household[guard]).toBe(home[guard]);
          // Whether something was washed out is a thing that happened, and no choice to be made.
          for (const product of after.facts.tried)
            expect(product.washedOut).toBe(
              facts.tried.find((one) => one.agentId === product.agentId)?.washedOut,
            );
        }
        for (const changes of whatWouldChange(struck.methodId, facts, home, knowledge)) {
          const given = changes.reduce((state, change) => change.apply(state), { facts, household: home });
          const verdict = planTreatment(given.facts, given.household, knowledge).candidates.find(
            (candidate) => candidate.methodId === struck.methodId,
          )?.verdict;
          expect(['inPlan', 'spare']).toContain(verdict);
        }
      }),
      { numRuns: runs(15) },
    );
  });
  it('has words for every kind of change', () => {
    const say = { name: (id: string) => `<${id}>`, temp: String, volume: String };
    const facts = trouble(
      ['blood', 'soup'],
      piece(
        'tableLinen',
        { linen: 60, elastane: 40 },
        { colour: 'dark', condition: 'torn', metalParts: true, label: null },
      ),
      { tried: tried('vinegar') },
    );
    const unknown = { ...facts, piece: { ...facts.piece, parts: [] } };
    const bare = { ...household, cupboard: [{ agentId: 'peroxide', strengthPct: null }], hasMachine: false };
    const given = ['chlorineSoak', 'machineOxygenWash', 'oxygenSoak', 'peroxideDab'].flatMap((methodId) =>
      [facts, unknown].flatMap((one) => changesToTry(methodId, one, bare, knowledge)),
    );
    expect(new Set(given.map((change) => change.code))).toEqual(new Set(CHANGE_CODES));
    for (const change of given) expect(changeWords([change], say)).toMatch(/^If .+\.$/);
  });
});

describe('positions side by side', () => {
  const run = trouble('dyeRun', piece('pillowcase', { cotton: 100 }, { label: label(60) }), {
    size: 'allOver',
  });
  const compared = comparePositions('runWay', run, household, knowledge);
  it('follow every view of the dispute to the end, the usual one marked', () => {
    expect(compared.map((one) => one.positionId)).toEqual([
      'dyeSuspendingFirst',
      'reducerFirst',
      'oxygenOnRuns',
    ]);
    expect(compared.map((one) => one.isFollowed)).toEqual([true, false, false]);
  });
  it('show what only one of them does, and what that costs', () => {
    const reducer = compared[1];
    expect(reducer?.ownMethodIds).toContain('reducerSoak');
    expect(reducer?.worstRisk).toBe('high');
    expect(reducer?.gone?.high).toBeGreaterThan(compared[2]?.gone?.high ?? 1);
    expect(reducer?.oddsGone).toBeGreaterThan(compared[2]?.oddsGone ?? 1);
    expect(reducer?.cost.isUnknown).toBe(true);
    const priced = comparePositions('runWay', run, household, knowledge, NO_EVIDENCE, {
      ...NO_PRICES,
      kWh: 0.3,
    })[1];
    expect(priced?.cost).toMatchObject({ isAtLeast: true, isUnknown: false });
    expect(compared[2]?.ownMethodIds).toContain('oxygenRunSoak');
  });
  it('are named only where the trouble has that dispute', () => {
    const disputes = (markId: string) =>
      planTreatment(
        trouble(markId, piece('tableLinen', { cotton: 100 }), { age: 'days' }),
        household,
        knowledge,
      ).positions.map(({ dispute }) => dispute);
    expect(disputes('redWine')).toContain('wine');
    expect(disputes('nailVarnish')).not.toContain('wine');
    expect(disputes('nailVarnish')).not.toContain('codeW');
  });
  it('decide nothing where their way is not made for the trouble', () => {
    const towel = piece('towel', { cotton: 100 }, { label: label(60) });
    const verdict = (view: string, ...markIds: readonly [string, ...string[]]) =>
      planTreatment(
        { ...trouble(markIds[0], towel), markIds, positions: { foodMarks: view } },
        household,
        knowledge,
      ).candidates.find(({ methodId }) => methodId === 'enzymePretreat')?.findings[0]?.code;
    expect(verdict('foodPeroxide', 'grass')).toBe('otherPosition');
    expect(verdict('foodVinegar', 'blood')).not.toBe('otherPosition');
    expect(verdict('foodVinegar', 'blood', 'fruitJuice')).not.toBe('otherPosition');
  });
  it('are none for a dispute nobody has', () => {
    expect(comparePositions('teaFirst', run, household, knowledge)).toEqual([]);
  });
  it.each(knowledge.disputes.map((dispute) => dispute.id))('can be chosen per plan: %s', (dispute) => {
    const positions = knowledge.positions.filter((position) => position.dispute === dispute);
    for (const position of positions) {
      const plan = planTreatment({ ...run, positions: { [dispute]: position.id } }, household, knowledge);
      expect(plan.positions).toContainEqual({ dispute, positionId: position.id, chosenBy: 'plan' });
    }
  });
});

describe('a cause that decides', () => {
  const yellow = trouble('yellowed', piece('bedSheet', { cotton: 100 }, { label: label(60) }), {
    size: 'allOver',
  });
  it('is asked for, and weighed by each answer', () => {
    expect(findings(yellow)).toContain('causeUnknown');
    const asked = planTreatment({ ...yellow, answers: { yellowWhere: 'atBody' } }, household, knowledge);
    expect(asked.diagnoses[0]?.causes[0]?.markId).toBe('sweatYellow');
    const sum = asked.diagnoses[0]?.causes.reduce((total, cause) => total + cause.share, 0);
    expect(sum).toBeCloseTo(1, 2);
    expect(asked.findings.map((finding) => finding.code)).not.toContain('causeUnknown');
  });
  it('changes the plan: lain in store, it is bleached; from iron in the water, never', () => {
    expect(methodIdsOf({ ...yellow, answers: { yellowWhere: 'inFolds' } })).toContain('longOxygenSoak');
    const iron = { ...yellow, answers: { yellowWhere: 'allOver', yellowWater: 'orangeYes' } };
    expect(methodIdsOf(iron)).not.toContain('longOxygenSoak');
    expect(methodIdsOf(iron)).toContain('citricSoak');
  });
});

describe('what has happened to it', () => {
  const blood = trouble('blood', piece('bedSheet', { cotton: 100 }, { label: label(60) }));
  it('drops a method whose rounds are used up or that has stalled, and counts down one that is not', () => {
    const done = (rounds: number, stalled: boolean) => ({
      ...blood,
      done: [{ methodId: 'enzymePretreat', rounds, stalled }],
    });
    const passOf = (facts: TroubleFacts) =>
      planTreatment(facts, household, knowledge).passes.find((pass) => pass.methodId === 'enzymePretreat');
    const most = passOf(blood)?.maxRounds ?? 0;
    expect(most).toBeGreaterThan(1);
    expect(passOf(done(most, false))).toBeUndefined();
    expect(passOf(done(1, true))).toBeUndefined();
    const once = passOf(done(1, false));
    expect(once?.maxRounds).toBe(most - 1);
    expect(once?.findings.map((finding) => finding.code)).toContain('roundsLeft');
  });
  it('rinses first what was tried, lowers the odds of what did nothing, and drops it after two tries', () => {
    const vain = (times: number): TroubleFacts => ({
      ...blood,
      tried: [{ agentId: 'enzymePretreater', times, effect: 'nothing', hot: false, washedOut: 'unknown' }],
    });
    const first = planTreatment(vain(1), household, knowledge).passes[0];
    expect(first?.actions.find(({ kind }) => kind !== 'firstAid')?.kind).toBe('rinseBefore');
    const high = (facts: TroubleFacts) =>
      planTreatment(facts, household, knowledge).passes.find((pass) => pass.methodId === 'enzymePretreat')
        ?.effect.high ?? 0;
    expect(high(vain(1))).toBeLessThan(high(blood));
    expect(methodIdsOf(vain(2))).not.toContain('enzymePretreat');
  });
  it('knows heat that came with a product tried hot', () => {
    const hot: TroubleFacts = {
      ...blood,
      tried: [{ agentId: 'bioDetergent', times: 1, effect: 'some', hot: true, washedOut: 'unknown' }],
    };
    expect(findings(hot)).toContain('triedHot');
  });
  it('plans for what is left: with the blood protein gone, nothing is left of blood', () => {
    expect(findings({ ...blood, goneComponentIds: ['haem'] })).toEqual(['nothingLeft']);
    const egg = trouble('egg', piece('shirt', { cotton: 100 }, { label: label(60) }));
    const without = planTreatment({ ...egg, goneComponentIds: ['protein'] }, household, knowledge);
    const acts = without.passes.flatMap((pass) => pass.acts.map(({ componentId }) => componentId));
    expect(acts).toContain('freshOil');
    expect(acts).not.toContain('protein');
  });
});

describe('several troubles on one piece', () => {
  it('are worked phase by phase: dry side, solvent, local work, bath, one wash', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        if (facts.markIds.length < 2 || Object.keys(facts.positions).length > 0) return;
        for (const { passes } of planTreatment(facts, household, knowledge).rounds) {
          const ranks = passes.filter(isInOrder).map(({ phase }) => PHASES.indexOf(phase));
          expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
        }
      }),
      { numRuns: runs(400) },
    );
  });
  it('make one plan, and each pass says what it does to each', () => {
    const plan = planTreatment(
      trouble(['grass', 'tomato', 'berry'], piece('tShirt', { cotton: 100 }, { label: label(60) })),
      household,
      knowledge,
    );
    expect(plan.findings).toContainEqual(
      expect.objectContaining({ code: 'onePlanForAll', facts: { marks: 3 } }),
    );
    expect(plan.rounds[0]?.passes.filter(({ phase }) => phase === 'wash')).toHaveLength(1);
    for (const pass of plan.passes)
      expect(pass.effectByMark.map((mark) => mark.markId)).toEqual(['berry', 'grass', 'tomato']);
  });
});

describe('the cupboard', () => {
  it('puts percarbonate for peroxide by available oxygen, and says how much of what', () => {
    // 3 % w/v H2O2 × 47.04 % oxygen = 14.11 g/L; 13.5 % powder: 0.1045 g per mL (chemistry handbook).
    const rule = knowledge.substitutions.find((one) => one.id === 'percarbonateForPeroxide');
    expect(rule?.factor).toBeCloseTo((30 * 0.47037) / 1000 / 0.135, 3);
    const home = {
      ...household,
      cupboard: household.cupboard.filter((entry) => entry.agentId !== 'peroxide'),
    };
    const plan = planTreatment(
      trouble('redWine', piece('tableLinen', { cotton: 100 }, { label: label(60) }), { reach: 'house' }),
      home,
      knowledge,
    );
    const mix = plan.passes
      .flatMap((pass) => pass.actions)
      .flatMap((action) => action.ingredients)
      .find((one) => one.standsInFor?.agentId === 'peroxide');
    if (mix?.standsInFor) expect(mix.massG).toBeCloseTo(mix.standsInFor.amount * 0.1045, 0);
  });
  it('puts washing soda for borax by alkalinity, half a gram-equivalent for half', () => {
    // Na2B4O7·10H2O 381.37 g takes 2 mol of acid; Na2CO3 105.99 g takes 2 mol: 0.278 g per g (chemistry handbook).
    const rule = knowledge.substitutions.find((one) => one.id === 'sodaForBorax');
    expect(rule?.factor).toBeCloseTo(105.99 / 381.37, 2);
  });
  it('puts citric acid for vinegar by acid', () => {
    // 5 % w/v acetic acid 0.8326 mol/L; citric acid 192.12 g takes 3 mol of base (chemistry handbook).
    const rule = knowledge.substitutions.find((one) => one.id === 'citricForVinegar');
    expect(rule?.factor).toBeCloseTo((0.8326 * 192.12) / 3 / 1000, 3);
  });
  it('says what buying would gain, and nothing where it gains nothing', () => {
    const run = trouble('dyeRun', piece('pillowcase', { cotton: 100 }, { label: label(60) }), {
      size: 'allOver',
      reach: 'house',
    });
    const { now, ifBought } = planTreatment(run, household, knowledge).cupboard;
    expect(ifBought?.effect.high).toBeGreaterThan((now?.effect.high ?? 1) + 0.05);
    expect(ifBought?.agentIds).toEqual(['dyeSuspender']);
    const rust = trouble('rust', piece('pillowcase', { cotton: 100 }, { label: label(60) }), {
      reach: 'house',
    });
    expect(planTreatment(rust, household, knowledge).cupboard.ifBought).toBeNull();
  });
});
