import type { TypedKind } from '@feverfew/knowledge';
import type { Span } from './findSpans.js';
import { after, before, isOf, ofKind, type Parsed, valueOf } from './phrase.js';

export interface FoundWord {
  readonly span: Span;
  readonly value: string;
}

/** The first phrase of a kind, as far as it means this here. */
const firstOf = (
  parsed: Parsed,
  kind: TypedKind,
  means: (span: Span, value: string) => boolean = () => true,
): FoundWord | null => {
  for (const span of ofKind(parsed, kind)) {
    const value = valueOf(span, kind);
    if (value !== undefined && means(span, value)) return { span, value };
  }
  return null;
};

/** How long ago, as told; the first that is told. */
export const ageIn = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'age', (span) => !isOf(span, 'due'));

/** When it must be ready. */
export const dueIn = (parsed: Parsed): FoundWord | null => firstOf(parsed, 'due');

/** Wet or dry, of the trouble: "wet paint" is how paint is sold, too, but then it is wet. */
export const wetnessIn = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'wetness', (span) => !isOf(span, 'heat'));

export const heatIn = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'heat', (span) => !isOf(span, 'cue'));

/** How large the trouble is; "a small rug" tells of the rug. */
export const sizeIn = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'size', (span, value) => {
    const next = after(parsed, span, 1);
    const isOfPiece =
      isOf(next, 'item') || isOf(next, 'person') || isOf(next, 'fibre') || isOf(next, 'else', 'place');
    return !isOfPiece || value === 'allOver';
  });

/** Where on the piece. */
export const wherein = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'place', (span) => !isOf(span, 'item') && !isOf(before(parsed, span), 'cue', 'not'));

export const makesIn = (parsed: Parsed): readonly FoundWord[] =>
  ofKind(parsed, 'make').map((span) => ({ span, value: valueOf(span, 'make') ?? '' }));

export const conditionIn = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'condition', (span) => !isOf(span, 'mark'));

export const labelsIn = (parsed: Parsed): readonly FoundWord[] =>
  ofKind(parsed, 'label').map((span) => ({ span, value: valueOf(span, 'label') ?? '' }));

export const codeIn = (parsed: Parsed): FoundWord | null => firstOf(parsed, 'code');

/** The person says that they do not know what it is made of. */
export const fibreNotKnown = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'unknown', (_, value) => value === 'fibre');
