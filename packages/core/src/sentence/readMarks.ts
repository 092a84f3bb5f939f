import type { PhraseSpan } from './findSpans.js';
import { after, before, type FoundMark, isOf, ofKind, type Parsed, sameClause, valueIn } from './phrase.js';
import { colourOf } from './readColour.js';
import { unnamedMark } from './unnamedMark.js';

/** The troubles of a sentence, each once, in their order. */
export function marksIn(parsed: Parsed, isTaken: (span: PhraseSpan) => boolean): readonly FoundMark[] {
  const { flavouredMarkIds, weakHeadMarkIds } = parsed.rules;
  const named = ofKind(parsed, 'mark')
    .filter((span) => !isTaken(span) && !isColour(parsed, span) && !wasPutOn(parsed, span))
    .map((span) => ({ span, markId: valueIn(span, 'mark') ?? '' }))
    .filter(({ markId }) => markId !== parsed.rules.unknownMarkId);
  const alone = named.filter(({ span, markId }) => {
    const next = named.find((one) => one.span.from === span.to && sameClause(parsed, span, one.span));
    // "Strawberry ice cream" is one thing, and the last word says what.
    if (next && flavouredMarkIds.includes(next.markId))
      return weakHeadMarkIds.includes(next.markId) && !weakHeadMarkIds.includes(markId);
    const last = named.find((one) => one.span.to === span.from && sameClause(parsed, one.span, span));
    if (last && weakHeadMarkIds.includes(markId) && !weakHeadMarkIds.includes(last.markId)) return false;
    return !isSaidMoreOf(parsed, span, markId, named) && !isWhereFrom(parsed, span, named);
  });
  const kept = alone.filter(
    ({ markId }) =>
      markId !== parsed.rules.unknownSmellId ||
      alone.every((one) => one.markId === parsed.rules.unknownSmellId),
  );
  const once = kept.filter(({ markId }, at) => kept.findIndex((one) => one.markId === markId) === at);
  return once.length > 0 ? once : unnamedMark(parsed, isTaken);
}

/** "Tried hairspray": it was put on the trouble, it is not the trouble. */
export const wasPutOn = (parsed: Parsed, span: PhraseSpan): boolean => {
  const last = before(parsed, span, 1);
  return (
    isOf(last, 'cue', 'tried') &&
    /^(?:tried|used|sprayed|treated)/i.test(parsed.tokens[last?.from ?? 0]?.text ?? '')
  );
};

/** "Cream carpet" is a colour. */
const isColour = (parsed: Parsed, span: PhraseSpan): boolean =>
  isOf(span, 'colour') && colourOf(parsed, span) === 'cloth';

/** "Ink from a gel pen": what it came from says more than what it is. */
function isSaidMoreOf(
  parsed: Parsed,
  span: PhraseSpan,
  markId: string,
  named: readonly FoundMark[],
): boolean {
  const next = after(parsed, span, 1);
  if (!isOf(next, 'cue', 'from') && !isOf(next, 'cue', 'elseUse')) return false;
  const source = next && named.find((one) => one.span.from >= next.to && one.span.from - next.to <= 2);
  return source !== undefined && parsed.rules.vagueMarkIds.includes(markId);
}

/** "Blood from a graze": where it came from is not a second trouble. */
function isWhereFrom(parsed: Parsed, span: PhraseSpan, named: readonly FoundMark[]): boolean {
  const last = before(parsed, span, 2);
  if (!isOf(last, 'cue', 'from')) return false;
  const thing = last && named.find((one) => one.span.to <= last.from && last.from - one.span.to <= 1);
  return thing !== undefined && !parsed.rules.vagueMarkIds.includes(thing.markId);
}
