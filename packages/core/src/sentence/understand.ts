import type { PhraseSpan } from './findSpans.js';
import { kindOf } from './kindOfPiece.js';
import { type FoundMark, type Parsed, textOf } from './phrase.js';
import { clothColour } from './readColour.js';
import { countIn, type FoundCount } from './readCount.js';
import { blendOf, type FoundFibre, fibresIn, isUnsure } from './readFibres.js';
import { type FoundItem, itemIn } from './readItem.js';
import { marksIn } from './readMarks.js';
import { peopleIn } from './readPeople.js';
import { productsIn, type SpokenProduct } from './readProducts.js';
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
import { settledMarks } from './settledMarks.js';

/** Facts that are one word of their vocabulary. */
const SIMPLE_KINDS = [
  'age',
  'wetness',
  'heat',
  'size',
  'place',
  'condition',
  'colour',
  'code',
  'due',
] as const;
export type SimpleKind = (typeof SIMPLE_KINDS)[number];

/** All that was found in a sentence, each with the phrase it is in. */
export interface FoundFacts {
  readonly marks: readonly FoundMark[];
  readonly item: FoundItem | null;
  /** Other pieces that are named next to it. */
  readonly otherItems: readonly FoundItem[];
  /** Fibres of one cloth. */
  readonly blend: readonly FoundFibre[];
  readonly liningFibres: readonly FoundFibre[];
  /** "I think", "not sure". */
  readonly isFibreGuessed: boolean;
  /** "Linen or cotton": one of them. */
  readonly isEitherFibre: boolean;
  readonly fibreNotKnown: FoundWord | null;
  readonly simple: Readonly<Record<SimpleKind, FoundWord | null>>;
  readonly makes: readonly FoundWord[];
  readonly labels: readonly FoundWord[];
  readonly products: readonly SpokenProduct[];
  readonly people: ReturnType<typeof peopleIn>;
  readonly count: FoundCount | null;
}

/** What a sentence tells, once its words are known. */
export function understand(parsed: Parsed): FoundFacts {
  const products = productsIn(parsed);
  const spoken = new Set<PhraseSpan>(products.map(({ span }) => span));
  const isProduct = (span: PhraseSpan) => spoken.has(span);
  const fibres = fibresIn(parsed).filter(({ span }) => !isProduct(span));
  const blend = blendOf(fibres.filter(({ isLining }) => !isLining));
  const named = marksIn(parsed, isProduct);
  const makes = makesIn(parsed);
  const people = peopleIn(parsed);
  const { item: namedItem, others } = itemIn(parsed, isProduct);
  const item =
    namedItem === null
      ? unnamedItem(parsed, blend, named)
      : kindOfNamed(parsed, namedItem, { makes, blend, people: people.map(({ value }) => value) });
  const simple: FoundFacts['simple'] = {
    age: ageIn(parsed),
    wetness: wetnessIn(parsed),
    heat: heatIn(parsed),
    size: sizeIn(parsed),
    place: wherein(parsed),
    condition: conditionIn(parsed),
    colour: clothColour(parsed),
    code: codeIn(parsed),
    due: dueIn(parsed),
  };
  const isFibreGuessed = isUnsure(parsed, blend);
  return {
    marks: settledMarks(
      named,
      {
        itemId: item?.itemId ?? null,
        triedIds: products.filter(({ role }) => role === 'tried').map(({ agentId }) => agentId),
        age: simple.age?.value ?? null,
        place: simple.place?.value ?? null,
      },
      ({ span }) => textOf(parsed, span),
      parsed.rules,
    ),
    item,
    otherItems: others,
    blend,
    liningFibres: fibres.filter(({ isLining }) => isLining),
    isFibreGuessed,
    isEitherFibre: isFibreGuessed && blend.length > 1 && saysOr(parsed, blend),
    fibreNotKnown: fibreNotKnown(parsed),
    simple,
    makes,
    labels: labelsIn(parsed),
    products,
    people,
    count: countIn(parsed, item?.isAssumed ? null : item),
  };
}

/** The kind of piece, once its make and its fibres are known. */
function kindOfNamed(
  { rules }: Parsed,
  named: FoundItem,
  {
    makes,
    blend,
    people,
  }: { makes: readonly FoundWord[]; blend: readonly FoundFibre[]; people: readonly string[] },
): FoundItem {
  // "Car seat" is the car's own, unless a child is mentioned.
  const { ownSeatItemId } = rules;
  const isEither =
    named.orIds.includes(ownSeatItemId) && !people.includes('child') && !people.includes('baby');
  const made = { makes: makes.map(({ value }) => value), fibreIds: blend.map(({ fibreId }) => fibreId) };
  const itemId = kindOf(isEither ? ownSeatItemId : named.itemId, made, rules);
  const orIds = named.orIds.length > 0 ? [named.itemId, ...named.orIds].filter((id) => id !== itemId) : [];
  return { ...named, itemId, orIds };
}

/** "Hummus on cashmere", "everything is pink": the piece is not named, and mostly one kind. */
function unnamedItem(
  parsed: Parsed,
  [cloth]: readonly FoundFibre[],
  marks: readonly FoundMark[],
): FoundItem | null {
  const { rules } = parsed;
  const [itemId, ...orIds] = rules.madeOf.find(({ fibreId }) => fibreId === cloth?.fibreId)?.itemIds ?? [];
  if (cloth && itemId) return { span: cloth.span, itemId, orIds };
  const run = marks.find(({ markId }) => markId === rules.runMarkId);
  const load = run && countIn(parsed, null);
  return load
    ? {
        span: { from: load.from, to: load.to, meanings: [], slips: 0 },
        itemId: rules.loadItemId,
        orIds: [],
        isAssumed: true,
      }
    : null;
}

const saysOr = ({ tokens }: Parsed, blend: readonly FoundFibre[]): boolean =>
  blend.some(({ span }) => tokens[span.from - 1]?.stem === 'or');
