import type { Catalogue } from '@feverfew/contracts';
import { loadKnowledge } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { readHandfuls } from './readHandfuls';

const { items, clothKinds } = loadKnowledge();
/** What of the catalogue is asked here. */
const catalogue = { items, clothKinds } as unknown as Catalogue;
const read = (text: string) => readHandfuls(text, catalogue);
const told = (text: string) => {
  const [one] = read(text);
  const line = one?.line;
  return line && [line.count, line.itemId, line.colour, line.fastness, line.soil];
};

describe('a handful in words', () => {
  it.each([
    ['6 dark socks', [6, 'socks', 'dark', 'proven', 'usual']],
    ['2 bath towels', [2, 'towel', null, 'proven', 'usual']],
    ['a duvet cover', [1, 'duvetCover', null, 'proven', 'usual']],
    ['three new jeans', [3, 'jeans', null, 'unknown', 'usual']],
    ['4x muddy overalls', [4, 'workwear', null, 'proven', 'heavy']],
    ['t-shirts x4', [4, 'tShirt', null, 'proven', 'usual']],
    ['t-shirts × 4', [4, 'tShirt', null, 'proven', 'usual']],
    ['a pair of jeans', [1, 'jeans', null, 'proven', 'usual']],
    ['3 pairs of white socks', [3, 'socks', 'white', 'proven', 'usual']],
    ['bed sheets', [2, 'bedSheet', null, 'proven', 'usual']],
    ['tea towels', [4, 'strainingCloth', null, 'proven', 'usual']],
    ['jeans', [1, 'jeans', null, 'proven', 'usual']],
    ['dark leggings', [1, 'leggings', 'dark', 'proven', 'usual']],
    ['a dress', [1, 'dress', null, 'proven', 'usual']],
    ['the sheet', [1, 'bedSheet', null, 'proven', 'usual']],
    ['striped shirt', [1, 'shirt', 'multicoloured', 'proven', 'usual']],
    ['a dozen napkins', [12, 'tableLinen', null, 'proven', 'usual']],
  ])('%s', (text, expected) => {
    expect(told(text)).toEqual(expected);
  });

  it('reads several between commas, and tells back what it did not understand', () => {
    const all = read('6 socks, 2 gloobs; a fleece\n3 shirts and 2 jeans');
    expect(all.map(({ text, line }) => [text, line?.itemId ?? null])).toEqual([
      ['6 socks', 'socks'],
      ['2 gloobs', null],
      ['a fleece', 'fleeceJacket'],
      ['3 shirts', 'shirt'],
      ['2 jeans', 'jeans'],
    ]);
    expect(read(' , ;')).toEqual([]);
    expect(told('7')).toBeNull();
  });
});
