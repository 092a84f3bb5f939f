import type { TypedKind } from '@feverfew/knowledge';
import type { PhraseSpan } from './findSpans.js';
import { after, before, insideOf, isOf, ofKind, type Parsed, valueIn } from './phrase.js';

export interface FoundWord {
  readonly span: PhraseSpan;
  readonly value: string;
}

/** The first phrase of a kind, as far as it means this here. */
function firstOf(
  parsed: Parsed,
  kind: TypedKind,
  means: (span: PhraseSpan, value: string) => boolean = () => true,
): FoundWord | null {
  for (const span of ofKind(parsed, kind)) {
    const value = valueIn(span, kind);
    if (value !== undefined && means(span, value)) return { span, value };
  }
  return null;
}

/** How long ago, as given; the first that is given. */
export const ageIn = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'age', (span) => !isOf(span, 'due') && !isChildsAge(parsed, span));

/** "My 3 year old" is a child, "3 years old" an age. */
export const isChildsAge = ({ tokens }: Parsed, span: PhraseSpan): boolean =>
  isOf(span, 'person') && !tokens.slice(span.from, span.to).some(({ isPlural }) => isPlural);

/** When it must be ready. */
export const dueIn = (parsed: Parsed): FoundWord | null => firstOf(parsed, 'due');

/** Ages after which "damp" tells of where it lay, and not of now. */
const LONG_AGO = new Set(['weeks', 'months']);

/** Wet or dry, of the trouble. */
export function wetnessIn(parsed: Parsed): FoundWord | null {
  const isLongAgo = LONG_AGO.has(ageIn(parsed)?.value ?? '');
  const told = firstOf(
    parsed,
    'wetness',
    (span, value) => !isOf(span, 'heat') && !isVerb(parsed, span) && !(value === 'wet' && isLongAgo),
  );
  return told ?? wetInName(parsed);
}

/** "He wets the bed." */
const isVerb = ({ tokens }: Parsed, { to }: PhraseSpan): boolean => tokens[to - 1]?.isPlural ?? false;

/** "Wet paint" is how paint is sold, and how it is on the piece. */
function wetInName(parsed: Parsed): FoundWord | null {
  for (const span of ofKind(parsed, 'mark')) {
    const [first] = insideOf(parsed, span, 'wetness');
    if (first?.from === span.from && !parsed.rules.notWetMarkIds.includes(valueIn(span, 'mark') ?? ''))
      return { span: first, value: valueIn(first, 'wetness') ?? '' };
  }
  return null;
}

export const heatIn = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'heat', (span) => !isOf(span, 'cue'));

/** How large the trouble is; "a small rug" tells of the rug. */
export const sizeIn = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'size', (span, value) => {
    const next = after(parsed, span, 1);
    const isOfPiece = (['item', 'person', 'fibre'] as const).some((kind) => isOf(next, kind));
    return value === 'allOver' || !(isOfPiece || isOf(next, 'else', 'place'));
  });

/** Where on the piece. */
export const wherein = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'place', (span) => !isOf(span, 'item') && !isOf(before(parsed, span), 'cue', 'not'));

/** Velvet, lace, lined: also inside the name of a piece or a fibre. */
export const makesIn = (parsed: Parsed): readonly FoundWord[] =>
  [
    ...ofKind(parsed, 'make'),
    ...(['item', 'fibre'] as const).flatMap((kind) =>
      ofKind(parsed, kind).flatMap((span) => insideOf(parsed, span, 'make')),
    ),
  ].map((span) => ({ span, value: valueIn(span, 'make') ?? '' }));

/** Antique, worn, torn; fine work of a grandmother's is taken for old. */
export function conditionIn(parsed: Parsed): FoundWord | null {
  const told = firstOf(parsed, 'condition', (span) => !isOf(span, 'mark'));
  if (told) return told;
  const span = parsed.spans.find((one) => {
    const isFine = (fine: PhraseSpan) =>
      parsed.rules.fineItemIds.includes(valueIn(fine, 'item') ?? '') &&
      fine.from >= one.to &&
      fine.from - one.to <= 2;
    return isOf(one, 'cue', 'elder') && parsed.spans.some(isFine);
  });
  return span ? { span, value: 'antique' } : null;
}

export const labelsIn = (parsed: Parsed): readonly FoundWord[] =>
  ofKind(parsed, 'label').map((span) => ({ span, value: valueIn(span, 'label') ?? '' }));

export const codeIn = (parsed: Parsed): FoundWord | null => firstOf(parsed, 'code');

/** The person says that they do not know what it is made of. */
export const fibreNotKnown = (parsed: Parsed): FoundWord | null =>
  firstOf(parsed, 'unknown', (_, value) => value === 'fibre');
