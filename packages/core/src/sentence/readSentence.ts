import { PEOPLE_FACTS } from '../household/houseFacts.js';
import type { TriedProduct, TroubleFacts } from '../trouble/troubleFacts.js';
import { factsOfReads } from './factsOfReads.js';
import { findSpans, type PhraseSpan } from './findSpans.js';
import { type OwnPiece, pieceMeant } from './ownPieces.js';
import { deniedIn, type Parsed, placeOf, textOf } from './phrase.js';
import { phraseBookOf, type SentenceCatalogue } from './phraseBook.js';
import type { FoundFibre } from './readFibres.js';
import { sharesOf } from './readFibres.js';
import type { Doubt, ReadFact, ReadKind, SentenceReading, UnreadWords } from './reading.js';
import { isHot, type SpokenProduct } from './readProducts.js';
import type { FoundWord } from './readRest.js';
import { wetnessBy } from './settledMarks.js';
import { MAX_CHARACTERS, type Token, tokensOf } from './tokens.js';
import { type FoundFacts, type SimpleKind, understand } from './understand.js';

/**
 * Reads one sentence as people type it in a hurry. What is read is sure, or becomes a doubt; nothing is turned round
 * and nothing is made up.
 * @param text at most `MAX_CHARACTERS` characters are read
 * @param catalogue names of records, and the words of typed sentences
 * @param ownPieces pieces of the house: meant only where one is named whole
 * @example
 * readSentence('red wine on my cream wool rug', catalogue).facts.markIds // ['redWine']
 */
export function readSentence(
  text: string,
  catalogue: SentenceCatalogue,
  ownPieces: readonly OwnPiece[] = [],
): SentenceReading {
  const tokens = tokensOf(text);
  const book = phraseBookOf(catalogue);
  const spans = findSpans(tokens, book);
  const parsed: Parsed = {
    text,
    tokens,
    spans,
    alone: book.alone,
    rules: catalogue.readingRules,
    denied: deniedIn(tokens, spans),
  };
  const found = understand(parsed);
  const facts = factsOf(parsed, found, catalogue);
  const meant = pieceMeant(parsed, ownPieces, facts.piece);
  return {
    facts,
    pieceId: meant.pieceId,
    reads: readsOf(parsed, found),
    doubts: doubtsOf(parsed, found, meant.askIds),
    unread: unreadIn(parsed, found.count),
    isCut: text.length > MAX_CHARACTERS,
  };
}

/** What was found, in the vocabularies of the planner. */
function factsOf(parsed: Parsed, found: FoundFacts, catalogue: SentenceCatalogue): TroubleFacts {
  const { item, count, simple } = found;
  const markIds = found.marks.map(({ markId }) => markId);
  const usual = catalogue.items.find(({ id }) => id === item?.itemId)?.usualFibres ?? [];
  const of = (kind: SimpleKind) => simple[kind]?.value ?? null;
  return factsOfReads(
    {
      markIds,
      itemId: item?.itemId ?? null,
      fibres: found.isEitherFibre ? [] : sharesOf(found.blend, usual, parsed.rules),
      liningFibres: sharesOf(found.liningFibres, [], parsed.rules),
      colour: of('colour'),
      condition: of('condition'),
      labels: found.labels.map(({ value }) => value),
      code: of('code'),
      age: of('age'),
      wetness: of('wetness') ?? wetnessBy(of('age'), markIds, catalogue),
      heat: of('heat'),
      size: of('size'),
      place: of('place'),
      tried: found.products.filter(({ role }) => role === 'tried').map((one) => triedOf(parsed, one)),
      count: typeof count?.count === 'number' ? count.count : null,
      due: of('due'),
      people: PEOPLE_FACTS.filter((who) => found.people.some(({ value }) => value === who)),
      inHouse: [
        ...new Set(found.products.filter(({ role }) => role === 'inHouse').map(({ agentId }) => agentId)),
      ],
    },
    catalogue,
  );
}

const triedOf = (parsed: Parsed, { agentId, effect, span }: SpokenProduct): TriedProduct => ({
  agentId,
  times: 1,
  effect,
  hot: isHot(textOf(parsed, span)),
  washedOut: 'unknown',
});

/** Every fact with its words, in the order of the sentence. */
function readsOf(parsed: Parsed, found: FoundFacts): readonly ReadFact[] {
  const fact = (
    kind: ReadKind,
    value: string,
    span: Pick<PhraseSpan, 'from' | 'to'>,
    isSure = true,
  ): ReadFact => ({
    kind,
    value,
    ...placeOf(parsed, span),
    isSure: isSure && !('slips' in span && Number(span.slips) > 0),
  });
  const ofWord = (kind: ReadKind, word: FoundWord | null) =>
    word ? [fact(kind, word.value, word.span)] : [];
  const { item, blend, liningFibres, count } = found;
  const notKnown = found.fibreNotKnown?.span ?? (found.isEitherFibre ? blend[0]?.span : undefined);
  return [
    ...found.marks.map(({ markId, span }) => fact('mark', markId, span)),
    ...(item && !item.isAssumed ? [fact('item', item.itemId, item.span, item.orIds.length === 0)] : []),
    ...[...blend, ...liningFibres].map((one) => fact('fibre', one.fibreId, one.span, !found.isFibreGuessed)),
    ...found.makes.map(({ value, span }) => fact('make', value, span)),
    ...(Object.entries(found.simple) as [SimpleKind, FoundWord | null][]).flatMap(([kind, word]) =>
      ofWord(kind, word),
    ),
    ...found.labels.map(({ value, span }) => fact('label', value, span)),
    ...found.products.map(({ agentId, role, span }) => fact(role, agentId, span)),
    ...found.people.map(({ value, span }) => fact('person', value, span)),
    ...(count ? [fact('count', String(count.count), count)] : []),
    ...(notKnown ? [fact('unknown', 'fibre', notKnown)] : []),
  ].sort((a, b) => a.from - b.from);
}

/** What can be meant in two ways, the piece first. */
function doubtsOf(
  parsed: Parsed,
  { item, otherItems, blend, isEitherFibre }: FoundFacts,
  pieceIds: readonly string[],
): readonly Doubt[] {
  const itemText = item ? textOf(parsed, item.span) : '';
  const orIds = item?.orIds ?? [];
  const kinds = orIds.length > 0 ? orIds : otherItems.map(({ itemId }) => itemId);
  const fibreText = (fibres: readonly FoundFibre[]) =>
    fibres.map(({ span }) => textOf(parsed, span)).join(' or ');
  return [
    ...(item && kinds.length > 0
      ? [{ kind: 'item' as const, text: itemText, options: [item.itemId, ...kinds] }]
      : []),
    ...(isEitherFibre
      ? [{ kind: 'fibre' as const, text: fibreText(blend), options: blend.map(({ fibreId }) => fibreId) }]
      : []),
    ...(pieceIds.length > 0 ? [{ kind: 'piece' as const, text: itemText, options: pieceIds }] : []),
  ];
}

/** Shorter words are never shown as not understood. */
const MIN_UNREAD = 3;

/** Words that no phrase holds and that are no number of pieces, those side by side as one. */
function unreadIn({ text, tokens, spans }: Parsed, count: FoundFacts['count']): readonly UnreadWords[] {
  const read = count ? [...spans, count] : spans;
  const isRead = (at: number) => read.some(({ from, to }) => from <= at && at < to);
  const groups: Token[][] = [];
  for (const [at, token] of tokens.entries()) {
    if (isRead(at) || token.stem.length < MIN_UNREAD) continue;
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
