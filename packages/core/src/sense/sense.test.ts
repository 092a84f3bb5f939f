import { describe, expect, it } from 'vitest';
import { finding } from '../finding/finding.js';
import type { Household } from '../household/household.js';
import { cases, household, knowledge } from '../test/fixtures.js';
import type { Action } from '../treatment/plan/action.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { RoundPass } from '../treatment/plan/round.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { shownText } from '../words/planLines.js';
import type { Lexicon } from '../words/round/lexicon.js';
import { findSenseFaults } from './findSenseFaults.js';
import { SENSE_KINDS, type SenseKind } from './senseFault.js';

const names = new Map([...knowledge.agents, ...knowledge.methods].map(({ id, name }) => [id, name]));
const say: Lexicon = {
  name: (id) => names.get(id) ?? id,
  temp: (tempC) => `${tempC} °C`,
  volume: (volumeML) => `${volumeML} mL`,
};

const WHOLE = planTreatment(cases.beetrootOnDamask, household, knowledge);
/** From its oxygen soak on. */
const PLAN: Plan = {
  ...WHOLE,
  rounds: WHOLE.rounds.map((round) => ({
    ...round,
    passes: round.passes.slice(round.passes.findIndex(({ phase }) => phase === 'bath')),
  })),
};
const kindsIn = (plan: Plan, house: Household = household) =>
  findSenseFaults(plan, shownText(plan, say), house, knowledge).map(
    ({ kind, where }) => `${kind} at ${where}`,
  );

const NOTHING = { low: 0, high: 0.04 };
const firstPass = PLAN.rounds[0]?.passes[0] ?? expect.unreachable();

/** The plan with its first pass changed. */
const withFirst = (change: Partial<RoundPass>): Plan => ({
  ...PLAN,
  rounds: PLAN.rounds.map((round, at) =>
    at === 0
      ? { ...round, passes: round.passes.map((pass, no) => (no === 0 ? { ...pass, ...change } : pass)) }
      : round,
  ),
});
const withSays = (text: string): Plan => ({ ...PLAN, keep: { ...PLAN.keep, says: [text] } });
const gone = (all: typeof NOTHING) => ({ all, byMark: [{ markId: 'beetroot', ...all }] });

/** A second round that leaves as much as the first. */
const emptyRound = (): Plan => {
  const [round] = PLAN.rounds;
  if (!round) return expect.unreachable();
  return { ...PLAN, rounds: [round, { ...round, id: 'r2', kind: 'outline' }] };
};

const tried = (effect: 'nothing' | 'some'): Plan => {
  const agentId = firstPass.actions.flatMap(({ ingredients }) => ingredients)[0]?.agentId ?? '';
  const product = { agentId, times: 2, effect, hot: false, washedOut: 'yes' } as const;
  return { ...PLAN, facts: { ...PLAN.facts, tried: [product] } };
};

const atC = (target: number): Plan =>
  withFirst({
    expect: 'Wash it as hot as the tag lets.',
    actions: firstPass.actions.map((action) => ({ ...action, tempC: { min: 30, max: 60, target } })),
  });

/** The actions of the first pass, changed where they have what is changed. */
const withActions = (change: (action: Action) => Partial<Action>): Plan =>
  withFirst({ actions: firstPass.actions.map((action) => ({ ...action, ...change(action) })) });
const times = (factor: number): Plan =>
  withActions(({ ingredients }) => ({
    ingredients: ingredients.map((one) => ({
      ...one,
      massG: one.massG && one.massG * factor,
      volumeML: one.volumeML && one.volumeML * factor,
    })),
  }));
const minutes = (factor: number): Plan =>
  withActions(({ dwell }) => ({
    dwell: dwell && {
      ...dwell,
      minMin: dwell.minMin * factor,
      maxMin: dwell.maxMin * factor,
      aimMin: dwell.aimMin && dwell.aimMin * factor,
    },
  }));
const withFacts = (facts: Partial<Plan['facts']>): Plan => ({ ...PLAN, facts: { ...PLAN.facts, ...facts } });
const wantedIn = (readyInMin: number): Plan =>
  withFacts({ choices: { instead: {}, leftOut: [], vessels: {}, readyInMin } });
