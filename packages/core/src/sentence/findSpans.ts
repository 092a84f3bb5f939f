import { isOneSlip } from '../textile/oneSlip.js';
import type { Meaning, PhraseBook, PhraseNode } from './phraseBook.js';
import type { Token } from './tokens.js';

/** A phrase that is in the sentence, with all it may mean. */
export interface PhraseSpan {
  /** First token, and the one after its last. */
  readonly from: number;
  readonly to: number;
  readonly meanings: readonly Meaning[];
  /** Words that had to be mended to read it. */
  readonly slips: number;
}

/** A mended word counts less than one as it is spelled. */
const SLIP = 0.4;
/** Small words bind a phrase together and count little by themselves. */
const SMALL = 0.3;
/** From this length on two slips are forgiven. */
const LONG = 8;

/**
 * The phrases a sentence is made of, none over another: the longest first, as spelled before mended, in their order.
 */
export function findSpans(tokens: readonly Token[], book: PhraseBook): readonly PhraseSpan[] {
  const forms = tokens.map((token, place) => formsOf(token, tokens[place + 1], book));
  const found = new Map<string, PhraseSpan>();
  for (let from = 0; from < tokens.length; from += 1)
    follow(book.root, from, from, 0, { tokens, forms }, (to, node, slips) => {
      const key = `${from}-${to}`;
      const known = found.get(key);
      if (!known || slips < known.slips) found.set(key, { from, to, meanings: node.meanings, slips });
    });
  const weighed = [...found.values()]
    .filter((span) => !endsInColourOfCloth(span, found))
    .map((span) => ({ span, weight: weightOf(span, tokens) }))
    .sort((a, b) => b.weight - a.weight || a.span.from - b.span.from);
  const taken = tokens.map(() => false);
  return weighed
    .filter(({ span }) => {
      for (let at = span.from; at < span.to; at += 1) if (taken[at]) return false;
      taken.fill(true, span.from, span.to);
      return true;
    })
    .map(({ span }) => span)
    .sort((a, b) => a.from - b.from);
}

/** "Yellowed whites" means no more than "yellowed": its last word is the colour of the cloth, and is read as that. */
function endsInColourOfCloth(
  { from, to, meanings }: PhraseSpan,
  found: ReadonlyMap<string, PhraseSpan>,
): boolean {
  const shorter = found.get(`${from}-${to - 1}`)?.meanings ?? [];
  const isColour = found.get(`${to - 1}-${to}`)?.meanings.some(({ kind }) => kind === 'colour');
  const isSaidWithout = meanings.some(
    (one) => one.kind === 'mark' && shorter.some(({ kind, value }) => kind === 'mark' && value === one.value),
  );
  return isColour === true && isSaidWithout;
}

interface Sentence {
  readonly tokens: readonly Token[];
  readonly forms: readonly (readonly Form[])[];
}

interface Form {
  readonly word: string;
  /** Tokens it takes: two written apart are one word too. */
  readonly length: number;
  readonly slips: number;
}

function formsOf(token: Token, next: Token | undefined, book: PhraseBook): Form[] {
  const forms: Form[] = [];
  if (book.words.has(token.stem)) forms.push({ word: token.stem, length: 1, slips: 0 });
  if (token.count !== null) forms.push({ word: '#', length: 1, slips: 0 });
  const joined = next && next.clause === token.clause ? token.stem + next.stem : '';
  if (joined && book.words.has(joined)) forms.push({ word: joined, length: 2, slips: 0 });
  if (forms.length === 0 || (!book.words.has(token.stem) && token.count === null))
    forms.push(...mendedOf(token.stem, book).map((word) => ({ word, length: 1, slips: 1 })));
  return forms;
}

/** Words one slip away from one that means nothing; two slips in a long one. The first letter counts. */
function mendedOf(stem: string, book: PhraseBook): readonly string[] {
  if (stem.length < 4 || /\d/.test(stem) || book.asTyped.has(stem)) return [];
  const near = book.slips.get(stem.charAt(0)) ?? [];
  const once = near.filter((word) => word.length >= (stem.length > 4 ? 4 : 5) && isOneSlip(stem, word));
  if (once.length > 0 || stem.length < LONG) return once;
  return near.filter((word) => word.length >= LONG && isTwoSlips(stem, word));
}

/** True where two letters more, less or other make one word of the other. */
function isTwoSlips(word: string, other: string): boolean {
  if (Math.abs(word.length - other.length) > 2) return false;
  let row = Array.from({ length: other.length + 1 }, (_, at) => at);
  for (let i = 1; i <= word.length; i += 1) {
    const next = [i];
    for (let j = 1; j <= other.length; j += 1)
      next.push(
        Math.min(
          (row[j] ?? 0) + 1,
          (next[j - 1] ?? 0) + 1,
          (row[j - 1] ?? 0) + (word[i - 1] === other[j - 1] ? 0 : 1),
        ),
      );
    row = next;
  }
  return (row.at(-1) ?? 9) <= 2;
}

/** Follows the phrases from one word on. A full stop or a comma ends a phrase. */
function follow(
  node: PhraseNode,
  from: number,
  at: number,
  slips: number,
  sentence: Sentence,
  found: (to: number, node: PhraseNode, slips: number) => void,
): void {
  if (node.meanings.length > 0) found(at, node, slips);
  const { tokens, forms } = sentence;
  if (tokens[at]?.clause !== tokens[from]?.clause) return;
  for (const { word, length, slips: mended } of forms[at] ?? []) {
    const next = node.next.get(word);
    if (next) follow(next, from, at + length, slips + mended, sentence, found);
  }
}

function weightOf({ from, to, slips }: PhraseSpan, tokens: readonly Token[]): number {
  const words = tokens.slice(from, to);
  return (
    words.reduce((sum, { stem }) => sum + (stem.length <= 3 ? SMALL : 1), 0) +
    (to - from) * 0.1 -
    slips * SLIP
  );
}
