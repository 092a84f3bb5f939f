import {
  type Catalogue,
  EMPTY_FACTS,
  MOST_MARKS,
  type PieceSummary,
  type TroubleFacts,
} from '@feverfew/contracts';
import { NameSearch } from '../search/nameSearch';
import { type Option, searchOver } from '../search/searchOptions';
import { isWeak, tellingOf } from '../search/words';
import { type Draft, withItem, withPiece } from './factsDraft';

/** What a few words told: a trouble, a piece, and what else stood beside them. */
export interface ReadWords {
  readonly markIds: readonly string[];
  readonly pieceId: string | null;
  readonly itemId: string | null;
  readonly age: TroubleFacts['age'] | null;
  readonly wetness: TroubleFacts['wetness'] | null;
  readonly colour: TroubleFacts['piece']['colour'] | null;
  /** Words nobody understood. */
  readonly left: readonly string[];
  /** 1 = every mark as it is spelled. */
  readonly exact: number;
}

const AGES: readonly [RegExp, TroubleFacts['age']][] = [
  [/^(fresh|now|just)$/, 'minutes'],
  [/^(today|hours?|morning)$/, 'hours'],
  [/^(yesterday|days?)$/, 'days'],
  [/^weeks?$/, 'weeks'],
  [/^(months?|years?|old)$/, 'months'],
];
const COLOURS = ['white', 'natural', 'pale', 'dark', 'patterned'] as const;
const STATES = new Set(['wet', 'dry', 'fresh', 'dried']);
const CREAM = 'cream';

/**
 * Reads "red wine sofa", "week old blood on the wool blanket", "grass and mud jeans": troubles first, then the
 * piece, then the rest.
 */
export function readWords(text: string, catalogue: Catalogue, pieces: readonly PieceSummary[]): ReadWords {
  const items = searchOver(catalogue.items);
  const marks = searchOver(catalogue.marks);
  const told = tellingOf(text);
  // "Cream carpet" is a colour, cream by itself is milk.
  const isCream = (word: string | undefined, place: number) =>
    word === CREAM &&
    items.knows(told[place + 1] ?? '') &&
    marks.cover([told[place - 1] ?? '', CREAM])?.left.length !== 0;
  const pale = told.some(isCream);
  let words: readonly string[] = told.filter((word, place) => !isCream(word, place));
  let exact = 1;
  const markIds: string[] = [];
  while (markIds.length < MOST_MARKS) {
    const hit = marks.cover(words, (word) => !items.knows(word));
    if (!hit || markIds.includes(hit.record.id)) break;
    markIds.push(hit.record.id);
    words = hit.left.filter((word) => !isWeak(word));
    exact = Math.min(exact, hit.exact);
  }
  const own = new NameSearch(namesOf(pieces)).cover(words);
  const kind = items.cover(words);
  // A piece of the book goes before its kind, but "t-shirt" is no shirt: what takes more of the words is meant.
  const piece = own && (!kind || own.left.length <= kind.left.length) ? own : null;
  const item = piece ? null : kind;
  words = (piece ?? item)?.left ?? words;
  const age = AGES.find(([pattern]) => words.some((word) => pattern.test(word)))?.[1] ?? null;
  const colour = pale ? 'pale' : (COLOURS.find((name) => words.includes(name)) ?? null);
  return {
    markIds,
    pieceId: piece?.record.id ?? null,
    itemId: item?.record.id ?? null,
    age,
    wetness: words.includes('wet') ? 'wet' : words.includes('dry') ? 'dry' : age === 'minutes' ? 'wet' : null,
    colour: colour === 'patterned' ? 'multicoloured' : colour,
    left: words.filter(
      (word) => word !== colour && !AGES.some(([pattern]) => pattern.test(word)) && !STATES.has(word),
    ),
    exact,
  };
}

/** A piece of the book is also called by any word that no other piece has: "the damask", "the petticoat". */
function namesOf(pieces: readonly PieceSummary[]): readonly Option[] {
  const words = pieces.flatMap(({ name }) => [...new Set(wordsOf(name))]);
  return pieces.map(({ id, name }) => ({
    id,
    name,
    aliases: wordsOf(name).filter((word) => words.indexOf(word) === words.lastIndexOf(word)),
  }));
}

/** The words as a trouble being told. */
export function draftOf(read: ReadWords, catalogue: Catalogue, pieces: readonly PieceSummary[]): Draft {
  const given: Draft = {
    pieceId: null,
    facts: {
      ...EMPTY_FACTS,
      markIds: read.markIds,
      age: read.age ?? EMPTY_FACTS.age,
      wetness: read.wetness ?? EMPTY_FACTS.wetness,
    },
  };
  const piece = pieces.find((candidate) => candidate.id === read.pieceId);
  const item = catalogue.items.find((candidate) => candidate.id === read.itemId);
  const placed = piece ? withPiece(given, piece) : item ? withItem(given, item) : given;
  if (piece || read.colour === null) return placed;
  return {
    ...placed,
    facts: { ...placed.facts, piece: { ...placed.facts.piece, colour: read.colour } },
  };
}

const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\d]+/gu) ?? [];
