import { MAX_ROUND_WORDS } from '@feverfew/knowledge';
import type { SenseCase, SenseStep } from './senseCase.js';
import type { SenseFault, SenseKind } from './senseFault.js';
import type { ShownText } from './shownText.js';

/** "5–5 %": a range that says nothing. */
const EQUAL_ENDS = /(?<![\d.,])(\d+(?:[.,]\d+)?)–\1(?![\d.,])/;

/** @returns a fault for each line that shows a range with two equal ends */
export const findEqualEnds = ({ shown }: SenseCase): SenseFault[] =>
  inLines(shown, 'equalEnds', (text) => EQUAL_ENDS.test(text));

const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six'];
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'];
const ROUND = new RegExp(`\\bround (\\d+|${NUMBERS.join('|')})\\b|\\b(${ORDINALS.join('|')}) round\\b`, 'gi');
const STEP = new RegExp(`\\bstep (\\d+|${NUMBERS.join('|')})\\b`, 'gi');

const hasChemistry =
  (...some: readonly string[]) =>
  (step: SenseStep): boolean =>
    some.some((one) => step.chemistries.has(one));

/** Steps that a text refers to, and what the plan needs for it. "after the soak or the wash" is met by either. */
const REFERENCES: readonly (readonly [words: RegExp, isThere: (step: SenseStep) => boolean])[] = [
  [/\b(after|before|until|with|in|from) the (soak|bath)\b(?! or\b)/i, ({ isSoak }) => isSoak],
  [/\b(after|before|until|in) the wash\b(?! or\b)/i, ({ isWash, isSoak }) => isWash || isSoak],
  [
    /\b(after|before) the (alcohol|solvent|spirits|acetone)\b(?! or\b)/i,
    ({ agents }) => agents.some(({ mostMLPerRound }) => mostMLPerRound !== null),
  ],
  [/\b(after|before) the (acid|vinegar)\b(?! or\b)/i, hasChemistry('weakAcid', 'oxalicAcid')],
  [/\b(after|before) the (oxygen|bleach|peroxide)\b(?! or\b)/i, hasChemistry('percarbonate', 'peroxide')],
  [/\b(after|before) the enzymes?\b(?! or\b)/i, hasChemistry('protease')],
  [/\b(after|before) the powder\b(?! or\b)/i, hasChemistry('absorbent', 'percarbonate')],
];

/** Lines that refer to a step of a kind the plan does not have. */
export function findMissingSteps({ steps, shown }: SenseCase): SenseFault[] {
  return inLines(shown, 'missingPlace', (text) =>
    REFERENCES.some(([words, isThere]) => words.test(text) && !steps.some(isThere)),
  ).filter(({ where }) => where !== 'plan');
}

/** Lines that send the reader to a round or a step the plan does not have. */
export function findMissingPlaces({ plan: { rounds }, shown }: SenseCase): SenseFault[] {
  const mostSteps = Math.max(0, ...rounds.map(({ passes }) => passes.length));
  return inLines(
    shown,
    'missingPlace',
    (text) =>
      numbersIn(text, ROUND).some((number) => number > rounds.length) ||
      numbersIn(text, STEP).some((number) => number > mostSteps),
  );
}

function numbersIn(text: string, places: RegExp): number[] {
  return [...text.matchAll(places)].map((match) => {
    const word = (match[1] ?? match[2] ?? '').toLowerCase();
    return Number(word) || Math.max(NUMBERS.indexOf(word), ORDINALS.indexOf(word)) + 1;
  });
}

/** More words in the first acts and round one than a person reads at the tub. */
export const findLongRound = ({ shown: { wordsOfRoundOne } }: SenseCase): SenseFault[] =>
  wordsOfRoundOne > MAX_ROUND_WORDS
    ? [{ kind: 'longRound', where: 'plan', text: `${wordsOfRoundOne} words` }]
    : [];

function inLines({ lines }: ShownText, kind: SenseKind, isFault: (text: string) => boolean): SenseFault[] {
  return lines.filter(({ text }) => isFault(text)).map(({ where, text }) => ({ kind, where, text }));
}
