import { type Catalogue, EMPTY_FACTS, type PieceSummary, type TroubleFacts } from '@feverfew/contracts';
import { type Option, searchOf } from '../components/searchOptions';
import { type Draft, withItem, withPiece } from './factsDraft';

/** What a few words told: a trouble, a piece, and what else stood beside them. */
export interface ReadWords {
  readonly markIds: readonly string[];
  readonly pieceId: string | null;
  readonly itemId: string | null;
  readonly age: TroubleFacts['age'] | null;
  readonly wetness: TroubleFacts['wetness'] | null;
  readonly colour: TroubleFacts['piece']['colour'] | null;
}

const AGES: readonly [RegExp, TroubleFacts['age']][] = [
  [/^(fresh|now|just)$/, 'minutes'],
  [/^(today|hours?|morning)$/, 'hours'],
  [/^(yesterday|days?)$/, 'days'],
  [/^weeks?$/, 'weeks'],
  [/^(months?|years?|old)$/, 'months'],
];
const COLOURS = ['white', 'natural', 'pale', 'dark', 'patterned'] as const;
const MOST_READ_MARKS = 3;

/**
 * Reads "red wine sofa", "week old blood on the wool blanket", "grass and mud jeans": troubles first, then the
 * piece, then the rest.
 */
export function readWords(text: string, catalogue: Catalogue, pieces: readonly PieceSummary[]): ReadWords {
  let words: string[] = wordsOf(text);
  const markIds: string[] = [];
  while (markIds.length < MOST_READ_MARKS) {
    const hit = bestCover(words, catalogue.marks);
    if (!hit || markIds.includes(hit.id)) break;
    markIds.push(hit.id);
    words = hit.left;
  }
  const piece = bestCover(words, namesOf(pieces));
  const item = piece ? null : bestCover(words, catalogue.items);
  words = (piece ?? item)?.left ?? words;
  const age = AGES.find(([pattern]) => words.some((word) => pattern.test(word)))?.[1] ?? null;
  const colour = COLOURS.find((name) => words.includes(name)) ?? null;
  return {
    markIds,
    pieceId: piece?.id ?? null,
    itemId: item?.id ?? null,
    age,
    wetness: words.includes('wet') ? 'wet' : words.includes('dry') ? 'dry' : age === 'minutes' ? 'wet' : null,
    colour: colour === 'patterned' ? 'multicoloured' : colour,
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

const FUZZY = {
  prefix: (term: string) => term.length > 3,
  fuzzy: (term: string) => (term.length > 4 ? 0.2 : false),
};

/**
 * The record one of whose names stands whole among the words, the longest first: "red" alone is no red wine.
 * Slips and endings are forgiven; the words it took are taken away.
 */
function bestCover(
  words: readonly string[],
  records: readonly Option[],
): { id: string; left: string[] } | null {
  if (words.length === 0) return null;
  const search = searchOf(records);
  const hits = new Map<string, Set<string>>();
  for (const word of words)
    for (const hit of search.search(word, FUZZY)) hits.set(`${hit.id} ${word}`, new Set(hit.terms));
  let best: { id: string; size: number; exact: number; left: string[] } | null = null;
  for (const { id, name, aliases } of records) {
    for (const alias of [name, ...aliases].flatMap(alternatives)) {
      const tokens = wordsOf(alias).filter((token) => !FILLERS.has(token));
      const taken = tokens.map((token) =>
        words.find((word) => word === token || hits.get(`${id} ${word}`)?.has(token)),
      );
      if (tokens.length === 0 || taken.some((word) => word === undefined)) continue;
      const exact = tokens.filter((token) => words.includes(token)).length;
      if (best && (best.size > tokens.length || (best.size === tokens.length && best.exact >= exact)))
        continue;
      best = { id, size: tokens.length, exact, left: words.filter((word) => !taken.includes(word)) };
    }
  }
  return best;
}

/** "sweat, fresh" is called sweat; "white wine or cider" is called either. */
const alternatives = (name: string): string[] => (name.split(/[,(]/)[0] ?? name).split(' or ');

const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\d]+/gu) ?? [];

const FILLERS = new Set(['a', 'an', 'the', 'on', 'of', 'and', 'or', 'in', 'from', 'with']);
