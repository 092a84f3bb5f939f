import type { PhraseSpan } from './findSpans.js';
import { before, isOf, ofKind, type Parsed, sameClause, valueIn } from './phrase.js';

export interface FoundItem {
  readonly span: PhraseSpan;
  readonly itemId: string;
  /** Other kinds the same words may mean. */
  readonly orIds: readonly string[];
  /** Not named, but taken: what is there most often. */
  readonly isAssumed?: boolean;
}

/** The piece a sentence is about: the one something is on, or the first that is named. */
export function itemIn(
  parsed: Parsed,
  isTaken: (span: PhraseSpan) => boolean,
): { readonly item: FoundItem | null; readonly others: readonly FoundItem[] } {
  const named = ofKind(parsed, 'item').filter((span) => !isTaken(span));
  const isCloth = (span: PhraseSpan) =>
    (isOf(span, 'fibre') || isOf(span, 'make')) &&
    parsed.rules.clothItemIds.includes(valueIn(span, 'item') ?? '');
  const pieces = named.filter((span) => !isCloth(span) || named.every(isCloth));
  const heads = pieces.filter(
    (span) => !pieces.some((one) => one.from === span.to && sameClause(parsed, one, span)),
  );
  const found = heads.map((span) => ({
    span,
    itemId: valueIn(span, 'item') ?? '',
    orIds: span.meanings
      .filter(({ kind }) => kind === 'item')
      .slice(1)
      .map(({ value }) => value),
  }));
  const kept = found.filter(({ span }) => !isCause(parsed, span));
  const chosen = kept.find(({ span }) => isOn(parsed, span)) ?? kept[0] ?? null;
  return { item: chosen, others: kept.filter((one) => one !== chosen && one.itemId !== chosen?.itemId) };
}

/** "On his babygrow": a word of place comes before it, with no other piece between. */
function isOn(parsed: Parsed, span: PhraseSpan): boolean {
  for (
    let one = before(parsed, span, 3), steps = 0;
    one && steps < 4;
    one = before(parsed, one, 2), steps += 1
  ) {
    if (isOf(one, 'item')) return false;
    if (isOf(one, 'cue', 'on')) return !isOf(before(parsed, one), 'age');
  }
  return false;
}

/** "Went in with a pair of new jeans", "the red shirt bled over": it is what ran, not what was dyed. */
export function isCause(parsed: Parsed, span: PhraseSpan): boolean {
  const run = parsed.spans.find((one) => isOf(one, 'mark', parsed.rules.runMarkId));
  if (!run) return false;
  const ran = /\b(?:bled|ran|leaked|lost|run)\b.*\b(?:over|onto|into|on)\b/i.test(
    parsed.text.slice(parsed.tokens[run.from]?.from),
  );
  if (ran && span.to <= run.from && run.from - span.to <= 1) return true;
  for (
    let one = before(parsed, span, 2), steps = 0;
    one && steps < 4;
    one = before(parsed, one, 2), steps += 1
  )
    if (/^(?:with|by|from|off)$/i.test(parsed.tokens[one.from]?.text ?? '')) return true;
  return false;
}
