import { describe, expect, it } from 'vitest';
import { cases, household, knowledge } from '../test/fixtures.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { RoundPass } from '../treatment/plan/round.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { Lexicon } from '../words/lexicon.js';
import { shownText } from '../words/roundWords.js';
import { findSenseFaults } from './findSenseFaults.js';
import { SENSE_KINDS, type SenseKind } from './senseFault.js';

const names = new Map([...knowledge.agents, ...knowledge.methods].map(({ id, name }) => [id, name]));
const say: Lexicon = {
  name: (id) => names.get(id) ?? id,
  temp: (tempC) => `${tempC} °C`,
  volume: (volumeML) => `${volumeML} mL`,
};

const PLAN = planTreatment(cases.beetrootOnDamask, household, knowledge);
const kindsIn = (plan: Plan) =>
  findSenseFaults(plan, shownText(plan, say)).map(({ kind, where }) => `${kind} at ${where}`);

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
const gone = (all: typeof NOTHING) => ({ all, byMark: [] });

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

const PLANTED: Readonly<Record<SenseKind, readonly [faulty: Plan, sound: Plan]>> = {
  idleStep: [
    withFirst({ prepares: false, takes: gone(NOTHING) }),
    withFirst({ prepares: true, takes: gone(NOTHING) }),
  ],
  emptyRound: [emptyRound(), PLAN],
  equalEnds: [withSays('About 5–5 % is gone.'), withSays('About 5–50 % is gone, 15–5 kg, 1.5–5 h.')],
  missingPlace: [withSays('Then the third round twice.'), withSays('Then round one once more.')],
  longRound: [withFirst({ expect: 'wet '.repeat(170) }), PLAN],
  triedInVain: [tried('nothing'), tried('some')],
  notAsHotAsTag: [atC(40), atC(60)],
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
