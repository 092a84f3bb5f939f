import type { PhraseSpan } from './findSpans.js';
import { before, isOf, ofKind, type Parsed, valueIn } from './phrase.js';
import { isCause } from './readItem.js';

/** How far a colour may come before what it is the colour of, in words. */
const AHEAD = 4;

/** What a colour is the colour of. */
export type ColourOf = 'cloth' | 'mark' | 'unclear';

/**
 * "White cotton curtains" is the cloth, "white marks" the trouble; "a dress shirt, white" the cloth again. "It's pink"
 * is the trouble unless it is all that is said of a colour.
 */
export function colourOf(parsed: Parsed, span: PhraseSpan): ColourOf {
  const later = parsed.spans.filter((one) => one.from >= span.to && one.from - span.to <= AHEAD);
  for (const one of later) {
    if (parsed.tokens[one.from]?.clause !== parsed.tokens[span.from]?.clause) break;
    if (isOf(one, 'cue', 'on') || isOf(one, 'cue', 'joins') || isOf(one, 'cue', 'from')) break;
    if (isOf(one, 'item') && isCause(parsed, one)) return 'mark';
    if (isOf(one, 'item') || isOf(one, 'fibre') || isOf(one, 'make')) return 'cloth';
    if (isOf(one, 'cue', 'stuff') || isOf(one, 'mark')) return 'mark';
  }
  const last = before(parsed, span, 1);
  if (isOf(last, 'cue', 'be') || isOf(last, 'cue', 'turned')) return 'unclear';
  const isWhites = /^(?:whites|darks)$/i.test(parsed.tokens[span.from]?.text ?? '');
  const isAfterCloth =
    isOf(last, 'item') || isOf(last, 'fibre') || isOf(last, 'make') || isOf(last, 'colour');
  return isWhites || isAfterCloth || parsed.tokens[span.from]?.clause !== 0 ? 'cloth' : 'unclear';
}

/** The colour of the cloth, and the phrase that tells it. */
export function clothColour(parsed: Parsed): { readonly span: PhraseSpan; readonly value: string } | null {
  const told = ofKind(parsed, 'colour')
    // "Cream" by itself is food; before a piece it is a colour.
    .filter((span) => !isOf(span, 'mark') || colourOf(parsed, span) === 'cloth')
    .map((span) => ({ span, of: colourOf(parsed, span), value: valueIn(span, 'colour') ?? 'unknown' }));
  const cloth = told.filter(({ of }) => of === 'cloth');
  const [first, second] = cloth;
  if (!first) return null;
  // Two colours side by side are a pattern: "blue and white shirt".
  const isPattern = second && second.span.from - first.span.to <= 1 && second.value !== first.value;
  const pattern = cloth.find(({ value }) => value === 'multicoloured');
  if (pattern) return pattern;
  return isPattern && [first, second].every(({ value }) => value !== 'natural')
    ? { span: { ...first.span, to: second.span.to }, value: 'multicoloured' }
    : first;
}
