import type { CupboardEntry, Household, Vessel } from './household.js';

/** People and animals that something may harm more than others; asked for in one question. */
export const PEOPLE_FACTS = ['asthma', 'pregnancy', 'baby', 'pets'] as const;
export type PeopleFact = (typeof PEOPLE_FACTS)[number];

/** What of a household can be asked one at a time, in the order it is asked: people first. */
export const HOUSE_FACTS = [
  'people',
  'agent',
  'hasMachine',
  'vessels',
  'hotTap',
  'hardness',
  'septic',
] as const;
export type HouseFact = (typeof HOUSE_FACTS)[number];

export const HOUSE_ANSWERS = {
  people: ['some', 'none'],
  agent: ['yes', 'no'],
  hasMachine: ['yes', 'no'],
  vessels: ['guessed', 'basinOnly', 'bathToo'],
  hotTap: ['warm', 'hot', 'veryHot'],
  hardness: ['soft', 'between', 'hard'],
  septic: ['yes', 'no'],
} as const satisfies Readonly<Record<HouseFact, readonly string[]>>;
export type HouseAnswer = (typeof HOUSE_ANSWERS)[HouseFact][number];

/** °C of a hot tap for each answer; from memory. */
export const HOT_TAP_C = { warm: 40, hot: 50, veryHot: 60 } as const;
/**
 * mg/L as calcium carbonate for each answer: the middles of soft (to 60), moderately hard to hard (to 180 and
 * beyond) and very hard water. WHO, Hardness in drinking-water, recalled.
 */
export const HARDNESS_OF = { soft: 40, between: 200, hard: 350 } as const;

const BATH: Vessel = {
  id: 'bath',
  name: 'bath',
  volumeL: 120,
  material: 'enamel',
  lid: false,
  form: 'bathtub',
  shape: null,
};

/**
 * The household with one fact answered.
 * @param entry the bottle an answer about a product is about
 * @param people who of them is there, where the answer is that some are
 */
export function answered(
  household: Household,
  fact: HouseFact,
  answer: HouseAnswer,
  entry: CupboardEntry | null = null,
  people: readonly PeopleFact[] = [],
): Household {
  switch (fact) {
    case 'people':
      return { ...household, ...Object.fromEntries(people.map((one) => [one, true])) };
    case 'agent': {
      const others = household.cupboard.filter((one) => one.agentId !== entry?.agentId);
      return { ...household, cupboard: entry && answer === 'yes' ? [...others, entry] : others };
    }
    case 'vessels':
      return { ...household, vessels: vesselsAfter(household.vessels, answer) };
    case 'hotTap':
      return { ...household, taps: { ...household.taps, hotC: HOT_TAP_C[answer as keyof typeof HOT_TAP_C] } };
    case 'hardness':
      return { ...household, hardnessMgL: HARDNESS_OF[answer as keyof typeof HARDNESS_OF] };
    case 'septic':
      return { ...household, septicTank: answer === 'yes' };
    default:
      return { ...household, [fact]: answer === 'yes' };
  }
}

function vesselsAfter(vessels: readonly Vessel[], answer: HouseAnswer): readonly Vessel[] {
  if (answer === 'basinOnly') return vessels.filter(({ form }) => form === 'basin');
  if (answer === 'bathToo' && vessels.every(({ id }) => id !== BATH.id)) return [...vessels, BATH];
  return vessels;
}

/** Assumed answers of a household that has entered nothing. */
export function guessOf(household: Household, fact: HouseFact): HouseAnswer {
  switch (fact) {
    case 'people':
      return PEOPLE_FACTS.some((one) => household[one]) ? 'some' : 'none';
    case 'agent':
      return 'no';
    case 'vessels':
      return 'guessed';
    case 'hotTap':
      return nearest(HOT_TAP_C, household.taps.hotC);
    case 'hardness':
      return nearest(HARDNESS_OF, household.hardnessMgL);
    case 'septic':
      return household.septicTank ? 'yes' : 'no';
    default:
      return household[fact] ? 'yes' : 'no';
  }
}

function nearest<Answer extends HouseAnswer>(of: Readonly<Record<Answer, number>>, value: number): Answer {
  const answers = Object.entries(of) as [Answer, number][];
  return answers.reduce((best, one) =>
    Math.abs(one[1] - value) < Math.abs(best[1] - value) ? one : best,
  )[0];
}