const withNever = (what: string): Plan => ({ ...PLAN, keep: { ...PLAN.keep, never: [{ what, why: '' }] } });
const rounds = (...all: readonly (readonly RoundPass[])[]): Plan => {
  const [round] = PLAN.rounds;
  if (!round) return expect.unreachable();
  return { ...PLAN, rounds: all.map((passes, at) => ({ ...round, id: `r${at + 1}`, passes })) };
};
const pass = (id: string, change: Partial<RoundPass>): RoundPass => ({ ...firstPass, id, ...change });
/** A pass with one product on it. */
const passWith = (
  id: string,
  agentId: string,
  way: RoundPass['between']['way'],
  phase: RoundPass['phase'] = 'local',
): RoundPass => {
  const action = firstPass.actions.find(({ ingredients }) => ingredients.length > 0) ?? expect.unreachable();
  const ingredients = action.ingredients.slice(0, 1).map((one) => ({ ...one, agentId }));
  return pass(id, { phase, between: { way, why: null }, actions: [{ ...action, ingredients }] });
};
/** The first way of round one replaces a way with a missing product, and a stronger one was left. */
const standIn = (lowPct: number): Plan => {
  const insteadOf = { methodId: firstPass.methodId, findings: [finding('notInCupboard', { agentId: 'x' })] };
  const other = { methodId: 'otherWay', verdict: 'spare' as const };
  return {
    ...rounds([pass('r1p1', { insteadOf, gone: gone({ low: 0.2, high: 0.4 }) })]),
    candidates: [
      { ...other, findings: [finding('otherWay', { than: 'alike', lowPct, highPct: lowPct + 10 })] },
    ],
  };
};
const TEST_FIRST = finding('hiddenTestFirst', {
  chemistry: 'peroxide',
  owner: { kind: 'unknownFibre' } as never,
});
const share = (low: number) => gone({ low, high: low + 0.1 });
const soak = PLAN.rounds
  .flatMap(({ passes }) => passes)
  .find(({ actions }) => actions.some(({ bath }) => bath));
const ofSoak = (change: Partial<RoundPass> = {}): Plan =>
  soak ? rounds([{ ...soak, id: 'r1p1', ...change }]) : expect.unreachable();
const brushed = (hands: Action['action']): Plan =>
  withActions(() => ({ action: hands, notes: ['Let it dry, brush it off.'] }));

/** A second round with another way than the first. */
/** A later way with another product than the first one's. */
const late = (change: Partial<RoundPass>): Plan => {
  const { actions } = passWith('r2p1', 'citricAcid', 'full');
  return rounds(
    [pass('r1p1', { takes: share(0.2) })],
    [pass('r2p1', { methodId: 'citricSoak', actions, ...change })],
  );
};

const PLANTED: Readonly<Record<SenseKind, readonly [faulty: Plan, sound: Plan]>> = {
  decidedCondition: [
    withFirst({ stop: 'Only if it is silk.' }),
    withFirst({ stop: 'Only if the cloth takes colour.' }),
  ],
  againstOwnNever: [withNever('Any bleach on it.'), withNever('Any bleach left in the drum.')],
  absentName: [withSays('On wool it takes longer.'), withSays('Press it between cotton towels.')],
  missingPlace: [withSays('Then the third round twice.'), withSays('Then round one once more.')],
  strongestLate: [late({ takes: share(0.5) }), late({ takes: share(0.3) })],
  weakerInstead: [standIn(70), standIn(30)],
  idleStep: [
    withFirst({ purpose: 'colour', takes: gone(NOTHING) }),
    withFirst({ purpose: 'dust', takes: gone(NOTHING) }),
  ],
  repeatedStep: [
    rounds([pass('r1p1', {}), pass('r1p2', { methodId: 'other' }), pass('r1p3', {})]),
    rounds([pass('r1p1', {}), pass('r1p2', { methodId: 'other' })], [pass('r2p1', {})]),
  ],
  emptyRound: [emptyRound(), PLAN],
  equalEnds: [withSays('About 5–5 % is gone.'), withSays('About 5–50 % is gone, 15–5 kg, 1.5–5 h.')],
  amountOutside: [times(10), PLAN],
  amountAgainstWords: [
    withFirst({ actions: firstPass.actions.map((one) => ({ ...one, notes: ['A few drops.'] })) }),
    withFirst({ actions: firstPass.actions.map((one) => ({ ...one, notes: ['Drop by drop.'] })) }),
  ],
  minutesOutside: [minutes(20), PLAN],
  rinseMissing: [
    rounds([pass('r1p1', { between: { way: 'full', why: null }, actions: [] })]),
    rounds([pass('r1p1', { between: { way: 'none', why: null }, actions: [] })]),
  ],
  testMissing: [
    rounds([pass('r1p1', { findings: [TEST_FIRST], actions: [] })]),
    rounds([pass('r1p1', { findings: [TEST_FIRST], opensAfterTest: true, actions: [] })]),
  ],
  wrongOrder: [
    rounds([passWith('r1p1', 'bioDetergent', 'none', 'wash'), passWith('r1p2', 'peroxide', 'none', 'local')]),
    rounds([passWith('r1p1', 'peroxide', 'none', 'local'), passWith('r1p2', 'bioDetergent', 'none', 'wash')]),
  ],
  notAsHotAsTag: [atC(40), atC(60)],
  readyTooLate: [wantedIn(60), wantedIn(20_000)],
  bathForOne: [
    { ...ofSoak(), facts: { ...PLAN.facts, pieces: 12 } },
    { ...ofSoak(), facts: { ...PLAN.facts, pieces: 1 } },
  ],
  driedTooSoon: [
    {
      ...ofSoak({ whenGone: null, stop: null, actions: [] }),
      keep: { ...PLAN.keep, says: ['It must not dry.'] },
    },
    {
      ...ofSoak({ whenGone: null, stop: 'Until it is gone.' }),
      keep: { ...PLAN.keep, says: ['It must not dry.'] },
    },
  ],
  pairTooClose: [
    rounds([passWith('r1p1', 'vinegar', 'none'), passWith('r1p2', 'oxygenBleach', 'none')]),
    rounds([passWith('r1p1', 'vinegar', 'full'), passWith('r1p2', 'oxygenBleach', 'none')]),
  ],
  triedInVain: [tried('nothing'), tried('some')],
  otherDeed: [brushed('press'), brushed('softBrush')],
  longRound: [withFirst({ expect: 'wet '.repeat(170) }), PLAN],
};

