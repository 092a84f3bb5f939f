import { describe, expect, it } from 'vitest';
import { checkPlan } from '../safety/checkPlan.js';
import { findSenseFaults } from '../sense/findSenseFaults.js';
import { EXPERT_CASES, type ExpertCase, factsOf, houseOf } from '../test/expert/expertCase.js';
import { judgeCase } from '../test/expert/judgeCase.js';
import { knowledge } from '../test/fixtures.js';
import type { Action } from '../treatment/plan/action.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { Round, RoundPass } from '../treatment/plan/round.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { shownText } from '../words/planLines.js';
import type { Lexicon } from '../words/round/lexicon.js';

const named = [knowledge.agents, knowledge.methods, knowledge.marks, knowledge.components, knowledge.fibres];
const names = new Map(named.flatMap((family) => family.map(({ id, name }) => [id, name] as const)));
const say: Lexicon = {
  name: (id) => names.get(id) ?? id,
  temp: (tempC) => `${tempC} °C`,
  volume: (volumeML) => `${volumeML} mL`,
};

/** All that our own proof says against a plan: the case, the checker of danger, the reader of sense. */
function faultsOf(one: ExpertCase, plan: Plan): string[] {
  const house = houseOf(one);
  return [
    ...judgeCase({ ...one, confidence: 'high' }, plan).map(({ key, what }) => `${key}: ${what}`),
    ...checkPlan(plan, house, knowledge).map(({ code, where }) => `${code} at ${where}`),
    ...findSenseFaults(plan, shownText(plan, say), house, knowledge).map(
      ({ kind, where, text }) => `${kind} at ${where}: ${text}`,
    ),
  ];
}

const everyRound = (plan: Plan, change: (round: Round, at: number) => Round): Plan => ({
  ...plan,
  rounds: plan.rounds.map(change),
});
const everyPass = (plan: Plan, change: (pass: RoundPass) => RoundPass): Plan =>
  everyRound(plan, (round) => ({ ...round, passes: round.passes.map(change) }));
const everyAction = (plan: Plan, change: (action: Action) => Action | null): Plan =>
  everyPass(plan, (pass) => ({ ...pass, actions: pass.actions.flatMap((action) => change(action) ?? []) }));
const actionsIn = ({ rounds }: Plan): Action[] =>
  rounds.slice(0, 1).flatMap(({ passes }) => passes.flatMap(({ actions }) => actions));
const hasKind =
  (...kinds: Action['kind'][]) =>
  (plan: Plan): boolean =>
    actionsIn(plan).some(({ kind }) => kinds.includes(kind));

interface Planted {
  readonly name: string;
  /** Share that has to be caught of the cases that have what is broken. */
  readonly caught: number;
  /** So many cases must have it. */
  readonly cases: number;
  readonly hasIt: (plan: Plan) => boolean;
  readonly plant: (plan: Plan) => Plan;
}

