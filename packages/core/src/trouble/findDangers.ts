import type { Danger } from '@feverfew/knowledge';
import { isOneSlip } from '../textile/oneSlip.js';

type Named = Pick<Danger, 'aliases' | 'mayMean' | 'traps' | 'replaces'>;

export interface FoundDanger<T> {
  readonly danger: T;
  /** One of its own words was typed; otherwise a word that only may mean it. */
  readonly isSure: boolean;
  /** It was surely meant, and no ordinary result is offered with it. */
  readonly isOnly: boolean;
}

/** Words between the words that count. */
const STOP = new Set(
  'a an the on of and or in into from with my his her our your is it its this that to at has have got then after off'.split(
    ' ',
  ),
);
/** From this length on one slip of a finger is forgiven. */
const LONG_ENOUGH = 7;

/**
 * Dangers that are named in what a person typed: one of their words is whole in it, word by word, singular or
 * plural. A trap takes its words away first: "dog lead" is no lead.
 * @param text a word, a few, or a whole sentence
 * @returns the sure ones first, then those with the longest word; empty where nothing is named
 */
export function findDangers<T extends Named>(text: string, dangers: readonly T[]): FoundDanger<T>[] {
  const told = wordsOf(text);
  return dangers
    .flatMap((danger) => {
      const left = danger.traps.reduce<readonly string[]>(
        (words, trap) => withoutPhrase(words, wordsOf(trap)),
        told,
      );
      const longestOf = (phrases: readonly string[]): number =>
        Math.max(0, ...phrases.map((phrase) => (placeOf(left, wordsOf(phrase)) < 0 ? 0 : phrase.length)));
      const longest = longestOf(danger.aliases);
      const isSure = longest > 0;
      const length = isSure ? longest : longestOf(danger.mayMean);
      return length > 0 ? [{ danger, isSure, isOnly: isSure && danger.replaces, length }] : [];
    })
    .sort((a, b) => Number(b.isSure) - Number(a.isSure) || b.length - a.length)
    .map(({ danger, isSure, isOnly }) => ({ danger, isSure, isOnly }));
}

const wordsOf = (text: string): string[] =>
  (
    text
      .normalize('NFD')
      .replace(/\p{M}|['’]/gu, '')
      .toLowerCase()
      .match(/[\p{L}\d]+/gu) ?? []
  ).filter((word) => !STOP.has(word));

/** The position of a phrase among words, word by word; −1 if it is not there as a whole. */
function placeOf(words: readonly string[], phrase: readonly string[], isSame: SameWord = isLike): number {
  if (phrase.length === 0) return -1;
  return words.findIndex((_, at) => phrase.every((word, place) => isSame(words[at + place], word)));
}

/**
 * A gap is left where the phrase was, so that its neighbours do not become a phrase of their own. Its words stand as
 * they are written or in the plural: "whites powder" is a trap, "white powder" is not.
 */
function withoutPhrase(words: readonly string[], phrase: readonly string[]): readonly string[] {
  const at = placeOf(words, phrase, (told, word) => told === word || told === `${word}s`);
  return at < 0 ? words : [...words.slice(0, at), '', ...words.slice(at + phrase.length)];
}

const singular = (word: string): string => word.replace(/(?<=\w\w)s$/, '');

type SameWord = (told: string | undefined, word: string) => boolean;

const isLike: SameWord = (told, word) =>
  told !== undefined &&
  (singular(told) === singular(word) ||
    (word.length >= LONG_ENOUGH && told.length >= LONG_ENOUGH && isOneSlip(told, word)));
