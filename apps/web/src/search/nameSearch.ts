import { isOneSlip } from '@feverfew/contracts';
import MiniSearch from 'minisearch';
import { alternativesOf, isWeak, tellingOf } from './words';

export interface Named {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
}

export interface Match<T extends Named> {
  readonly record: T;
  /** 1 = one of its names, whole; below FLOOR it is no answer. */
  readonly score: number;
}

/** Below this a match is a guess, and is called one. */
export const FLOOR = 0.62;
/** Below this it is noise. */
const NOISE = 0.3;
/** A whole name beats a whole alias by so little that it only settles ties. */
const ALIAS = 0.99;
const FUZZY = 0.82;
const WEAK_WEIGHT = 0.25;
/** The last word of a name, and of a question, says what kind of thing it is: "wool wash" is no wool. */
const HEAD_MISSED = 0.8;
/** What was asked counts more than what else a name says. */
const OF_QUESTION = 0.7;

interface Name {
  readonly record: Named;
  readonly tokens: readonly string[];
  readonly isAlias: boolean;
}

/** Names of records under one roof: whole names first, then how much of name and question meet, slips forgiven. */
export class NameSearch<T extends Named> {
  private readonly names: Name[] = [];
  /** The names that contain a word, by word. */
  private readonly namesOf = new Map<string, number[]>();
  /** Each word once: it is found by its beginning, or with a slip in it. */
  private readonly index = new MiniSearch<{ id: string; word: string }>({
    fields: ['word'],
    tokenize: (text) => [text],
    processTerm: (term) => term,
  });

  constructor(records: readonly T[]) {
    for (const record of records) {
      const proper = [record.name, ...alternativesOf(record.name)];
      const all = [
        ...proper.map((text) => ({ text, isAlias: false })),
        ...record.aliases
          .flatMap((text) => [text, ...alternativesOf(text)])
          .map((text) => ({ text, isAlias: true })),
      ];
      const seen = new Set<string>();
      for (const { text, isAlias } of all) {
        const tokens = tellingOf(text);
        for (const variant of [tokens, tokens.length === 2 ? [tokens.join('')] : []]) {
          const key = variant.join(' ');
          if (variant.length === 0 || seen.has(key)) continue;
          seen.add(key);
          this.names.push({ record, tokens: variant, isAlias });
        }
      }
    }
    for (const [id, { tokens }] of this.names.entries())
      for (const token of new Set(tokens)) {
        const ids = this.namesOf.get(token);
        if (ids) ids.push(id);
        else this.namesOf.set(token, [id]);
      }
    this.index.addAll([...this.namesOf.keys()].map((word) => ({ id: word, word })));
  }

  /** Every record that has something of the question, best first. */
  find(query: string): Match<T>[] {
    const asked = tellingOf(query);
    const best = new Map<Named, number>();
    for (const words of [asked, ...joinedPairs(asked)]) {
      const weights = this.expand(words);
      const touched = new Set([...weights.values()].flatMap((byName) => [...byName.keys()]));
      for (const id of touched) {
        const name = this.names[id];
        if (!name) continue;
        const score = scoreOf(name, words, (word) => weights.get(word)?.get(id) ?? NOTHING);
        if (score > (best.get(name.record) ?? NOISE)) best.set(name.record, score);
      }
    }
    return [...best]
      .map(([record, score]) => ({ record: record as T, score }))
      .sort((a, b) => b.score - a.score || a.record.name.length - b.record.name.length);
  }

  /** For each word of the question the names it touches, with the word of the name it touches and how well. */
  private expand(words: readonly string[]): Map<string, Map<number, Touch>> {
    return new Map([...new Set(words)].map((word) => [word, this.touchedBy(word)]));
  }

  private touchedBy(word: string): Map<number, Touch> {
    const touched = new Map<number, Touch>();
    const hits = this.index.search(word, {
      prefix: word.length >= 2,
      fuzzy: word.length >= 6 ? 2 : word.length >= 5 ? 1 : false,
    });
    for (const { id } of hits) {
      const term = String(id);
      const weight = weightOf(word, term);
      if (weight === 0) continue;
      for (const name of this.namesOf.get(term) ?? [])
        if (weight > (touched.get(name)?.weight ?? 0)) touched.set(name, { term, weight });
    }
    return touched;
  }
}

interface Touch {
  readonly term: string;
  readonly weight: number;
}
const NOTHING: Touch = { term: '', weight: 0 };

/** How well a typed word matches a word of a name: equal, its beginning, or one slip. The first letter counts. */
function weightOf(typed: string, term: string): number {
  if (typed === term) return 1;
  if (term.startsWith(typed)) return 0.55 + 0.35 * (typed.length / term.length);
  if (typed[0] !== term[0]) return 0;
  // One slip in a word of five; two in a word of eight.
  return typed.length >= 8 || isOneSlip(typed, term) ? FUZZY : 0;
}

const tokenWeight = (token: string): number => (isWeak(token) ? WEAK_WEIGHT : 1);
const sumOf = (tokens: readonly string[]): number =>
  tokens.reduce((sum, token) => sum + tokenWeight(token), 0);

function scoreOf(
  { tokens, isAlias }: Name,
  words: readonly string[],
  touchOf: (word: string) => Touch,
): number {
  let ofName = 0;
  let ofQuestion = 0;
  const taken = new Set<string>();
  for (const word of words) {
    const { term, weight } = touchOf(word);
    if (weight === 0 || taken.has(term)) continue;
    taken.add(term);
    ofName += weight * tokenWeight(term);
    ofQuestion += weight * tokenWeight(word);
  }
  const shared = OF_QUESTION * (ofQuestion / sumOf(words)) + (1 - OF_QUESTION) * (ofName / sumOf(tokens));
  const headOf = (list: readonly string[]) =>
    [...list].reverse().find((one) => !isWeak(one)) ?? list.at(-1) ?? '';
  const nameHead = taken.has(headOf(tokens)) ? 1 : HEAD_MISSED;
  const askedHead = touchOf(headOf(words)).weight > 0 ? 1 : HEAD_MISSED;
  return Math.min(1, shared) * nameHead * askedHead * (isAlias ? ALIAS : 1);
}

/** "table cloth" is "tablecloth" too. */
const joinedPairs = (words: readonly string[]): string[][] =>
  words
    .slice(1)
    .map((word, place) => [...words.slice(0, place), (words[place] ?? '') + word, ...words.slice(place + 2)]);
