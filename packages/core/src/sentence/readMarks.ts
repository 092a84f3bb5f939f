import type { Span } from './findSpans.js';
import { after, before, isOf, ofKind, type Parsed, valueIn } from './phrase.js';
import { clothColour, colourOf } from './readColour.js';

export interface FoundMark {
  readonly span: Span;
  readonly markId: string;
}

/** Not told what it is. */
const UNKNOWN = { mark: 'unknownStain', smell: 'smellUnknown' } as const;
/** Troubles that name a kind and no thing: what stands beside them says more. */
const VAGUE = new Set([
  'ballpoint',
  'saladOil',
  'emulsionPaint',
  'whiteGlueMark',
  'smellUnknown',
  'scorchMark',
  'hole',
  'milk',
  'stickerResidue',
  'gravy',
  'yellowed',
  'waterMark',
  'superGlueMark',
  'fuelSpill',
  'boiledSweet',
  'fruitJuice',
  'dustMark',
  'skinCream',
]);
/** Dishes and products that are named after what is in them. */
const TAKES_A_FLAVOUR = new Set([
  ...['iceCream', 'milk', 'fruitJuice', 'fruitJam', 'soup', 'gravy', 'boiledSweet', 'softDrink', 'spirits'],
  ...['babyFood', 'butter', 'skinCream', 'honey', 'saladOil', 'smellUnknown', 'hole', 'waterMark'],
  ...[
    'stickerResidue',
    'foodColouring',
    'medicine',
    'curry',
    'tomato',
    'whiteWine',
    'redWine',
    'ale',
    'cola',
  ],
]);

/** Products that are themselves what happened, where nothing else did. */
const AS_MARK: Readonly<Record<string, string>> = {
  chlorineBleach: 'bleachSpot',
  mouldSpray: 'bleachSpot',
  petrol: 'fuelSpill',
  shampoo: 'hairProduct',
  proofer: 'unknownStain',
};
/** What stands last in "curry gravy", and says less than what stands before it. */
const WEAK_HEAD = new Set([
  'gravy',
  'fruitJuice',
  'skinCream',
  'milk',
  'soup',
  'butter',
  'saladOil',
  'smellUnknown',
  'boiledSweet',
  'hole',
  'waterMark',
  'stickerResidue',
]);

/** The troubles of a sentence, each once, in their order. */
export function marksIn(parsed: Parsed, isTaken: (span: Span) => boolean): readonly FoundMark[] {
  const named = ofKind(parsed, 'mark')
    .filter((span) => !isTaken(span) && !isColour(parsed, span))
    .map((span) => ({ span, markId: valueIn(span, 'mark') ?? '' }))
    .filter(({ markId }) => markId !== UNKNOWN.mark);
  const alone = named.filter(({ span, markId }) => {
    const next = named.find((one) => one.span.from === span.to && sameClause(parsed, span, one.span));
    // "Strawberry ice cream" is one thing, and the last word says what.
    if (next && TAKES_A_FLAVOUR.has(next.markId)) return WEAK_HEAD.has(next.markId) && !WEAK_HEAD.has(markId);
    const last = named.find((one) => one.span.to === span.from && sameClause(parsed, one.span, span));
    if (last && WEAK_HEAD.has(markId) && !WEAK_HEAD.has(last.markId)) return false;
    return !isSaidMoreOf(parsed, span, markId, named) && !isWhereFrom(parsed, span, named);
  });
  const kept = alone.filter(
    ({ markId }) => markId !== UNKNOWN.smell || alone.every((one) => one.markId === UNKNOWN.smell),
  );
  const once = kept.filter(({ markId }, at) => kept.findIndex((one) => one.markId === markId) === at);
  return once.length > 0 ? once : unnamed(parsed, isTaken);
}

const sameClause = ({ tokens }: Parsed, a: Span, b: Span): boolean =>
  tokens[a.from]?.clause === tokens[b.from]?.clause;

/** "Cream carpet" is a colour. */
const isColour = (parsed: Parsed, span: Span): boolean =>
  isOf(span, 'colour') && colourOf(parsed, span) === 'cloth';

/** "Ink from a gel pen": what it came from says more than what it is. */
function isSaidMoreOf(parsed: Parsed, span: Span, markId: string, named: readonly FoundMark[]): boolean {
  const next = after(parsed, span, 1);
  if (!isOf(next, 'cue', 'from') && !isOf(next, 'cue', 'elseUse')) return false;
  const source = next && named.find((one) => one.span.from >= next.to && one.span.from - next.to <= 2);
  return source !== undefined && VAGUE.has(markId);
}

/** "Blood from a graze": where it came from is not a second trouble. */
function isWhereFrom(parsed: Parsed, span: Span, named: readonly FoundMark[]): boolean {
  const last = before(parsed, span, 2);
  if (!isOf(last, 'cue', 'from')) return false;
  const thing = last && named.find((one) => one.span.to <= last.from && last.from - one.span.to <= 1);
  return thing !== undefined && !VAGUE.has(thing.markId);
}

/** A stain nobody can name: yellow on a collar is sweat, anything else stays unknown. */
function unnamed(parsed: Parsed, isTaken: (span: Span) => boolean): readonly FoundMark[] {
  const product = ofKind(parsed, 'agent').find(
    (span) => !isTaken(span) && AS_MARK[valueIn(span, 'agent') ?? ''],
  );
  if (product) return [{ span: product, markId: AS_MARK[valueIn(product, 'agent') ?? ''] ?? UNKNOWN.mark }];
  const stuff =
    parsed.spans.find((span) => isOf(span, 'unknown', 'mark') || isOf(span, 'mark', UNKNOWN.mark)) ??
    parsed.spans.find((span) => isOf(span, 'cue', 'stuff') && !isOf(span, 'make'));
  const colour = parsed.spans.find((span) => isOf(span, 'colour') && colourOf(parsed, span) !== 'cloth');
  const hue = colour ? parsed.tokens[colour.from]?.stem : undefined;
  const worn = ['collar', 'cuff', 'underarm'].some((place) =>
    parsed.spans.some((span) => isOf(span, 'place', place)),
  );
  if (colour && (hue === 'yellow' || (hue === 'brown' && worn)) && (worn || isSleptOn(parsed)))
    return [{ span: stuff ?? colour, markId: 'sweatYellow' }];
  if (stuff) return [{ span: stuff, markId: UNKNOWN.mark }];
  if (colour && !clothColour(parsed) && hue === 'yellow') return [{ span: colour, markId: 'yellowed' }];
  return [];
}

const isSleptOn = (parsed: Parsed): boolean =>
  ['pillow', 'pillowcase', 'downPillow', 'foamPillow'].some((itemId) =>
    parsed.spans.some((span) => isOf(span, 'item', itemId)),
  );
