import type {
  Catalogue,
  Lexicon,
  PeopleFact,
  SizeWord,
  TriedProduct,
  TroubleFacts,
} from '@feverfew/contracts';
import type { Lexicon as SentenceLexicon } from '../app/useLexicon';
import { labelText } from './labelText';

const BLANKS = [
  'mark',
  'piece',
  'part',
  'age',
  'wetness',
  'size',
  'fibres',
  'colour',
  'condition',
  'metal',
  'tag',
  'code',
  'waterTest',
  'heat',
  'tried',
  'left',
  'mentioned',
] as const;
export type BlankId = (typeof BLANKS)[number];

export interface BlankView {
  readonly id: BlankId;
  readonly text: string;
  /** What it is asked for by, for a reader: "Age". */
  readonly name: string;
  /** Where the text is cut short: all of it. */
  readonly full?: string;
  /** False while the fact is still open. */
  readonly given: boolean;
  /** Field paths whose errors belong to this blank. */
  readonly paths: readonly string[];
}

const NAMES: Readonly<Record<BlankId, string>> = {
  mark: 'Trouble',
  piece: 'On what',
  part: 'Which part',
  age: 'Since when',
  wetness: 'Wet or dry',
  size: 'How large',
  fibres: 'Fibres',
  colour: 'Colour',
  condition: 'Condition',
  metal: 'Metal parts',
  tag: 'Tag',
  code: 'Code',
  waterTest: 'Hidden water test',
  heat: 'Heat so far',
  tried: 'Tried so far',
  left: 'What is left',
  mentioned: 'In this house',
};

/** Words and blanks of the sentence, in reading order. */
export type SentencePart = string | BlankView;

export const AGE_WORDS = {
  minutes: 'just now',
  hours: 'today',
  days: 'some days ago',
  weeks: 'some weeks ago',
  months: 'months ago',
  unknown: 'at an unknown time',
} as const;
export const WATER_TEST_WORDS = {
  none: 'has not been tried with water',
  passed: 'took water: no colour, no ring',
  failed: 'bled, ringed or crushed',
} as const;
export const WETNESS_WORDS = { wet: 'still wet', dry: 'dry', unknown: 'wet or dry' } as const;
export const HEAT_WORDS = {
  none: 'no heat',
  hotWash: 'a hot wash',
  tumbled: 'the dryer',
  ironed: 'the iron',
  unknown: 'perhaps heat',
} as const;
export const SIZE_TEXT = {
  unknown: 'size not entered',
  coin: 'coin-sized',
  palm: 'palm-sized',
  hand: 'hand-sized',
  plate: 'plate-sized',
  larger: 'larger than a plate',
  allOver: 'all over',
} as const satisfies Record<SizeWord, string>;
export const COLOUR_WORDS = {
  white: 'white',
  natural: 'natural',
  pale: 'pale',
  mid: 'mid-coloured',
  dark: 'dark',
  multicoloured: 'patterned',
  unknown: 'any colour',
} as const;
export const FASTNESS_WORDS = {
  proven: 'colour proven fast',
  unknown: 'colour not tested',
  failed: 'colour has bled',
} as const;
export const CONDITION_WORDS = {
  sound: 'in good condition',
  worn: 'worn',
  thinning: 'thinning',
  torn: 'torn',
  antique: 'antique',
  irreplaceable: 'irreplaceable',
} as const;
export const METAL_WORDS = { no: 'no metal on it', yes: 'metal on it' } as const;
export const CODE_WORDS = {
  W: 'code W',
  S: 'code S',
  WS: 'code WS',
  X: 'code X',
  unknown: 'no code found',
} as const;

/**
 * The facts as one sentence with blanks; the same sentence heads the run and the log.
 * @param whole false leaves out what is as usual: in good condition, no metal on it, no heat, nothing tried, all of it left
 */
