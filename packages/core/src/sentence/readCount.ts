import { isOf, type Parsed } from './phrase.js';
import type { FoundItem } from './readItem.js';

/** How many pieces, and the words that say so. */
export interface FoundCount {
  readonly count: number | 'several';
  readonly from: number;
  readonly to: number;
}

/** Words between a number and what it counts: "six white linen napkins". */
const MAX_BETWEEN = 3;
const MAX_PIECES_TOLD = 50;
const WHOLE_NUMBER = /^(?:\d+|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|dozen|twenty)$/i;
const ALL_OF = /\b(?:all|both)(?: of)? (?:my|the|our|his|her|their|of)\b/i;

/** How many pieces are mentioned; null = one, or not given. */
export function countIn(parsed: Parsed, item: FoundItem | null): FoundCount | null {
  const { tokens } = parsed;
  const pair = tokens.findIndex(({ stem }, at) => stem === 'pair' && (tokens[at - 1]?.count ?? 0) > 1);
  if (pair > 0) return { count: tokens[pair - 1]?.count ?? 2, from: pair - 1, to: pair + 1 };
  return item ? countOf(parsed, item) : severalIn(parsed, 0, tokens.length);
}

function countOf(parsed: Parsed, { span }: FoundItem): FoundCount | null {
  const { tokens } = parsed;
  const first = Math.max(0, span.from - MAX_BETWEEN);
  for (let at = span.from - 1; at >= first; at -= 1) {
    const { text = '', count = null } = tokens[at] ?? {};
    if (WHOLE_NUMBER.test(text) && isNumberOfPieces(count) && isFree(parsed, at))
      return { count, from: at, to: at + 1 };
  }
  const times = timesAfter(parsed, span.to);
  if (times) return times;
  const isPlural = tokens[span.to - 1]?.isPlural ?? false;
  const isNamedSo = parsed.rules.pluralNames.includes(tokens[span.to - 1]?.stem ?? '');
  const told = severalIn(parsed, first, span.from);
  if (told && (isPlural || isNamedSo)) return told;
  return isPlural && !isNamedSo ? { count: 'several', from: span.to - 1, to: span.to } : null;
}

const isNumberOfPieces = (count: number | null): count is number =>
  count !== null && Number.isInteger(count) && count > 1 && count <= MAX_PIECES_TOLD;

/** "Towels x4", "towels ×4": the number after its sign. */
function timesAfter({ text, tokens }: Parsed, next: number): FoundCount | null {
  const at = tokens[next]?.stem === 'x' ? next + 1 : next;
  const { count = null, from = 0 } = tokens[at] ?? {};
  const isTimes = /[x×]\s*$/i.test(text.slice(0, from));
  return isTimes && isNumberOfPieces(count) ? { count, from: next, to: at + 1 } : null;
}

/** A number that belongs to no other phrase: "60" in "wash at 60" counts nothing. */
const isFree = ({ spans }: Parsed, at: number): boolean =>
  !spans.some((one) => one.from <= at && at < one.to && !isOf(one, 'count') && !isOf(one, 'else'));

/** "Several", "all my", "the whites". */
function severalIn({ text, tokens, spans }: Parsed, first: number, last: number): FoundCount | null {
  const told = spans.find((one) => isOf(one, 'count') && one.from >= first && one.to <= last);
  if (told) return { count: 'several', from: told.from, to: told.to };
  const at = tokens.findIndex(({ text: typed, from }, place) => {
    const isHere = place >= first && place < last;
    return (
      isHere &&
      (/^(?:whites|darks|coloureds)$/i.test(typed) ||
        (ALL_OF.test(text.slice(from, from + 14)) && /^(?:all|both)$/i.test(typed)))
    );
  });
  return at >= 0 ? { count: 'several', from: at, to: at + 1 } : null;
}
