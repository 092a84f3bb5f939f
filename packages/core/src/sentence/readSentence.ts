import type { TriedProduct } from '../trouble/troubleFacts.js';
import { factsOfReads } from './factsOfReads.js';
import { findSpans, type Span } from './findSpans.js';
import { type NamedPiece, type OwnPiece, pieceMeant } from './ownPieces.js';
import { deniedIn, type Parsed, placeOf, textOf } from './phrase.js';
import { phraseBookOf, type SentenceCatalogue } from './phraseBook.js';
import { clothColour } from './readColour.js';
import { countIn } from './readCount.js';
import { blendOf, type FoundFibre, fibresIn, isUnsure, sharesOf } from './readFibres.js';
import { type FoundItem, itemIn } from './readItem.js';
import type { Doubt, ReadFact, ReadKind, SentenceReading, UnreadWords } from './reading.js';
import { marksIn } from './readMarks.js';
import { peopleIn } from './readPeople.js';
import { isHot, productsIn, type SpokenProduct } from './readProducts.js';
import {
  ageIn,
  codeIn,
  conditionIn,
  dueIn,
  type FoundWord,
  fibreNotKnown,
  heatIn,
  labelsIn,
  makesIn,
  sizeIn,
  wetnessIn,
  wherein,
} from './readRest.js';
import { kindOf, settled, wetnessBy } from './settled.js';
import { MOST_CHARACTERS, type Token, tokensOf } from './tokens.js';

/**
 * Reads one sentence as people type it in a hurry. What is read is sure, or becomes a doubt; nothing is turned round
 * and nothing is made up.
 * @param text at most `MOST_CHARACTERS` characters are read
 * @param catalogue names of records, and the words of typed sentences
 * @param ownPieces pieces of the house: meant only where one is named whole
 */
export function readSentence(
  text: string,
  catalogue: SentenceCatalogue,
  ownPieces: readonly OwnPiece[] = [],
): SentenceReading {
  const tokens = tokensOf(text);
  const book = phraseBookOf(catalogue);
  const spans = findSpans(tokens, book);
  const parsed: Parsed = { text, tokens, spans, alone: book.alone, denied: deniedIn(tokens, spans) };

  const products = productsIn(parsed);
  const spoken = new Set<Span>(products.map(({ span }) => span));
  const isProduct = (span: Span) => spoken.has(span);
  const { item: namedItem, others } = itemIn(parsed, isProduct);
  const found = fibresIn(parsed).filter(({ span }) => !isProduct(span));
  const lining = found.filter(({ isLining }) => isLining);
  const blend = blendOf(found.filter(({ isLining }) => !isLining));
  const notKnown = fibreNotKnown(parsed);
  const isGuess = isUnsure(parsed, blend);
  const isEither = isGuess && blend.length > 1 && saysOr(parsed, blend);
  const colour = clothColour(parsed);
  const simple = {
    age: ageIn(parsed),
    wetness: wetnessIn(parsed),
    heat: heatIn(parsed),
    size: sizeIn(parsed),
    place: wherein(parsed),
    condition: conditionIn(parsed),
    code: codeIn(parsed),
    due: dueIn(parsed),
  };
  const labels = labelsIn(parsed);
  const people = peopleIn(parsed);
  const fibreIds = blend.map(({ fibreId }) => fibreId);
  const item = itemOf(namedItem, blend, {
    makes: makesIn(parsed).map(({ value }) => value),
    fibreIds,
    people: people.map(({ value }) => value),
  });
  const count = countIn(parsed, item);
  const marks = settled(
    marksIn(parsed, isProduct).map(({ markId, span }) => ({ value: markId, span })),
    { itemId: item?.itemId ?? null, products, people: people.map(({ value }) => value), ...simple },
  );

  const fact = (kind: ReadKind, value: string, span: Pick<Span, 'from' | 'to'>, isSure = true): ReadFact => ({
    kind,
    value,
    ...placeOf(parsed, span),
    isSure: isSure && !('slips' in span && Number(span.slips) > 0),
  });
  const ofWord = (kind: ReadKind, word: FoundWord | null) =>
    word ? [fact(kind, word.value, word.span)] : [];
  const reads: ReadFact[] = [
    ...marks.map(({ value, span }) => fact('mark', value, span)),
    ...(item ? [fact('item', item.itemId, item.span, item.orIds.length === 0)] : []),
    ...[...blend, ...lining].map(({ fibreId, span }) => fact('fibre', fibreId, span, !isGuess)),
    ...makesIn(parsed).map(({ value, span }) => fact('make', value, span)),
    ...(colour ? [fact('colour', colour.value, colour.span)] : []),
    ...(Object.entries(simple) as [ReadKind, FoundWord | null][]).flatMap(([kind, word]) =>
      ofWord(kind, word),
    ),
    ...labels.map(({ value, span }) => fact('label', value, span)),
    ...products.map(({ agentId, role, span }) => fact(role, agentId, span)),
    ...people.map(({ value, span }) => fact('person', value, span)),
    ...(count ? [fact('count', String(count.count), count)] : []),
    ...(notKnown || isEither
      ? [fact('unknown', 'fibre', notKnown?.span ?? blend[0]?.span ?? { from: 0, to: 0 })]
      : []),
  ].sort((a, b) => a.from - b.from);

  const usual = catalogue.items.find(({ id }) => id === item?.itemId)?.usualFibres ?? [];
  const facts = factsOfReads(
    {
      markIds: marks.map(({ value }) => value),
      itemId: item?.itemId ?? null,
      fibres: isEither ? [] : sharesOf(blend, usual),
      liningFibres: sharesOf(lining, []),
      colour: colour?.value ?? null,
      condition: simple.condition?.value ?? null,
      labels: labels.map(({ value }) => value),
      code: simple.code?.value ?? null,
      age: simple.age?.value ?? null,
      wetness:
        simple.wetness?.value ??
        wetnessBy(
          simple.age?.value,
          marks.map(({ value }) => value),
          catalogue,
        ),
      heat: simple.heat?.value ?? null,
      size: simple.size?.value ?? null,
      place: simple.place?.value ?? null,
      tried: products.filter(({ role }) => role === 'tried').map((one) => triedOf(parsed, one)),
      count: typeof count?.count === 'number' ? count.count : null,
      due: simple.due?.value ?? null,
    },
    catalogue,
  );
  const meant: NamedPiece = pieceMeant(parsed, ownPieces, facts.piece);
  const doubts: Doubt[] = [
    ...(item && item.orIds.length > 0
      ? [{ kind: 'item' as const, text: textOf(parsed, item.span), options: [item.itemId, ...item.orIds] }]
      : []),
    ...(!item?.orIds.length && item && others.length > 0
      ? [
          {
            kind: 'item' as const,
            text: textOf(parsed, item.span),
            options: [item.itemId, ...others.map(({ itemId }) => itemId)],
          },
        ]
      : []),
    ...(isEither
      ? [
          {
            kind: 'fibre' as const,
            text: blend.map(({ span }) => textOf(parsed, span)).join(' or '),
            options: blend.map(({ fibreId }) => fibreId),
          },
        ]
      : []),
    ...(meant.askIds.length > 0
      ? [{ kind: 'piece' as const, text: item ? textOf(parsed, item.span) : '', options: meant.askIds }]
      : []),
  ];
  return {
    facts,
    pieceId: meant.pieceId,
    reads,
    doubts,
    unread: unreadIn(parsed),
    isCut: text.length > MOST_CHARACTERS,
  };
}

