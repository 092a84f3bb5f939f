import type { Span } from './findSpans.js';
import type { SentenceCatalogue } from './phraseBook.js';
import type { SpokenProduct } from './readProducts.js';
import type { FoundWord } from './readRest.js';

interface Beside {
  readonly itemId: string | null;
  readonly products: readonly SpokenProduct[];
  readonly people: readonly string[];
  readonly age: FoundWord | null;
  readonly place: FoundWord | null;
}

interface Rule {
  readonly markId: string;
  /** What it is where this holds beside it. */
  readonly isThen: string;
  readonly where: (beside: Beside) => boolean;
}

const WORN_PLACES = new Set(['collar', 'cuff', 'underarm']);

/** Troubles of unknown cause whose cause stands in the same sentence. Common practice, no source. */
const RULES: readonly Rule[] = [
  {
    markId: 'yellowed',
    isThen: 'chlorineYellowed',
    where: ({ products }) =>
      products.some(({ agentId, role }) => role === 'tried' && agentId === 'chlorineBleach'),
  },
  { markId: 'yellowed', isThen: 'sweatYellow', where: ({ place }) => WORN_PLACES.has(place?.value ?? '') },
  { markId: 'yellowed', isThen: 'storageYellow', where: ({ age }) => age?.value === 'months' },
];

interface Kind {
  readonly itemIds: readonly string[];
  readonly isThen: string;
  readonly where: (told: {
    readonly makes: readonly string[];
    readonly fibreIds: readonly string[];
    readonly people: readonly string[];
  }) => boolean;
}

const isMade =
  (...values: string[]): Kind['where'] =>
  ({ makes }) =>
    makes.some((make) => values.includes(make));
const isFibre =
  (...ids: string[]): Kind['where'] =>
  ({ fibreIds }) =>
    fibreIds.some((id) => ids.includes(id));

/** Kinds of piece that are another kind when lined, of velvet, of down. Common practice, no source. */
const KINDS: readonly Kind[] = [
  {
    itemIds: ['childSeat'],
    isThen: 'vehicleSeat',
    where: ({ people }) => !people.includes('child') && !people.includes('baby'),
  },
  { itemIds: ['curtain'], isThen: 'linedCurtain', where: isMade('lined', 'velvet') },
  { itemIds: ['curtain'], isThen: 'netCurtain', where: isMade('lace', 'sheer') },
  { itemIds: ['dress', 'skirt'], isThen: 'linedDress', where: isMade('lined', 'pleated') },
  {
    itemIds: [
      'dress',
      'skirt',
      'trousers',
      'shirt',
      'linedCoat',
      'cushion',
      'cushionCover',
      'scarf',
      'leggings',
    ],
    isThen: 'velvetPiece',
    where: isMade('velvet'),
  },
  { itemIds: ['tableLinen'], isThen: 'embroideredLinen', where: isMade('embroidered') },
  { itemIds: ['tableLinen', 'scarf', 'handkerchief'], isThen: 'lacePiece', where: isMade('lace') },
  { itemIds: ['linedCoat'], isThen: 'filledCoat', where: isMade('quilted') },
  { itemIds: ['linedCoat'], isThen: 'coatedJacket', where: isMade('coated') },
  { itemIds: ['linedCoat', 'waistcoat'], isThen: 'filledCoat', where: isFibre('down') },
  { itemIds: ['pillow'], isThen: 'downPillow', where: isFibre('down') },
  { itemIds: ['pillow'], isThen: 'foamPillow', where: isFibre('foam', 'latex') },
  { itemIds: ['gloves'], isThen: 'leatherGloves', where: isFibre('leather') },
  { itemIds: ['rug', 'carpet'], isThen: 'doormat', where: isFibre('sisal', 'jute', 'coir') },
];

/** The kind of piece, once its make and fibres are known. */
export const kindOf = (itemId: string, told: Parameters<Kind['where']>[0]): string =>
  KINDS.find(({ itemIds, where }) => itemIds.includes(itemId) && where(told))?.isThen ?? itemId;

/** Each trouble with the cause that is told beside it. */
export const settled = (
  marks: readonly { readonly value: string; readonly span: Span }[],
  beside: Beside,
): readonly { readonly value: string; readonly span: Span }[] =>
  marks.map((mark) => ({
    ...mark,
    value: RULES.find(({ markId, where }) => markId === mark.value && where(beside))?.isThen ?? mark.value,
  }));

/** Troubles that are not spilt: their age tells nothing of wet or dry. */
const NOT_SPILT = new Set(
  'mildew unknownStain waterMark mattressRing scorchMark bleachSpot sunFaded dyeLost shrunken felted pilling hole rust'.split(
    ' ',
  ),
);

/** What is fresh is wet, what was spilt days ago is dry; null = the age tells nothing of it. */
export function wetnessBy(
  age: string | undefined,
  markIds: readonly string[],
  { marks }: Pick<SentenceCatalogue, 'marks'>,
): 'wet' | 'dry' | null {
  const isSpilt = markIds.some(
    (id) => !NOT_SPILT.has(id) && marks.find((mark) => mark.id === id)?.kind === 'mark',
  );
  if (!isSpilt || age === undefined) return null;
  return age === 'minutes' ? 'wet' : age === 'hours' ? null : 'dry';
}
