import type { ReadingRules } from '@feverfew/knowledge';
import type { PeopleFact } from '../household/houseFacts.js';
import { BLANK_LABEL, type CareLabel } from '../textile/careLabel.js';
import { parseLabel } from '../textile/parseLabel.js';
import type { FibreShare, PieceFacts, PiecePart } from '../textile/piece.js';
import { NO_CHOICES } from '../trouble/choices.js';
import type { Place } from '../trouble/place.js';
import type { SizeWord } from '../trouble/size.js';
import {
  EMPTY_FACTS,
  EMPTY_PIECE,
  MAX_IN_HOUSE,
  MAX_MARKS,
  type TriedProduct,
  type TroubleFacts,
} from '../trouble/troubleFacts.js';
import type { SentenceCatalogue } from './phraseBook.js';

/** What was read, in the vocabularies of the planner. */
export interface Understood {
  readonly markIds: readonly string[];
  readonly itemId: string | null;
  readonly fibres: readonly FibreShare[];
  /** Fibres said of the lining alone. */
  readonly liningFibres: readonly FibreShare[];
  readonly colour: string | null;
  readonly condition: string | null;
  readonly labels: readonly string[];
  readonly code: string | null;
  readonly age: string | null;
  readonly wetness: string | null;
  readonly heat: string | null;
  readonly size: string | null;
  readonly place: string | null;
  readonly tried: readonly TriedProduct[];
  readonly count: number | null;
  readonly due: string | null;
  readonly people: readonly PeopleFact[];
  readonly inHouse: readonly string[];
}

/** Minutes until it must be ready. A day is taken as the night before it. Common practice, no source. */
const DUE_MIN: Readonly<Record<string, number>> = { hour: 60, today: 360, tomorrow: 960, days: 2880 };
const TAG_TEXTS: Readonly<Record<string, string>> = {
  dryCleanOnly: 'dry clean only',
  hand: 'hand wash',
  noBleach: 'do not bleach',
  noTumble: 'do not tumble dry',
  30: 'machine wash 30',
  40: 'machine wash 40',
  60: 'machine wash 60',
  95: 'machine wash 95',
};

/** The facts a plan is made from; what was not read stays not given. */
export function factsOfReads(read: Understood, catalogue: SentenceCatalogue): TroubleFacts {
  const piece = pieceOf(read, catalogue);
  const lining = piece.parts.findIndex(({ name }) => name === 'lining');
  return {
    ...EMPTY_FACTS,
    markIds: read.markIds.slice(0, MAX_MARKS),
    piece,
    partIndex: read.place === 'lining' && lining > 0 ? lining : 0,
    age: (read.age ?? EMPTY_FACTS.age) as TroubleFacts['age'],
    wetness: (read.wetness ?? EMPTY_FACTS.wetness) as TroubleFacts['wetness'],
    heat: (read.heat ?? EMPTY_FACTS.heat) as TroubleFacts['heat'],
    size: (read.size ?? EMPTY_FACTS.size) as SizeWord,
    tried: read.tried,
    ...(read.place ? { place: read.place as Place } : {}),
    ...(read.people.length > 0 ? { people: read.people } : {}),
    ...(read.inHouse.length > 0 ? { inHouse: read.inHouse.slice(0, MAX_IN_HOUSE) } : {}),
    ...(read.count ? { pieces: read.count } : {}),
    ...(read.due ? { choices: { ...NO_CHOICES, readyInMin: DUE_MIN[read.due] ?? null } } : {}),
  };
}

function pieceOf(read: Understood, { items, readingRules }: SentenceCatalogue): PieceFacts {
  const item = items.find(({ id }) => id === read.itemId);
  return {
    ...EMPTY_PIECE,
    itemId: item?.id ?? null,
    name: item?.name ?? '',
    parts: partsOf(read, item?.partNames ?? [], readingRules),
    colour: (read.colour ?? EMPTY_PIECE.colour) as PieceFacts['colour'],
    condition: (read.condition ?? EMPTY_PIECE.condition) as PieceFacts['condition'],
    label: labelOf(read.labels),
    code: read.code as PieceFacts['code'],
  };
}

/** A filling goes where the filling is, a lining to the lining, everything else to the first part. */
function partsOf(
  { fibres, liningFibres }: Understood,
  partNames: readonly string[],
  { fillingFibreIds }: ReadingRules,
): readonly PiecePart[] {
  if (partNames.length === 0) return fibres.length > 0 ? [{ name: 'whole piece', fibres }] : [];
  const isFilling = fibres.every(({ fibreId }) => fillingFibreIds.includes(fibreId));
  const filling = isFilling ? partNames.indexOf('filling') : -1;
  return partNames.map((name, at) => ({
    name,
    fibres:
      name === 'lining' && liningFibres.length > 0 ? liningFibres : at === Math.max(0, filling) ? fibres : [],
  }));
}

function labelOf(values: readonly string[]): CareLabel | null {
  if (values.length === 0) return null;
  const { label } = parseLabel(values.map((value) => TAG_TEXTS[value] ?? '').join('. '));
  return { ...BLANK_LABEL, ...label };
}
