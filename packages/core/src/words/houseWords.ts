import { HOT_TAP_C, type HouseAnswer, type HouseFact, type PeopleFact } from '../household/houseFacts.js';
import type { HouseQuestion } from '../whatIf/houseQuestion.js';
import type { Lexicon } from './round/lexicon.js';

type Say = (question: HouseQuestion, say: Lexicon) => string;

const ASK: Readonly<Record<HouseFact, Say>> = {
  people: () => 'Who lives here?',
  agent: ({ entry }, say) => `Have you ${bottle(entry, say)}?`,
  hasMachine: () => 'Have you a washing machine?',
  vessels: () => 'What can you soak in?',
  hotTap: () => 'How hot does your tap get?',
  hardness: () => 'How hard is your water?',
  septic: () => 'Does the drain go into a septic tank?',
};

const bottle = (entry: HouseQuestion['entry'], say: Lexicon): string =>
  entry ? `${say.name(entry.agentId)}${entry.strengthPct === null ? '' : `, ${entry.strengthPct} %`}` : 'it';

/** Those a question about people asks for. */
export const PEOPLE_WORDS: Readonly<Record<PeopleFact, string>> = {
  asthma: 'Asthma',
  pregnancy: 'A pregnancy',
  baby: 'A baby or small child',
  pets: 'Pets',
};

const YES_NO: Partial<Record<HouseAnswer, Say>> = { yes: () => 'Yes', no: () => 'No' };
const ANSWERS: Readonly<Partial<Record<HouseFact, Partial<Record<HouseAnswer, Say>>>>> = {
  people: { some: () => 'Some of these', none: () => 'None of these' },
  vessels: {
    guessed: () => 'A bucket and a basin',
    basinOnly: () => 'Only a basin',
    bathToo: () => 'A bath too',
  },
  hotTap: {
    warm: (_, say) => `${say.temp(HOT_TAP_C.warm)} or less`,
    hot: (_, say) => `About ${say.temp(HOT_TAP_C.hot)}`,
    veryHot: (_, say) => `${say.temp(HOT_TAP_C.veryHot)} or more`,
  },
  hardness: {
    soft: () => 'Soft: suds well, no lime',
    between: () => 'In between',
    hard: () => 'Hard: kettle furs up',
  },
};

export interface HouseQuestionWords {
  readonly ask: string;
  readonly answers: readonly { readonly id: HouseAnswer; readonly text: string }[];
  /** The answer it is planned by until one is given. */
  readonly guess: string;
}

/** A question about the house as it is put, with what is assumed until it is answered. */
export function houseQuestionWords(question: HouseQuestion, say: Lexicon): HouseQuestionWords {
  const words = ANSWERS[question.fact] ?? YES_NO;
  const textOf = (id: HouseAnswer): string => words[id]?.(question, say) ?? id;
  return {
    ask: ASK[question.fact](question, say),
    answers: question.answers.map((id) => ({ id, text: textOf(id) })),
    guess: textOf(question.guess),
  };
}