describe('the reader of sense', () => {
  it.each(SENSE_KINDS)('sees %s, and lets the sound plan beside it through', (kind) => {
    const [faulty, sound] = PLANTED[kind];
    // The plan has faults of its own: only what was planted counts.
    const own = kindsIn(PLAN);
    const isPlanted = (found: string) => found.startsWith(`${kind} `) && !own.includes(found);
    expect(kindsIn(faulty).filter(isPlanted)).not.toEqual([]);
    expect(kindsIn(sound).filter(isPlanted)).toEqual([]);
  });

  it('lets an enzyme soak come before local work on one old trouble, and on nothing else', () => {
    const soaked = rounds([
      passWith('r1p1', 'bioDetergent', 'full', 'bath'),
      passWith('r1p2', 'peroxide', 'full', 'local'),
    ]);
    const isWrong = (facts: Partial<Plan['facts']>) =>
      kindsIn({ ...soaked, facts: { ...soaked.facts, ...facts } }).includes('wrongOrder at r1');
    expect(isWrong({ age: 'days', markIds: ['blood'] })).toBe(false);
    expect(isWrong({ age: 'minutes', markIds: ['blood'] })).toBe(true);
    expect(isWrong({ age: 'days', markIds: ['blood', 'mascara'] })).toBe(true);
  });

  it('calls nothing late that comes again, waits for a look, works overnight, or burns and is not needed yet', () => {
    const isLate = (change: Partial<RoundPass>, first = share(0.2)) => {
      const { rounds: all, ...plan } = late({ takes: share(0.5), ...change });
      const begun = all.map((round, at) =>
        at === 0
          ? { ...round, passes: round.passes.map((one) => ({ ...one, takes: first, gone: first })) }
          : round,
      );
      return kindsIn({ ...plan, rounds: begun }).includes('strongestLate at r2p1');
    };
    const night = { minMin: 480, maxMin: 600, aimMin: null, keep: 'letDry' as const, lookEvery: 480 };
    const overnight = firstPass.actions.map((action) => ({
      ...action,
      dwell: { ...action.dwell, ...night },
    }));
    const { actions } = passWith('r2p1', 'isopropanol', 'airOut');
    expect(isLate({ methodId: firstPass.methodId })).toBe(false);
    const { phase, actions: same } = firstPass;
    expect(isLate({ methodId: 'longOxygenSoak', phase, actions: same })).toBe(false);
    expect(isLate({ checks: [{ id: 'isStillSeen', text: 'it is still seen', when: 'atLook' }] })).toBe(false);
    expect(isLate({ actions: overnight as RoundPass['actions'] })).toBe(false);
    expect(isLate({ methodId: 'alcoholSpot', actions }, share(0.3))).toBe(false);
    expect(isLate({ methodId: 'alcoholSpot', actions }, share(0.1))).toBe(true);
    expect(isLate({})).toBe(true);
  });

  it('sends nobody to a step or a round by a number in figures or words that is not there', () => {
    const isMissing = (text: string) => kindsIn(withSays(text)).includes('missingPlace at plan');
    expect(
      ['See step 9.', 'Round 7 follows.', 'The fourth round.', 'After step six.'].filter(isMissing),
    ).toHaveLength(4);
    expect(
      ['See step 1.', 'Round 1 follows.', 'The first round.', 'Turn it round; step on it.'].filter(isMissing),
    ).toEqual([]);
  });
});
