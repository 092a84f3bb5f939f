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
    ['2 bath towels', [2, 'towel', 'white', 'proven', 'usual']],
    ['a duvet cover', [1, 'duvetCover', 'white', 'proven', 'usual']],
    ['three new jeans', [3, 'jeans', 'dark', 'unknown', 'usual']],
    ['4x muddy overalls', [4, 'workwear', 'dark', 'proven', 'heavy']],
    ['striped shirt', [1, 'shirt', 'multicoloured', 'proven', 'usual']],
    ['a dozen napkins', [12, 'tableLinen', 'white', 'proven', 'usual']],
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
