import type { ReadingRules } from '@feverfew/knowledge';
import { toTenth } from '../quantity/rounding.js';
import type { FibreShare } from '../textile/piece.js';
import type { PhraseSpan } from './findSpans.js';
import { insideOf, isOf, ofKind, type Parsed, valueIn } from './phrase.js';

export interface FoundFibre {
  readonly span: PhraseSpan;
  readonly fibreId: string;
  /** Percent of the cloth; null = not given. */
  readonly sharePct: number | null;
  /** It was said of the lining. */
  readonly isLining: boolean;
}

/** Words that may stand between two fibres of one blend. */
const BLEND_GAP = 2;

/** The fibres of a sentence, each once, in their order. */
export function fibresIn(parsed: Parsed): readonly FoundFibre[] {
  const named = ofKind(parsed, 'item').flatMap((span) =>
    insideOf(parsed, span, 'fibre').filter((one) => !isHousehold(parsed, one)),
  );
  const spans = [
    ...ofKind(parsed, 'fibre').filter(
      (span) => !isOf(span, 'mark') && !isPiece(parsed, span) && !isDirection(parsed, span),
    ),
    ...named,
  ].sort((a, b) => a.from - b.from);
  return spans
    .flatMap((span) =>
      fibreOf(span)
        .split('+')
        .map((fibreId) => ({ span, fibreId })),
    )
    .map(({ span, fibreId }): FoundFibre => {
      const number = parsed.tokens[span.from - 1]?.count ?? null;
      const later = parsed.tokens[span.to]?.count ?? null;
      const share = number ?? (spans.length > 1 ? later : null);
      const isLining =
        isOf(parsed.spans[parsed.spans.indexOf(span) + 1], 'place', 'lining') ||
        /lining/i.test(parsed.text.slice(parsed.tokens[span.from]?.from, parsed.tokens[span.to - 1]?.to));
      return {
        span,
        fibreId,
        sharePct: share !== null && share >= 1 && share <= 100 ? share : null,
        isLining,
      };
    })
    .filter(
      ({ fibreId }, at, all) =>
        fibreId !== parsed.rules.unknownFibreId && all.findIndex((one) => one.fibreId === fibreId) === at,
    );
}

/** "Down the shirt" is no down; "down duvet" and "duvet, down" are. */
function isDirection(parsed: Parsed, span: PhraseSpan): boolean {
  const { text, tokens, spans, rules } = parsed;
  const [first] = tokens.slice(span.from, span.to);
  if (!first || span.to - span.from > 1 || first.text.toLowerCase() !== rules.downFibreId) return false;
  const next = tokens[span.to];
  const stands = next ? text.slice(first.to, next.from).trim() === '' : true;
  const isFilled = (one: PhraseSpan) =>
    rules.filledItemIds.includes(valueIn(one, 'item') ?? '') &&
    ((one.from === span.to && stands) || one.to === span.from);
  return !spans.some(isFilled);
}

/** "Polycotton" is two fibres. */
const fibreOf = (span: PhraseSpan): string => {
  const values = span.meanings.filter(({ kind }) => kind === 'fibre').map(({ value }) => value);
  return values.find((value) => value.includes('+')) ?? values[0] ?? '';
};

/** Bed linen and table linen are mostly cotton. */
const isHousehold = ({ tokens }: Parsed, { from }: PhraseSpan): boolean =>
  /^(?:bed|table|household|kitchen|tea) linen$/.test(`${tokens[from - 1]?.stem} ${tokens[from]?.stem}`);

/** "Canvas" alone is an awning, "jersey" alone a shirt: no fibre is given. */
const isPiece = (parsed: Parsed, span: PhraseSpan): boolean =>
  isOf(span, 'item') && ofKind(parsed, 'item').every((one) => one === span);

/** Those of one blend: side by side, or with "and" or "mix" between. */
export function blendOf(found: readonly FoundFibre[]): readonly FoundFibre[] {
  const [first, ...rest] = found;
  if (!first) return [];
  const blend = [first];
  for (const one of rest) {
    const last = blend.at(-1);
    if (last && one.span.from - last.span.to <= BLEND_GAP && !one.isLining) blend.push(one);
  }
  return blend;
}

/** Shares of 100; those not given share what is left. Stretch fibres are a few percent: common practice, no source. */
export function sharesOf(
  blend: readonly FoundFibre[],
  usual: readonly FibreShare[],
  { stretchFibreId }: ReadingRules,
): readonly FibreShare[] {
  const [only] = blend;
  if (only && blend.length === 1 && only.fibreId === stretchFibreId && only.sharePct === null) {
    const [main] = usual.filter(({ fibreId }) => fibreId !== stretchFibreId);
    if (main)
      return [
        { fibreId: main.fibreId, sharePct: 95 },
        { fibreId: stretchFibreId, sharePct: 5 },
      ];
  }
  const told = blend.reduce((sum, { sharePct }) => sum + (sharePct ?? 0), 0);
  const open = blend.filter(({ sharePct }) => sharePct === null);
  if (told > 100 || (open.length === 0 && told !== 100)) return equal(blend);
  const isStretch = ({ fibreId }: FoundFibre) => fibreId === stretchFibreId;
  const stretch = open.filter(isStretch).length;
  const left = 100 - told - (open.length > stretch ? 5 * stretch : 0);
  return blend.map((one) => ({
    fibreId: one.fibreId,
    sharePct:
      one.sharePct ??
      (isStretch(one) && open.length > stretch
        ? 5
        : toTenth(left / Math.max(1, open.length - (open.length > stretch ? stretch : 0)))),
  }));
}

const equal = (blend: readonly FoundFibre[]): FibreShare[] =>
  blend.map(({ fibreId }) => ({ fibreId, sharePct: toTenth(100 / blend.length) }));

/** "Not sure if linen or cotton", "polyester I think". */
export function isUnsure(parsed: Parsed, fibres: readonly FoundFibre[]): boolean {
  const [first] = fibres;
  const last = fibres.at(-1);
  if (!first || !last) return false;
  const isNear = (span: PhraseSpan) => span.to <= first.span.from && first.span.from - span.to <= 1;
  return parsed.spans.some(
    (span) =>
      isOf(span, 'cue', 'unsure') &&
      (isNear(span) || (span.from >= last.span.to && span.from - last.span.to <= 1)),
  );
}
