import type { Span } from './findSpans.js';
import { before, isOf, ofKind, type Parsed, valueIn } from './phrase.js';

export interface FoundItem {
  readonly span: Span;
  readonly itemId: string;
  /** Other kinds the same words may mean. */
  readonly orIds: readonly string[];
}

/** Kinds whose name is a cloth as well: "velvet curtains" are curtains. */
const CLOTH_TOO = new Set([
  'velvetPiece',
  'lacePiece',
  'canvas',
  'jeans',
  'jumper',
  'fleeceJacket',
  'embroideredLinen',
  'strainingCloth',
  'wetsuit',
  'towel',
]);

/** The piece a sentence is about: the one something is on, or the first that is named. */
export function itemIn(
  parsed: Parsed,
  isTaken: (span: Span) => boolean,
): { readonly item: FoundItem | null; readonly others: readonly FoundItem[] } {
  const named = ofKind(parsed, 'item').filter((span) => !isTaken(span));
  const isCloth = (span: Span) =>
    (isOf(span, 'fibre') || isOf(span, 'make')) && CLOTH_TOO.has(valueIn(span, 'item') ?? '');
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

const sameClause = ({ tokens }: Parsed, a: Span, b: Span): boolean =>
  tokens[a.from]?.clause === tokens[b.from]?.clause;

/** "On his babygrow": a word of place stands before it, with no other piece between. */
function isOn(parsed: Parsed, span: Span): boolean {
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

/** "Went in with a pair of new jeans": it is what ran, not what was dyed. */
function isCause(parsed: Parsed, span: Span): boolean {
  if (!parsed.spans.some((one) => isOf(one, 'mark', 'dyeRun'))) return false;
  for (
    let one = before(parsed, span, 2), steps = 0;
    one && steps < 4;
    one = before(parsed, one, 2), steps += 1
  )
    if (/^(?:with|by|from|off)$/i.test(parsed.tokens[one.from]?.text ?? '')) return true;
  return false;
}