export function sentenceView(
  facts: TroubleFacts,
  coded: boolean,
  say: SentenceLexicon,
  whole = true,
): SentencePart[] {
  const { piece } = facts;
  const blank = (id: BlankId, text: string, given: boolean, ...paths: string[]): BlankView => ({
    id,
    text,
    name: NAMES[id],
    given,
    paths,
  });
  const manyParts = piece.parts.length > 1;
  return [
    say.numberOf(facts.markIds[0] ?? '') === 'many' ? 'There are ' : 'There is ',
    blank('mark', countedMarks(facts.markIds, say) || 'some trouble', facts.markIds.length > 0, 'markIds'),
    ' on ',
    blank('piece', pieceText(facts, say), piece.itemId !== null, 'piece.itemId', 'piece.name', 'pieceId'),
    ...(manyParts
      ? [', on the ', blank('part', piece.parts[facts.partIndex]?.name ?? 'part', true, 'partIndex')]
      : []),
    ', ',
    blank('wetness', WETNESS_WORDS[facts.wetness], facts.wetness !== 'unknown', 'wetness'),
    ', ',
    blank('size', sizeText(facts.size), facts.size !== 'unknown', 'size'),
    '; it came ',
    blank('age', AGE_WORDS[facts.age], facts.age !== 'unknown', 'age'),
    '. Cloth: ',
    blank(
      'fibres',
      fibreText(facts, say),
      piece.parts.some((part) => part.fibres.length > 0),
      'piece.parts',
    ),
    ', ',
    blank('colour', colourText(facts), piece.colour !== 'unknown', 'piece.colour', 'piece.fastness'),
    ...(whole || piece.condition !== 'sound'
      ? [', ', blank('condition', CONDITION_WORDS[piece.condition], true, 'piece.condition')]
      : []),
    ...(whole || piece.metalParts
      ? [', ', blank('metal', piece.metalParts ? METAL_WORDS.yes : 'no metal', true, 'piece.metalParts')]
      : []),
    ...(coded
      ? [
          '; underneath it says ',
          blank(
            'code',
            CODE_WORDS[piece.code ?? 'unknown'],
            piece.code !== null && piece.code !== 'unknown',
            'piece.code',
          ),
          ...(piece.code === null || piece.code === 'unknown'
            ? [
                ', and a hidden spot ',
                blank(
                  'waterTest',
                  WATER_TEST_WORDS[piece.waterTest ?? 'none'],
                  piece.waterTest != null,
                  'piece.waterTest',
                ),
              ]
            : []),
        ]
      : [
          piece.label ? '; the tag says ' : '; care label ',
          {
            ...blank('tag', labelText(piece.label, TAG_WORDS), piece.label !== null, 'piece.label'),
            full: labelText(piece.label),
          },
        ]),
    ...soFar(facts, blank, say, whole),
    ...(hasMentioned(facts)
      ? ['. In this house: ', blank('mentioned', mentionedText(facts, say), true, 'people', 'inHouse')]
      : []),
    '.',
  ];
}

type MakeBlank = (id: BlankId, text: string, given: boolean, ...paths: string[]) => BlankView;

/** What has happened to the mark. */
function soFar(facts: TroubleFacts, blank: MakeBlank, say: Lexicon, whole: boolean): SentencePart[] {
  const blanks = [
    ...(whole || facts.heat !== 'none'
      ? [blank('heat', HEAT_WORDS[facts.heat], facts.heat !== 'unknown', 'heat')]
      : []),
    ...(whole || facts.tried.length > 0 ? [blank('tried', triedWords(facts, say), true, 'tried')] : []),
    ...(whole || facts.goneComponentIds.length > 0
      ? [blank('left', leftText(facts, say), true, 'goneComponentIds')]
      : []),
  ];
  return blanks.flatMap((one, index) => [index === 0 ? '. So far ' : ', ', one]);
}

/** Who can be guarded, as a word in the sentence. */
export const PEOPLE_NAMES: Readonly<Record<PeopleFact, string>> = {
  asthma: 'asthma',
  pregnancy: 'a pregnancy',
  baby: 'a baby',
  pets: 'an animal',
};

const hasMentioned = ({ people = [], inHouse = [] }: TroubleFacts): boolean =>
  people.length + inHouse.length > 0;

