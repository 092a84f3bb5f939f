import type { HeapEntry } from '../load/heapEntry.js';
import type { CareLabel } from '../textile/careLabel.js';
import { BLANK_LABEL } from '../textile/careLabel.js';
import { EMPTY_FACTS, type TriedProduct } from '../trouble/troubleFacts.js';
import { drawn } from './drawn.js';

/** Pieces heaps are drawn from: what it is, of what, and the tags such a piece may carry. */
const PIECES: readonly (readonly [string, Readonly<Record<string, number>>, readonly Tag[]])[] = [
  ['bedSheet', { cotton: 100 }, ['60', '95', 'none']],
  ['pillowcase', { cotton: 100 }, ['60', '40']],
  ['duvetCover', { cotton: 60, polyester: 40 }, ['60', '40mild']],
  ['towel', { cotton: 100 }, ['60', '95', 'none']],
  ['tableLinen', { linen: 100 }, ['60', '40']],
  ['strainingCloth', { cotton: 100 }, ['60', '95', 'none']],
  ['clothNappy', { cotton: 100 }, ['60', '40']],
  ['shirt', { cotton: 100 }, ['40', '60', '30mild']],
  ['shirt', { viscose: 100 }, ['30mild', '40mild', 'hand']],
  ['tShirt', { cotton: 100 }, ['40', '30', 'none']],
  ['jeans', { cotton: 98, elastane: 2 }, ['40', '30']],
  ['workwear', { cotton: 65, polyester: 35 }, ['60', '40']],
  ['jumper', { wool: 100 }, ['30wool', 'hand', 'never']],
  ['sportsTop', { polyester: 88, elastane: 12 }, ['40mild', '30mild']],
  ['leggings', { polyamide: 80, elastane: 20 }, ['30mild', '40mild']],
  ['fleeceJacket', { polyester: 100 }, ['40mild', '30']],
  ['socks', { cotton: 75, polyamide: 23, elastane: 2 }, ['40', '60', 'none']],
  ['underwear', { cotton: 95, elastane: 5 }, ['60', '40']],
  ['coatedJacket', { polyester: 80, coating: 20 }, ['30mild']],
  ['duvet', { cotton: 100 }, ['60', '40mild']],
  ['babyClothes', { cotton: 100 }, ['60', '40']],
  ['curtain', { cotton: 100 }, ['40mild', '60']],
  ['scarf', { silk: 100 }, ['30wool', 'hand']],
];

type Tag = '95' | '60' | '40' | '30' | '40mild' | '30mild' | '30wool' | 'hand' | 'never' | 'none';

const machine = (maxC: 30 | 40 | 60 | 95, bars: 0 | 1 | 2): CareLabel => ({
  ...BLANK_LABEL,
  wash: { kind: 'machine', maxC, bars },
});
const TAGS: Readonly<Record<Tag, CareLabel | null>> = {
  '95': machine(95, 0),
  '60': machine(60, 0),
  '40': machine(40, 0),
  '30': machine(30, 0),
  '40mild': machine(40, 1),
  '30mild': machine(30, 1),
  '30wool': machine(30, 2),
  hand: { ...BLANK_LABEL, wash: { kind: 'hand' } },
  never: { ...BLANK_LABEL, wash: { kind: 'never' } },
  none: null,
};

const COLOURS = ['white', 'white', 'natural', 'pale', 'mid', 'dark', 'dark', 'multicoloured'] as const;
const FASTNESSES = ['proven', 'proven', 'unknown', 'failed'] as const;
const BLEACHES = ['any', 'oxygenOnly', 'never', null] as const;
const TUMBLES = ['normal', 'low', 'never', null] as const;

/** Troubles that keep a piece out of drums or company, and those that keep chlorine and oxygen apart. */
const OPEN = [
  ...['fuelSpill', 'oilPaintMark', 'mothball', 'faeces', 'vomit', 'mildew', 'moths', 'toner'],
  ...['humanUrine', 'iodineMark', 'rust'],
];
/** What may have been put on it: what burns, what reacts, and what is harmless in a drum. */
const PUT_ON = [
  ...['petrol', 'mineralSpirits', 'acetone', 'isopropanol', 'turpentine'],
  ...[
    'chlorineBleach',
    'poolChlorineProduct',
    'ammonia',
    'strongRustRemover',
    'unknownProduct',
    'runRemover',
  ],
  ...['vinegar', 'dishDetergent', 'bakingSoda'],
];
const tried = (agentId: string): TriedProduct => ({
  agentId,
  times: 1,
  effect: 'unknown',
  hot: false,
  washedOut: agentId.length % 4 === 0 ? 'yes' : 'no',
});

/** Line of a heap number so and so. */
export function heapEntryCase(number: number): HeapEntry {
  const next = drawn(number);
  const of = <T>(list: readonly T[]): T => {
    const one = list[Math.floor(next() * list.length)];
    if (one === undefined) throw new Error('nothing to draw from');
    return one;
  };
  const [itemId, fibres, tags] = of(PIECES);
  const tag = TAGS[of(tags)];
  const solvent = next();
  const use = next();
  const history = next();
  return {
    id: `e${number}`,
    name: `${itemId} ${number}`,
    facts: {
      ...EMPTY_FACTS,
      markIds: next() < 0.1 ? [of(['beetroot', 'blood', 'redWine', 'egg'])] : history < 0.1 ? [of(OPEN)] : [],
      tried: history > 0.9 ? [tried(of(PUT_ON)), tried(of(PUT_ON))] : [],
      piece: {
        ...EMPTY_FACTS.piece,
        itemId,
        name: itemId,
        parts: [
          {
            name: 'whole piece',
            fibres: Object.entries(fibres).map(([fibreId, sharePct]) => ({ fibreId, sharePct })),
          },
        ],
        colour: of(COLOURS),
        fastness: of(FASTNESSES),
        label: tag && { ...tag, bleach: of(BLEACHES), tumble: of(TUMBLES) },
      },
    },
    count: 1 + Math.floor(next() * next() * 8),
    massG: next() < 0.2 ? Math.round(50 + next() * 2500) : null,
    soil: of(['light', 'usual', 'heavy'] as const),
    use: use < 0.8 ? null : use < 0.9 ? 'plain' : of(['sickBed', 'bodyFluid', 'kitchen']),
    solvent: solvent < 0.94 ? 'none' : solvent < 0.97 ? 'smells' : 'aired',
    fuel: next() < 0.01,
    inTreatment: next() < 0.02,
    set: next() < 0.15 ? of(['bed', 'table']) : null,
  };
}

/** Numbers of the lines in heap number so and so, out of a pool of so many. */
export function heapCase(number: number, size: number, pool: number): number[] {
  const next = drawn(number + 0.5);
  const numbers = new Set<number>();
  while (numbers.size < size) numbers.add(Math.floor(next() * pool));
  return [...numbers];
}
