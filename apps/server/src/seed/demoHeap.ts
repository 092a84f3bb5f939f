import type { ChangedWash, NewHeapLine } from '@feverfew/contracts';
import { commonMachine } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import type { DemoPieceKey } from './demoPieces.js';

/** A line of the demo's heap: a piece of its book, or a handful. */
export type DemoLine = Partial<Omit<NewHeapLine, 'pieceId'>> & { readonly on?: DemoPieceKey };

/** Out of the drum, to be hung. */
export const wetLines: readonly DemoLine[] = [
  { itemId: 'bedSheet', name: 'flannel sheets', count: 2, set: 'attic bed' },
  { itemId: 'pillowcase', name: 'attic pillow slips', count: 2, set: 'attic bed' },
  { itemId: 'towel', name: 'hand towels', count: 3 },
  { itemId: 'handkerchief', name: 'handkerchiefs', count: 10 },
];

/** What five people, bees, a band and a terrier leave on the floor of one week. */
export const demoHeapLines: readonly DemoLine[] = [
  { itemId: 'bedSheet', name: 'percale sheets', count: 2, set: 'big bed' },
  { itemId: 'duvetCover', name: 'duvet cover', set: 'big bed' },
  { on: 'percaleCase', count: 1, set: 'big bed' },
  { on: 'bathTowels' },
  { on: 'damaskCloth' },
  { itemId: 'tableLinen', name: 'napkins', count: 8, colour: 'natural', massG: 480 },
  { on: 'honeyMuslins', use: 'plain' },
  { on: 'lockShirts' },
  { on: 'schoolPolo' },
  { on: 'beeSmock', solvent: 'smells' },
  { on: 'waistcoat' },
  { on: 'merinoLayer' },
  { on: 'blouse' },
  { on: 'canalShorts', count: 1 },
  { itemId: 'jeans', name: 'new jeans', colour: 'dark', fastness: 'failed' },
  { itemId: 'jeans', name: 'old jeans', count: 2, colour: 'mid' },
  { itemId: 'tShirt', name: 'band T-shirts', count: 5, colour: 'dark' },
  { itemId: 'socks', name: 'dark socks', count: 9, colour: 'dark' },
  { itemId: 'underwear', name: 'white underwear', count: 12 },
  { itemId: 'sweatshirt', name: 'sweatshirts', count: 2, colour: 'mid' },
  { itemId: 'strainingCloth', name: 'tea towels and dishcloths', count: 8, soil: 'heavy' },
  { itemId: 'leggings', name: 'running tights', colour: 'dark', count: 2 },
  { itemId: 'childNightwear', name: 'children’s pyjamas', count: 2, colour: 'pale' },
  { itemId: 'workwear', name: 'allotment overalls', colour: 'dark', soil: 'heavy' },
  { itemId: 'petBed', name: 'terrier’s blanket', colour: 'mid', soil: 'heavy' },
];

export const demoWashing = (knowledge: Knowledge): ChangedWash => ({
  machine: asOwn(knowledge),
  dryerG: 7000,
  ropeM: 11,
});

function asOwn(knowledge: Knowledge): NonNullable<ChangedWash['machine']> {
  const { programmes, ...machine } = commonMachine(8000, knowledge);
  return {
    ...machine,
    guessed: false,
    programmes: programmes.map((one) => ({ ...one, tempsC: [...one.tempsC] })),
  };
}
