import type { ReadingRules, TypedKind, TypedWord } from '@feverfew/knowledge';
import type { FibreShare } from '../textile/piece.js';
import { stemsOfName } from './tokens.js';

interface Named {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
}

/** What the reader needs of the catalogue. */
export interface SentenceCatalogue {
  readonly marks: readonly (Named & { readonly kind: string })[];
  readonly items: readonly (Named & {
    readonly partNames: readonly string[];
    readonly usualFibres: readonly FibreShare[];
  })[];
  readonly fibres: readonly Named[];
  readonly agents: readonly Named[];
  readonly typedWords: readonly TypedWord[];
  readonly wordsAsTyped: readonly string[];
  /** Names the word search alone knows; "leather=fibre" is read, but only as a fibre. */
  readonly namesOnlySearched: readonly string[];
  readonly readingRules: ReadingRules;
}

/** What a phrase may mean. */
export interface Meaning {
  readonly kind: TypedKind;
  readonly value: string;
}

export interface PhraseNode {
  readonly next: Map<string, PhraseNode>;
  readonly meanings: Meaning[];
}

/** Every phrase of the catalogue as a tree of words, and every word that is in one. */
export interface PhraseBook {
  readonly root: PhraseNode;
  readonly words: ReadonlySet<string>;
  /** What a word means by itself. */
  readonly alone: (stem: string) => readonly Meaning[];
  /** Words a slip may have been made in, by their first letter. */
  readonly slips: ReadonlyMap<string, readonly string[]>;
  readonly asTyped: ReadonlySet<string>;
}

/** Shorter words are not mended: too many are one letter apart. */
const MIN_MENDED = 4;

const books = new WeakMap<SentenceCatalogue, PhraseBook>();

/** The phrases of a catalogue, gathered once for each. */
export function phraseBookOf(catalogue: SentenceCatalogue): PhraseBook {
  const known = books.get(catalogue) ?? gather(catalogue);
  books.set(catalogue, known);
  return known;
}

function gather(catalogue: SentenceCatalogue): PhraseBook {
  const root: PhraseNode = { next: new Map(), meanings: [] };
  const mended = new Set<string>();
  const add = (phrase: string, meaning: Meaning) => {
    const stems = stemsOfName(phrase);
    if (stems.length === 0) return;
    place(root, stems, meaning);
    const [first, second] = stems;
    if (stems.length === 2 && first && second && first !== '#') place(root, [first + second], meaning);
    if (meaning.kind !== 'cue' && meaning.kind !== 'else')
      for (const stem of stems) if (stem.length >= MIN_MENDED) mended.add(stem);
  };
  const onlyAs = new Map(
    catalogue.namesOnlySearched.map((entry) => {
      const [name = '', kind = ''] = entry.split('=');
      return [stemsOfName(name).join(' '), kind];
    }),
  );
  const addNamed = (kind: TypedKind, records: readonly Named[]) => {
    for (const { id, name, aliases } of records)
      for (const phrase of [...alternativesOf(name), ...aliases]) {
        const only = onlyAs.get(stemsOfName(phrase).join(' '));
        if (only === undefined || only === kind) add(phrase, { kind, value: id });
      }
  };
  addNamed('mark', catalogue.marks);
  addNamed('item', catalogue.items);
  addNamed('fibre', catalogue.fibres);
  addNamed('agent', catalogue.agents);
  for (const { kind, value, phrases } of catalogue.typedWords)
    for (const phrase of phrases.flatMap(spelledOut)) add(phrase, { kind, value });
  const words = new Set<string>();
  const walk = ({ next }: PhraseNode) => {
    for (const [word, node] of next) {
      words.add(word);
      walk(node);
    }
  };
  walk(root);
  const slips = new Map<string, string[]>();
  for (const word of mended) slips.set(word.charAt(0), [...(slips.get(word.charAt(0)) ?? []), word]);
  return {
    root,
    words,
    alone: (stem) => root.next.get(stem)?.meanings ?? [],
    slips,
    asTyped: new Set([...catalogue.wordsAsTyped.flatMap(stemsOfName), ...onlyAs.keys()]),
  };
}

function place(root: PhraseNode, stems: readonly string[], meaning: Meaning): void {
  let node = root;
  for (const stem of stems) {
    const next = node.next.get(stem) ?? { next: new Map(), meanings: [] };
    node.next.set(stem, next);
    node = next;
  }
  if (!node.meanings.some(({ kind, value }) => kind === meaning.kind && value === meaning.value))
    node.meanings.push(meaning);
}

/** "Sweat, fresh" is called sweat; "shirt or blouse" is called either, "roller or roman blind" only the second. */
function alternativesOf(name: string): string[] {
  const either = (name.split(/[,(]/)[0] ?? name).split(/ or /).map((one) => one.trim());
  const longest = Math.max(...either.map((one) => one.split(' ').length));
  return [name, ...either.filter((one) => one !== '' && one.split(' ').length === longest)];
}

/** Every way a phrase may be said: "(gone|went) grey" is two, "(still|) wet" too. */
function spelledOut(phrase: string): string[] {
  const group = /\(([^()]*)\)/.exec(phrase);
  if (!group) return [phrase];
  return (group[1] ?? '')
    .split('|')
    .flatMap((one) =>
      spelledOut(`${phrase.slice(0, group.index)}${one}${phrase.slice(group.index + group[0].length)}`),
    );
}
