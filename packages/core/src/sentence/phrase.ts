import type { ReadingRules, TypedKind } from '@feverfew/knowledge';
import type { PhraseSpan } from './findSpans.js';
import type { Meaning } from './phraseBook.js';
import type { Token } from './tokens.js';

/** A sentence taken apart: its words, and the phrases found among them in their order. */
export interface Parsed {
  readonly text: string;
  readonly tokens: readonly Token[];
  readonly spans: readonly PhraseSpan[];
  /** What a word means by itself, also inside a longer name: "wool" in "wool rug". */
  readonly alone: (stem: string) => readonly Meaning[];
  readonly rules: ReadingRules;
  /** Phrases turned round by a "not" before them. */
  readonly denied: ReadonlySet<PhraseSpan>;
}

/** A trouble, and the words it was read from. */
export interface FoundMark {
  readonly span: PhraseSpan;
  readonly markId: string;
}

/** The value a phrase has if it is of this kind. */
export const valueIn = (span: PhraseSpan | undefined, kind: TypedKind): string | undefined =>
  span?.meanings.find((meaning) => meaning.kind === kind)?.value;

export const isOf = (span: PhraseSpan | undefined, kind: TypedKind, value?: string): boolean =>
  span?.meanings.some((one) => one.kind === kind && (value === undefined || one.value === value)) ?? false;

/** Phrases of a kind that are not denied. */
export const ofKind = ({ spans, denied }: Parsed, kind: TypedKind): PhraseSpan[] =>
  spans.filter((span) => isOf(span, kind) && !denied.has(span));

/** The words of a phrase, as typed. */
export function textOf({ text, tokens }: Parsed, { from, to }: Pick<PhraseSpan, 'from' | 'to'>): string {
  return text.slice(tokens[from]?.from ?? 0, tokens[to - 1]?.to ?? 0);
}

export const clauseOf = ({ tokens }: Parsed, { from }: PhraseSpan): number => tokens[from]?.clause ?? 0;

/** No full stop and no comma between them. */
export const sameClause = (parsed: Parsed, one: PhraseSpan, other: PhraseSpan): boolean =>
  clauseOf(parsed, one) === clauseOf(parsed, other);

/** The phrase that ends where this one begins, or with at most so many unread words between. */
export const before = ({ spans }: Parsed, span: PhraseSpan, gap = 0): PhraseSpan | undefined =>
  [...spans].reverse().find(({ to }) => to <= span.from && span.from - to <= gap);

/** The phrase that begins where this one ends, or with at most so many unread words between. */
export const after = ({ spans }: Parsed, span: PhraseSpan, gap = 0): PhraseSpan | undefined =>
  spans.find(({ from }) => from >= span.to && from - span.to <= gap);

/** Where a phrase is, for a fact read from it. */
export const placeOf = (parsed: Parsed, span: Pick<PhraseSpan, 'from' | 'to'>) => ({
  text: textOf(parsed, span),
  from: parsed.tokens[span.from]?.from ?? 0,
  to: parsed.tokens[span.to - 1]?.to ?? 0,
});

/** Names of records: what a "not" or a "tried" may be about. */
const SAID_OF: readonly TypedKind[] = [
  'mark',
  'item',
  'fibre',
  'make',
  'heat',
  'wetness',
  'label',
  'agent',
  'colour',
];
/** Words that may stand between a "not" and what it denies: "not really wool". */
const BETWEEN = 2;

/** Phrases that stand behind a "not". */
export function deniedIn(tokens: readonly Token[], spans: readonly PhraseSpan[]): ReadonlySet<PhraseSpan> {
  const denied = new Set<PhraseSpan>();
  for (const [place, span] of spans.entries()) {
    if (!isOf(span, 'cue', 'not')) continue;
    const next = spans.slice(place + 1).find((one) => SAID_OF.some((kind) => isOf(one, kind)));
    const isNear =
      next && next.from - span.to <= BETWEEN && tokens[next.from]?.clause === tokens[span.from]?.clause;
    if (isNear) denied.add(next);
  }
  return denied;
}

/** Words of this kind inside the names of other phrases: the wool of a wool rug. */
export function insideOf(parsed: Parsed, span: PhraseSpan, kind: TypedKind): PhraseSpan[] {
  if (span.to - span.from < 2) return [];
  return parsed.tokens.slice(span.from, span.to).flatMap(({ stem }, at) => {
    const meanings = parsed.alone(stem).filter((one) => one.kind === kind);
    const from = span.from + at;
    return meanings.length > 0 ? [{ from, to: from + 1, meanings, slips: 0 }] : [];
  });
}