const PLANTED: readonly Planted[] = [
  {
    name: 'drying removed',
    caught: 0.95,
    cases: 60,
    hasIt: ({ rounds }) => (rounds[0]?.drying?.action.dryingWays.length ?? 0) > 0,
    plant: (plan) => everyRound(plan, (round) => ({ ...round, drying: null })),
  },
  {
    name: 'amounts times ten',
    caught: 0.95,
    cases: 60,
    hasIt: (plan) =>
      actionsIn(plan).some(({ ingredients }) =>
        ingredients.some(
          ({ agentId, basis, massG, volumeML }) =>
            agentId !== 'water' && basis !== 'label' && (massG ?? volumeML ?? 0) > 0,
        ),
      ),
    plant: (plan) =>
      everyAction(plan, (action) => ({
        ...action,
        putOn: action.putOn && { ...action.putOn, volumeML: action.putOn.volumeML * 10 },
        ingredients: action.ingredients.map((one) => ({
          ...one,
          massG: one.massG && one.massG * 10,
          volumeML: one.volumeML && one.volumeML * 10,
        })),
      })),
  },
  {
    name: 'hidden tests removed',
    caught: 0.95,
    cases: 40,
    hasIt: hasKind('hiddenTest'),
    plant: (plan) => everyAction(plan, (action) => (action.kind === 'hiddenTest' ? null : action)),
  },
  {
    name: 'rinses removed',
    caught: 0.95,
    cases: 40,
    hasIt: hasKind('rinse', 'rinseBefore'),
    plant: (plan) =>
      everyAction(plan, (action) =>
        ['rinse', 'rinseBefore', 'airOut'].includes(action.kind) ? null : action,
      ),
  },
  {
    name: 'times times ten',
    caught: 0.9,
    cases: 60,
    hasIt: (plan) => actionsIn(plan).some(({ dwell }) => dwell !== null),
    plant: (plan) =>
      everyAction(plan, (action) => ({
        ...action,
        dwell: action.dwell && {
          ...action.dwell,
          minMin: action.dwell.minMin * 10,
          maxMin: action.dwell.maxMin * 10,
          aimMin: action.dwell.aimMin && action.dwell.aimMin * 10,
        },
      })),
  },
  {
    name: 'order of round one reversed',
    caught: 0.9,
    cases: 60,
    hasIt: ({ rounds }) => new Set(rounds[0]?.passes.map(({ phase }) => phase)).size > 1,
    plant: (plan) =>
      everyRound(plan, (round, at) => (at === 0 ? { ...round, passes: [...round.passes].reverse() } : round)),
  },
  {
    name: '95 °C everywhere',
    caught: 0.95,
    cases: 60,
    hasIt: (plan) => actionsIn(plan).some(({ tempC }) => tempC !== null && tempC.target < 90),
    plant: (plan) =>
      everyAction(plan, (action) => ({
        ...action,
        tempC: action.tempC && { min: 95, max: 95, target: 95 },
      })),
  },
  {
    name: 'all rounds deleted',
    caught: 0.95,
    cases: 60,
    hasIt: ({ rounds }) => rounds.length > 0,
    plant: (plan) => ({ ...plan, rounds: [] }),
  },
  {
    name: 'chlorine in every mix',
    caught: 0.95,
    cases: 60,
    hasIt: (plan) =>
      actionsIn(plan).some(({ ingredients }) => ingredients.some(({ volumeML }) => volumeML !== null)),
    plant: (plan) =>
      everyAction(plan, (action) => ({
        ...action,
        ingredients: action.ingredients.flatMap((one, at) =>
          at === 0 ? [one, { ...one, agentId: 'chlorineBleach', massG: null, volumeML: 50 }] : [one],
        ),
      })),
  },
  {
    name: 'a condition the facts decide',
    caught: 0.95,
    cases: 60,
    hasIt: ({ rounds, facts }) =>
      rounds.length > 0 &&
      facts.piece.parts.every(
        ({ fibres }) => fibres.length > 0 && fibres.every(({ fibreId }) => fibreId !== 'unknownFibre'),
      ),
    plant: (plan) =>
      everyPass(plan, (pass) => ({
        ...pass,
        checks: [...pass.checks, { id: 'isWool', text: 'it is wool or silk', when: 'beforeStep' as const }],
      })),
  },
];

const MADE = EXPERT_CASES.map((one) => {
  const plan = planTreatment(factsOf(one), houseOf(one), knowledge);
  return { one, plan, before: new Set(faultsOf(one, plan)) };
});

describe('faults planted into the plans of the cases', () => {
  it.each(PLANTED)('$name', ({ caught, cases, hasIt, plant }) => {
    const there = MADE.filter(({ plan }) => hasIt(plan));
    const slipped = there.filter(({ one, plan, before }) =>
      faultsOf(one, plant(plan)).every((fault) => before.has(fault)),
    );
    expect(there.length).toBeGreaterThanOrEqual(cases);
    const share = 1 - slipped.length / there.length;
    expect(share, `slipped: ${slipped.map(({ one }) => one.id).join(' ')}`).toBeGreaterThanOrEqual(caught);
  });
});