const mentionedText = ({ people = [], inHouse = [] }: TroubleFacts, say: Lexicon): string =>
  [...people.map((who) => PEOPLE_NAMES[who]), ...inHouse.map(say.name)].join(', ');

/** Whether a piece of this kind bears an upholsterer's code in place of a tag. */
export const isCoded = (facts: TroubleFacts, catalogue: Pick<Catalogue, 'items'>): boolean =>
  catalogue.items.find((item) => item.id === facts.piece.itemId)?.coded ?? false;

/** The sentence as plain text. */
export const sentenceText = (facts: TroubleFacts, coded: boolean, say: SentenceLexicon): string =>
  sentenceView(facts, coded, say)
    .map((part) => (typeof part === 'string' ? part : (part.full ?? part.text)))
    .join('');

/** Of a tag the sentence has what decides most: washing and bleach. */
const TAG_WORDS = 2;

const triedWords = ({ tried }: TroubleFacts, say: Lexicon): string =>
  tried.length === 0 ? 'nothing tried' : `tried ${listText(tried.map((product) => triedText(product, say)))}`;

/** "blood", "blood and soup", "grass, tomato and berry". */
function listText(words: readonly string[]): string {
  const last = words.at(-1) ?? '';
  return words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${last}` : last;
}

/** "palm-sized", "about 6 × 4 cm". */
export const sizeText = (size: TroubleFacts['size']): string =>
  typeof size === 'string' ? SIZE_TEXT[size] : `about ${size.length}\u00a0×\u00a0${size.width}\u00a0cm`;

/** The troubles of one plan as words. */
export const marksText = (markIds: readonly string[], say: Lexicon): string =>
  listText(markIds.map(say.name));

/** "red wine", "a scorch", "an unknown stain and sweets". */
const countedMarks = (markIds: readonly string[], say: SentenceLexicon): string =>
  listText(markIds.map((id) => (say.numberOf(id) === 'one' ? withArticle(say.name(id)) : say.name(id))));

/** As it is spoken: an unknown stain, a urine ring. */
const withArticle = (name: string): string =>
  `${/^(?!u[rs]|eu|one)[aeiou]/i.test(name) ? 'an' : 'a'} ${name}`;

/** "vinegar", "vinegar, hot, twice, to no effect". */
function triedText({ agentId, times, hot, effect, washedOut }: TriedProduct, say: Lexicon): string {
  const count = times === 1 ? [] : [times === 2 ? 'twice' : `${times} times`];
  const details = [
    ...(hot ? ['hot'] : []),
    ...count,
    ...(effect === 'nothing' ? ['to no effect'] : []),
    ...(washedOut === 'yes' ? ['washed out since'] : []),
  ];
  return [say.name(agentId), ...(details.length > 0 ? [`(${details.join(', ')})`] : [])].join(' ');
}

function leftText({ goneComponentIds }: TroubleFacts, say: Lexicon): string {
  return goneComponentIds.length === 0
    ? 'all of it left'
    : `all but ${listText(goneComponentIds.map(say.name))} left`;
}

export function pieceText({ piece }: TroubleFacts, say: Lexicon): string {
  if (piece.name) return `the ${piece.name}`;
  return piece.itemId ? `the ${say.name(piece.itemId)}` : 'some piece';
}

function fibreText({ piece }: TroubleFacts, say: Lexicon): string {
  const partTexts = piece.parts.map((part) => {
    const fibres =
      part.fibres.length === 0
        ? 'fibres unknown'
        : part.fibres
            .map((share) =>
              part.fibres.length === 1 && share.sharePct === 100
                ? say.name(share.fibreId)
                : `${say.name(share.fibreId)} ${share.sharePct} %`,
            )
            .join(' + ');
    return piece.parts.length > 1 ? `${fibres} (${part.name})` : fibres;
  });
  return listText(partTexts) || 'fibres unknown';
}

function colourText({ piece }: TroubleFacts): string {
  const colour = COLOUR_WORDS[piece.colour];
  return piece.colour === 'white' || piece.colour === 'unknown' || piece.fastness === 'unknown'
    ? colour
    : `${colour}, ${FASTNESS_WORDS[piece.fastness]}`;
}
