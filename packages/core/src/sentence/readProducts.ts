import type { PhraseSpan } from './findSpans.js';
import { clauseOf, isOf, ofKind, type Parsed, valueIn } from './phrase.js';
import { wasPutOn } from './readMarks.js';

/** How a product is spoken of: put on it, in the house, or only asked about. */
export type ProductRole = 'tried' | 'inHouse' | 'asked';

export interface SpokenProduct {
  readonly span: PhraseSpan;
  readonly agentId: string;
  readonly role: ProductRole;
  readonly effect: 'nothing' | 'some' | 'unknown';
}

/** Heat with a product, as people say it. */
export const isHot = (text: string): boolean => /\b(?:hot|boiling|kettle)\b/i.test(text);

/**
 * Products that were tried, that are in the house, or that are only asked about. A product nothing is said of may be
 * the trouble itself, and is left out.
 */
export function productsIn(parsed: Parsed): readonly SpokenProduct[] {
  const washed = parsed.spans
    .filter((span) => isOf(span, 'cue', 'washed'))
    .map(
      (span): SpokenProduct => ({
        span,
        agentId: parsed.rules.washAgentId,
        role: 'tried',
        effect: 'nothing',
      }),
    );
  const named = ofKind(parsed, 'agent').flatMap((span): SpokenProduct[] => {
    const agentId = valueIn(span, 'agent');
    const cue = cueOf(parsed, span);
    const effect = effectOf(parsed, span);
    const role = cue ?? (effect === null ? null : 'tried');
    return agentId && role ? [{ span, agentId, role, effect: effect ?? 'unknown' }] : [];
  });
  const others = ofKind(parsed, 'mark')
    .filter((span) => !isOf(span, 'agent') && wasPutOn(parsed, span))
    .map((span): SpokenProduct => {
      const effect = effectOf(parsed, span) ?? 'unknown';
      return { span, agentId: parsed.rules.otherAgentId, role: 'tried', effect };
    });
  return [...named, ...washed, ...others];
}

/** Other products in a row share the word before the first: "tried vinegar and bicarb". */
function cueOf(parsed: Parsed, span: PhraseSpan): ProductRole | null {
  const clause = clauseOf(parsed, span);
  const earlier = parsed.spans.filter((one) => one.to <= span.from && clauseOf(parsed, one) === clause);
  for (const one of [...earlier].reverse()) {
    if (isOf(one, 'cue', 'tried'))
      return earlier.some(
        (asks) => asks.to <= one.from + 1 && isOf(asks, 'cue', 'may') && asks.to >= one.from - 2,
      )
        ? 'asked'
        : 'tried';
    if (isOf(one, 'heat') && parsed.tokens[one.to]?.stem === 'with') return 'tried';
    if (isOf(one, 'cue', 'have')) return 'inHouse';
    if (isOf(one, 'cue', 'may') && span.from - one.to <= 1) return 'asked';
    if (isOf(one, 'mark') && !isOf(one, 'agent')) return null;
    if (isOf(one, 'item')) return null;
  }
  // "Only have vinegar, and washing-up liquid": the list goes on behind a comma.
  const listed = parsed.spans[parsed.spans.indexOf(span) - 1];
  return listed && isOf(listed, 'agent') && span.from - listed.to <= 1 ? cueOf(parsed, listed) : null;
}

/** What it did, where that is given. */
function effectOf(parsed: Parsed, span: PhraseSpan): 'nothing' | 'some' | null {
  const clause = clauseOf(parsed, span);
  const later = parsed.spans.filter((one) => one.from >= span.to && clauseOf(parsed, one) - clause <= 1);
  for (const one of later) {
    if (isOf(one, 'cue', 'nothing')) return 'nothing';
    if (isOf(one, 'cue', 'some')) return 'some';
    if (isOf(one, 'item') || isOf(one, 'age')) return null;
  }
  return null;
}
