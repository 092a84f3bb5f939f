import { type Knowledge, OPEN_FACTS, OPEN_PILE, type OpenFactKey } from '@feverfew/knowledge';
import { USUAL_CHECK_ID } from '../finding/usualCheckId.js';
import type { Household } from '../household/household.js';
import { atOnce, type InSteps } from '../quantity/inSteps.js';
import { BLANK_LABEL } from '../textile/careLabel.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { AtOnce } from '../treatment/plan/round.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';

/** What an answer tells. */
export interface Told extends Partial<Pick<TroubleFacts, 'age' | 'wetness' | 'heat'>> {
  readonly piece?: Partial<Pick<TroubleFacts['piece'], 'itemId' | 'parts' | 'colour' | 'label'>>;
}

/** An answer a person may give to a fact that is open, how often it is the one, and what it tells. */
export interface OpenAnswer {
  readonly id: string;
  readonly share: number;
  readonly told: Told;
}

export interface Question {
  readonly fact: OpenFactKey;
  readonly answers: readonly OpenAnswer[];
  /** Σ share × (2 where the first thing to do changes, 1 where only what is done in round one does). */
  readonly gain: number;
}

/** The first seconds while little is told: what holds for every open answer, and the questions that change most. */
export interface FirstThings {
  readonly atOnce: AtOnce;
  readonly questions: readonly Question[];
}

const MOST_QUESTIONS = 2;
/** A question that changes less than this is not worth a tap. */
const LEAST_GAIN = 0.2;
/** From the trouble alone, before anything else is told; fewer than sixty plans, a step each. */
export function* firstThingsInSteps(
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): InSteps<FirstThings> {
  const open = openFacts(facts);
  const likeliest = open.reduce((told, { answers }) => withTold(told, answers[0]?.told ?? {}), facts);
  const planOf = (told: TroubleFacts): Plan => planTreatment(told, household, knowledge);
  const base = planOf(likeliest);
  const asked: { fact: OpenFactKey; answers: (OpenAnswer & { plan: Plan })[] }[] = [];
  for (const { fact, answers } of open) {
    const planned: (OpenAnswer & { plan: Plan })[] = [];
    for (const [at, answer] of answers.entries()) {
      planned.push({ ...answer, plan: at === 0 ? base : planOf(withTold(likeliest, answer.told)) });
      yield;
    }
    asked.push({ fact, answers: planned });
  }
  // What is old is in no hurry, and what helps the fresh does it no harm: it holds nothing back.
  const variants = asked
    .filter(({ fact }) => fact !== 'when' && fact !== 'heat')
    .flatMap(({ answers }) => answers);
  // A danger goes by the facts as they are: old and perhaps dry is not the likeliest case, which is wet.
  const item = open.find(({ fact }) => fact === 'item')?.answers[0]?.told ?? {};
  const asTold = planOf(withTold(facts, item)).atOnce;
  const isDangerous = asTold.actions.some(({ verbs }) => verbs.some((verb) => KEEPS_FROM_HARM.has(verb)));
  return {
    atOnce: isDangerous ? asTold : commonTo([base, ...variants.map(({ plan }) => plan)]),
    questions: asked
      .map(({ fact, answers }) => ({
        fact,
        answers: answers.map(({ id, share, told }) => ({ id, share, told })),
        gain: answers.reduce((sum, { share, plan }) => sum + share * changeOf(base, plan), 0),
      }))
      .filter(({ gain }) => gain >= LEAST_GAIN)
      // Without the piece there is no plan: where it matters at all, it is asked first.
      .sort((a, b) => Number(b.fact === 'item') - Number(a.fact === 'item') || b.gain - a.gain)
      .slice(0, MOST_QUESTIONS),
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
    // Told only where what is common to all is what the likeliest answer would have.
    gone: plans[0]?.atOnce.actions.length === actions.length ? plans[0].atOnce.gone : null,
  };
}

const firstOf = ({ atOnce, rounds }: Plan): string => {
  const verb = atOnce.actions.flatMap(({ verbs }) => verbs).find((one) => one !== 'protect');
  return verb ?? rounds[0]?.passes[0]?.methodId ?? 'nothing';
};
const methodsOf = ({ rounds }: Plan): string =>
  (rounds[0]?.passes ?? []).map(({ methodId }) => methodId).join();

function changeOf(base: Plan, other: Plan): number {
  if (firstOf(base) !== firstOf(other)) return 2;
  return methodsOf(base) === methodsOf(other) ? 0 : 1;
}

const fibresOf = (itemId: string | null) =>
  OPEN_PILE.itemIds.some((id) => id === itemId) ? OPEN_PILE.fibre : OPEN_FACTS.fibre;

/** The facts with what an answer tells. */
const withTold = (facts: TroubleFacts, { piece, ...told }: Told): TroubleFacts => ({
  ...facts,
  ...told,
  piece: { ...facts.piece, ...piece },
});

/** Facts nobody has told, each with its answers, likeliest first. */
function openFacts({ piece, age, wetness, heat, seen }: TroubleFacts) {
  // A tag that was read as usual answers both of its questions.
  const isRead = seen?.[USUAL_CHECK_ID] === true;
  const bare = piece.parts.length === 0 || piece.parts.every((part) => part.fibres.length === 0);
  const answersTo = <A extends { readonly id: string; readonly share: number }>(
    answers: readonly A[],
    told: (answer: A) => Told,
  ): OpenAnswer[] => answers.map((one) => ({ id: one.id, share: one.share, told: told(one) }));
  const all: Readonly<Record<OpenFactKey, { isOpen: boolean; answers: readonly OpenAnswer[] }>> = {
    item: {
      isOpen: piece.itemId === null,
      answers: answersTo(OPEN_FACTS.item, ({ itemId }) => ({ piece: { itemId } })),
    },
    fibre: {
      isOpen: bare && !isRead,
      answers: answersTo<{ id: string; share: number; fibreId: string }>(
        fibresOf(piece.itemId),
        ({ fibreId }) => ({
          piece: { parts: [{ name: 'whole piece', fibres: [{ fibreId, sharePct: 100 }] }] },
        }),
      ),
    },
    colour: {
      isOpen: piece.colour === 'unknown',
      answers: answersTo(OPEN_FACTS.colour, ({ colour }) => ({ piece: { colour } })),
    },
    when: {
      isOpen: age === 'unknown' || wetness === 'unknown',
      answers: answersTo(OPEN_FACTS.when, (one) => ({ age: one.age, wetness: one.wetness })),
    },
    label: {
      isOpen: piece.label === null && !isRead,
      answers: answersTo(OPEN_FACTS.label, ({ wash }) => ({ piece: { label: { ...BLANK_LABEL, wash } } })),
    },
    heat: {
      isOpen: heat === 'unknown',
      answers: answersTo(OPEN_FACTS.heat, (one) => ({ heat: one.heat })),
    },
  };
  return (Object.keys(all) as OpenFactKey[]).flatMap((fact) =>
    all[fact].isOpen ? [{ fact, answers: all[fact].answers }] : [],
  );
}
