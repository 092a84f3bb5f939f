import type { Plan } from '../treatment/plan/plan.js';
import type { SenseFault, SenseKind } from './senseFault.js';
import type { ShownText } from './shownText.js';

/** Most words a person reads with wet hands. The cards written by hand have 161. */
export const MAX_WORDS = 170;

/** "5–5 %": a range that says nothing. */
const EQUAL_ENDS = /(?<![\d.,])(\d+(?:[.,]\d+)?)–\1(?![\d.,])/;

/** @returns a fault for each line that shows a range with two equal ends */
export const findEqualEnds = (shown: ShownText): SenseFault[] =>
  inLines(shown, 'equalEnds', (text) => EQUAL_ENDS.test(text));

const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six'];
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'];
const ROUND = new RegExp(`\\bround (\\d+|${NUMBERS.join('|')})\\b|\\b(${ORDINALS.join('|')}) round\\b`, 'gi');
const STEP = new RegExp(`\\bstep (\\d+|${NUMBERS.join('|')})\\b`, 'gi');

/** Lines that send the reader to a round or a step the plan does not have. */
export function findMissingPlaces({ rounds }: Plan, shown: ShownText): SenseFault[] {
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
export const findLongRound = ({ wordsOfRoundOne }: ShownText): SenseFault[] =>
  wordsOfRoundOne > MAX_WORDS ? [{ kind: 'longRound', where: 'plan', text: `${wordsOfRoundOne} words` }] : [];

function inLines({ lines }: ShownText, kind: SenseKind, isFault: (text: string) => boolean): SenseFault[] {
  return lines.filter(({ text }) => isFault(text)).map(({ where, text }) => ({ kind, where, text }));
}
