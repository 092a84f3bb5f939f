import { type AtOnceVerb, IF_STILL_WET, lowerFirst, type OpenFactKey, upperFirst } from '@feverfew/knowledge';
import type { AtOnce } from '../treatment/plan/round.js';

/** The questions of the first acts, in the words of a person who is next to it. */
export const QUESTION_WORDS: Readonly<Record<OpenFactKey, string>> = {
  item: 'What is it on?',
  fibre: 'What is it made of?',
  colour: 'What colour is it?',
  when: 'When did it happen?',
  label: 'What does its tag say?',
  heat: 'Has it been hot since?',
};

/** Answers by their id; a fibre goes by its own name. */
const ANSWER_WORDS: Readonly<Record<string, string>> = {
  clothing: 'Clothing',
  tableOrBed: 'Table or bed linen',
  carpet: 'Carpet',
  seat: 'Chair or sofa',
  mattress: 'Mattress',
  coat: 'Lined coat',
  coloured: 'Coloured',
  white: 'White',
  justNow: 'Just now, wet',
  today: 'Today, dry',
  earlier: 'Earlier',
  wash30: 'Wash 30',
  wash40: 'Wash 40',
  wash60: 'Wash 60',
  wash95: 'Wash 95',
  handWash: 'By hand',
  doNotWash: 'Do not wash',
  none: 'No',
  heated: 'Dryer or iron',
};

/**
 * @param id of an answer; fibres of a blend are joined by a plus
 * @param nameOf the catalogue's names, for the fibres
 */
export const answerWords = (id: string, nameOf: (id: string) => string): string => {
  const words = ANSWER_WORDS[id] ?? id.split('+').map(nameOf).join(' and ');
  return upperFirst(words);
};

/**
 * "No soap bar: soap sets tannin." as a sign on the slate: "no soap bar". Its reason is left to the whole line; a
 * condition is part of the ban, unless it is heat that waits until the trouble is gone.
 */
export function banWords(line: string): string {
  const ban = line.replace(/\.$/, '').replace(/: .*$/, '');
  const short = /dryer|iron/.test(ban)
    ? ban.replace(/ before .*$| yet$/, '').replace(' and no ', ', no ')
    : ban;
  return lowerFirst(short);
}

/** A first act that is only for what is still wet, without its condition; null = it has none. */
export function onlyIfWet(line: string): string | null {
  if (!line.startsWith(IF_STILL_WET)) return null;
  const rest = line.slice(IF_STILL_WET.length);
  return upperFirst(rest);
}

/** What a hand does first, as a button names it; a verb that is not here is no first move of a hand. */
const HAND_WORDS: Readonly<Partial<Record<AtOnceVerb, string>>> = {
  handsOff: 'hands off',
  leaveRoom: 'leave the room',
  airOutdoors: 'keep flames away',
  keepFlooded: 'flood it',
  lift: 'lift it off',
  shake: 'shake it out',
  blot: 'press',
  absorb: 'powder on',
  coldFlush: 'cold tap',
  letDry: 'let it dry',
  chill: 'chill it',
  vacuum: 'vacuum',
  isolate: 'set it apart',
  hangToAir: 'hang it out',
  ventilate: 'open a window',
  rinseOutProduct: 'rinse it out',
  detergent: 'detergent on',
  rewash: 'wash it again',
};

/** The first move of a hand in the first seconds: "press", "cold tap"; null where there is none. */
export function firstHand({ actions }: Pick<AtOnce, 'actions'>): string | null {
  const verbs = actions.flatMap((action) => action.verbs);
  return verbs.map((verb) => HAND_WORDS[verb as AtOnceVerb]).find((words) => words !== undefined) ?? null;
}
