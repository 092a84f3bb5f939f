import { isOf, type Parsed } from './phrase.js';
import type { FoundItem } from './readItem.js';

/** Kinds whose usual name is a plural. */
const PLURAL_NAMES = new Set([
  'curtain',
  'linedCurtain',
  'netCurtain',
  'jeans',
  'trousers',
  'shorts',
  'gloves',
  'leatherGloves',
  'socks',
  'underwear',
  'leggings',
  'joggers',
  'swimwear',
  'shoes',
  'blind',
  'workwear',
  'paddedShorts',
  'periodPants',
  'childNightwear',
  'carpet',
  'bathrobe',
  'babyClothes',
  'straps',
  'uniformWhites',
  'blanket',
  'petticoat',
]);
const SHEETS = 'bedSheet';
const MOST_BETWEEN = 3;

/** How many pieces are told of: a number, `several`, or null. */
export function countIn(
  parsed: Parsed,
  item: FoundItem | null,
): { readonly count: number | 'several'; readonly from: number; readonly to: number } | null {
  const pair = parsed.tokens.findIndex(
    ({ stem }, at) => stem === 'pair' && (parsed.tokens[at - 1]?.count ?? 0) > 1,
  );
  if (pair > 0) return { count: parsed.tokens[pair - 1]?.count ?? 2, from: pair - 1, to: pair + 1 };
  if (item) {
    const { span, itemId } = item;
    for (let at = span.from - 1; at >= Math.max(0, span.from - MOST_BETWEEN); at -= 1) {
      const count = parsed.tokens[at]?.count ?? null;
      const isWhole = count !== null && Number.isInteger(count) && count >= 2 && count <= 50;
      const isFree = !parsed.spans.some(
        (one) => one.from <= at && one.to > at && !isOf(one, 'count') && !isOf(one, 'else'),
      );
      if (
        isWhole &&
        isFree &&
        /^(?:\d+|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|dozen|twenty)$/i.test(
          parsed.tokens[at]?.text ?? '',
        )
      )
        return { count, from: at, to: at + 1 };
    }
    const told = parsed.spans.find(
      (one) => isOf(one, 'count') && one.to <= span.from && span.from - one.to <= MOST_BETWEEN,
    );
    const head = parsed.tokens[span.to - 1];
    if (told && (head?.isPlural || PLURAL_NAMES.has(itemId)))
      return { count: 'several', from: told.from, to: told.to };
    if (head?.isPlural && !PLURAL_NAMES.has(itemId) && itemId !== SHEETS)
      return { count: 'several', from: span.to - 1, to: span.to };
    return null;
  }
  const told = parsed.spans.find((one) => isOf(one, 'count'));
  return told ? { count: 'several', from: told.from, to: told.to } : null;
}
