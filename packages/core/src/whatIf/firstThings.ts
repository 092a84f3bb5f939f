import type { Knowledge, OpenFactKey } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { atOnce, type InSteps } from '../quantity/inSteps.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { AtOnce } from '../treatment/plan/round.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { type OpenAnswer, openFacts, type Told } from './openFacts.js';

export type { OpenAnswer };

export interface Question {
  readonly fact: OpenFactKey;
  readonly answers: readonly OpenAnswer[];
  /** What an answer changes in the plan that is made without it, by how often it is given: Σ share × 0 to 2. */
  readonly gain: number;
}

/** First acts while few facts are known: what holds for every open answer, and the questions that change most. */
export interface FirstThings {
  readonly atOnce: AtOnce;
  readonly questions: readonly Question[];
}

const MAX_QUESTIONS = 2;
/** A question that changes less than this is not worth a tap. A wrong guess of the first four may spoil the piece. */
const MIN_GAIN: Readonly<Record<OpenFactKey, number>> = {
  item: 0.2,
  fibre: 0.2,
  label: 0.2,
  colour: 0.2,
  when: 0.34,
  heat: 0.34,
};
/** Facts whose first acts are said with their condition ("If it is still wet"): an answer is worth what else changes. */
const SAID_WITH_CONDITION: readonly OpenFactKey[] = ['when', 'heat'];

/** From the trouble alone, before anything else is known; at most 27 plans, a step each. */
export function* firstThingsInSteps(
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): InSteps<FirstThings> {
  const planOf = (told: TroubleFacts): Plan => planTreatment(told, household, knowledge);
  const index = indexKnowledge(knowledge);
  const [item] = openFacts(facts, index).filter(({ fact }) => fact === 'item');
  const placed = withTold(facts, item?.answers[0]?.told ?? {});
  const open = [...(item ? [item] : []), ...openFacts(placed, index)];
  const when = open.find(({ fact }) => fact === 'when');
  // What is fresh is in a hurry, and what helps it does the old no harm.
  const fresh = withTold(placed, when?.answers[0]?.told ?? {});
  const [asTold, base] = [planOf(placed), planOf(fresh)];
  yield;
  const asked: { fact: OpenFactKey; answers: (OpenAnswer & { plan: Plan })[] }[] = [];
  for (const { fact, answers } of open) {
    const planned: (OpenAnswer & { plan: Plan })[] = [];
    for (const answer of answers) {
      planned.push({ ...answer, plan: planOf(withTold(fresh, answer.told)) });
      yield;
    }
    asked.push({ fact, answers: planned });
  }
  const variants = asked
    .filter(({ fact }) => !SAID_WITH_CONDITION.includes(fact))
    .flatMap(({ answers }) => answers);
  // A danger goes by the facts as they are: old and perhaps dry is not the likeliest case, which is wet.
  const isDangerous = asTold.atOnce.actions.some(({ verbs }) =>
    verbs.some((verb) => KEEPS_FROM_HARM.has(verb)),
  );
  return {
    atOnce: isDangerous ? asTold.atOnce : commonTo([base, ...variants.map(({ plan }) => plan)]),
    questions: asked
      .map(({ fact, answers }) => ({
        fact,
        answers: answers.map(({ id, share, told }) => ({ id, share, told })),
        gain: answers.reduce(
          (sum, { share, plan }) =>
            sum + share * (fact === 'when' ? inRoundOne(asTold, plan) : changeOf(base, plan)),
          0,
        ),
      }))
      .filter(({ fact, gain }) => gain >= MIN_GAIN[fact])
      // Without the piece there is no plan: where it matters at all, it is asked first.
      .sort((a, b) => Number(b.fact === 'item') - Number(a.fact === 'item') || b.gain - a.gain)
      .slice(0, MAX_QUESTIONS),
  };
}

export const firstThings = (...given: Parameters<typeof firstThingsInSteps>): FirstThings =>
  atOnce(firstThingsInSteps(...given));

/** First acts that keep people from what lies on the cloth. */
export const KEEPS_FROM_HARM: ReadonlySet<string> = new Set([
  'handsOff',
  'leaveRoom',
  'airOutdoors',
  'keepFlooded',
]);

/** Only what every answer still open would have a person do, and what any of them would have left alone. */
function commonTo(plans: readonly Plan[]): AtOnce {
  const verbsOf = ({ atOnce }: Plan) => new Set(atOnce.actions.flatMap(({ verbs }) => verbs));
  const sets = plans.map(verbsOf);
  const [base] = sets;
  // What keeps people from harm is said whatever else is open.
  const common = (verb: string) =>
    verb === 'protect' ||
    (KEEPS_FROM_HARM.has(verb) && base?.has(verb)) ||
    sets.every((verbs) => verbs.has(verb));
  const lines = plans.flatMap(({ atOnce }) => atOnce.actions).filter(({ verbs }) => verbs.every(common));
  // One line for each thing to do, in the words of the likeliest answer. Guards are all said.
  const done = new Set<string>();
  const actions = lines.filter(({ verbs, text }) => {
    const keys = verbs.map((verb) => (verb === 'protect' ? text : verb));
    const fresh = keys.some((key) => !done.has(key));
    for (const key of keys) done.add(key);
    return fresh;
  });
  return {
    actions,
    donts: [...new Set(plans.flatMap(({ atOnce }) => atOnce.donts))],
    handsOnMin: plans[0]?.atOnce.handsOnMin ?? 0,
    // Said only if the line common to all is what the likeliest answer would have.
    gone: plans[0]?.atOnce.actions.length === actions.length ? plans[0].atOnce.gone : null,
  };
}

const firstOf = ({ atOnce, rounds }: Plan): string => {
  const verb = atOnce.actions.flatMap(({ verbs }) => verbs).find((one) => one !== 'protect');
  return verb ?? rounds[0]?.passes[0]?.methodId ?? 'nothing';
};
/** Water that is colder or warmer by so much does something else, °C. */
const OTHER_WATER_C = 10;
const productsOf = ({ rounds }: Plan): string =>
  [
    ...new Set(
      (rounds[0]?.passes ?? []).flatMap(({ actions }) =>
        actions.flatMap(({ ingredients }) => ingredients.map(({ agentId }) => agentId)),
      ),
    ),
  ]
    .sort()
    .join();

/** 2 where the first thing to do changes, else what changes in round one. */
const changeOf = (base: Plan, other: Plan): number =>
  firstOf(base) === firstOf(other) ? inRoundOne(base, other) : 2;

/** 1 where round one takes other products, a half where only its water is much colder or warmer. */
function inRoundOne(base: Plan, other: Plan): number {
  if (productsOf(base) !== productsOf(other)) return 1;
  const [ofBase, ofOther] = [warmestOf(base), warmestOf(other)];
  return Math.abs(ofBase - ofOther) >= OTHER_WATER_C ? 0.5 : 0;
}

/** Warmest water of round one, °C. */
const warmestOf = ({ rounds }: Plan): number =>
  Math.max(
    0,
    ...(rounds[0]?.passes ?? []).flatMap(({ actions }) => actions.map(({ tempC }) => tempC?.target ?? 0)),
  );

/** The facts with what an answer tells. */
const withTold = (facts: TroubleFacts, { piece, ...told }: Told): TroubleFacts => ({
  ...facts,
  ...told,
  piece: { ...facts.piece, ...piece },
});