/** The kind of piece, once its make is known; fine fibres alone are mostly one kind. */
function itemOf(
  named: FoundItem | null,
  blend: readonly FoundFibre[],
  told: Parameters<typeof kindOf>[1],
): FoundItem | null {
  const [only] = blend;
  const usual = only && USUAL_KIND[only.fibreId];
  if (!named) return usual ? { span: only.span, itemId: usual[0] ?? '', orIds: usual.slice(1) } : null;
  const itemId = kindOf(named.itemId, told);
  return {
    ...named,
    itemId,
    orIds: named.orIds.length > 0 ? [named.itemId, ...named.orIds].filter((id) => id !== itemId) : [],
  };
}

/** "Hummus on cashmere": what is mostly made of it. Common practice, no source. */
const USUAL_KIND: Readonly<Record<string, readonly string[]>> = { cashmere: ['jumper', 'scarf'] };

const triedOf = (parsed: Parsed, { agentId, effect, span }: SpokenProduct): TriedProduct => ({
  agentId,
  times: 1,
  effect,
  hot: isHot(textOf(parsed, span)),
  washedOut: 'unknown',
});

/** "Linen or cotton" is one of the two. */
const saysOr = ({ tokens }: Parsed, blend: readonly FoundFibre[]): boolean =>
  blend.some(({ span }) => tokens[span.from - 1]?.stem === 'or');

/** Words that no phrase holds, those side by side as one. */
function unreadIn({ text, tokens, spans }: Parsed): readonly UnreadWords[] {
  const isRead = (at: number) => spans.some(({ from, to }) => from <= at && at < to);
  const groups: Token[][] = [];
  for (const [at, token] of tokens.entries()) {
    if (isRead(at) || token.stem.length < 3) continue;
    const last = groups.at(-1);
    if (last && tokens[at - 1] === last.at(-1) && last.at(-1)?.clause === token.clause) last.push(token);
    else groups.push([token]);
  }
  return groups.map((group) => {
    const from = group[0]?.from ?? 0;
    const to = group.at(-1)?.to ?? from;
    return { text: text.slice(from, to), from, to };
  });
}
