import type { Danger } from '@feverfew/knowledge';
import { isOneSlip } from '../textile/oneSlip.js';

type Named = Pick<Danger, 'id' | 'aliases' | 'traps'>;

/** Words between the words that count. */
const STOP = new Set(
  'a an the on of and or in into from with my his her our your is it its this that to at has have got then after off'.split(
    ' ',
  ),
);
/** From this length on one slip of a finger is forgiven. */
const LONG_ENOUGH = 7;

/**
 * Dangers that are named in what somebody typed: one of their aliases stands whole in it, word beside word, singular or
 * plural. A trap takes its words away first: "dog lead" is no lead.
 * @param text a word, a few, or a whole sentence
 * @returns those with the longest alias first; empty where nothing is named
 */
export function findDangers<T extends Named>(text: string, dangers: readonly T[]): T[] {
  const told = wordsOf(text);
  return dangers
    .flatMap((danger) => {
      const left = danger.traps.reduce<readonly string[]>(
        (words, trap) => withoutPhrase(words, wordsOf(trap)),
        told,
      );
      const longest = Math.max(
        0,
        ...danger.aliases.map((alias) => (placeOf(left, wordsOf(alias)) < 0 ? 0 : alias.length)),
      );
      return longest > 0 ? [{ danger, longest }] : [];
    })
    .sort((a, b) => b.longest - a.longest)
    .map(({ danger }) => danger);
}

const wordsOf = (text: string): string[] =>
  (
    text
      .normalize('NFD')
      .replace(/\p{M}|['’]/gu, '')
      .toLowerCase()
      .match(/[\p{L}\d]+/gu) ?? []
  ).filter((word) => !STOP.has(word));

/** Where a phrase begins among words, word beside word; −1 where it does not stand there whole. */
function placeOf(words: readonly string[], phrase: readonly string[]): number {
  if (phrase.length === 0) return -1;
  return words.findIndex((_, at) => phrase.every((word, place) => isLike(words[at + place], word)));
}

/** A gap is left where the phrase was, so that its neighbours do not come to stand side by side. */
function withoutPhrase(words: readonly string[], phrase: readonly string[]): readonly string[] {
  const at = placeOf(words, phrase);
  return at < 0 ? words : [...words.slice(0, at), '', ...words.slice(at + phrase.length)];
}

const singular = (word: string): string => word.replace(/(?<=\w\w)s$/, '');

const isLike = (told: string | undefined, word: string): boolean =>
  told !== undefined &&
  (singular(told) === singular(word) ||
    (word.length >= LONG_ENOUGH && told.length >= LONG_ENOUGH && isOneSlip(told, word)));
