import type { Catalogue, PieceSummary } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { draftOf, readWords } from '../../facts/readWords';

const named = (id: string, name: string, ...aliases: string[]) => ({ id, name, aliases });
const catalogue = {
  marks: [
    named('redWine', 'red wine', 'claret'),
    named('whiteWine', 'white wine or cider'),
    named('blood', 'blood'),
    named('soup', 'soup', 'broth'),
    named('grass', 'grass'),
    named('mud', 'mud'),
    named('rust', 'rust'),
  ],
  items: [
    { ...named('armchair', 'armchair or sofa', 'settee', 'couch'), partNames: ['cover', 'filling'] },
    { ...named('mattress', 'mattress'), partNames: ['ticking'] },
    { ...named('jumper', 'jumper or cardigan', 'sweater'), partNames: ['whole piece'] },
    { ...named('jeans', 'jeans'), partNames: ['whole piece'] },
    { ...named('shirt', 'shirt'), partNames: ['whole piece'] },
    { ...named('tShirt', 'T-shirt', 'tee'), partNames: ['whole piece'] },
    { ...named('tableLinen', 'table linen', 'tablecloth'), partNames: ['whole piece'] },
  ],
} as unknown as Catalogue;
const pieces = [
  { id: 'p1', name: 'lawn petticoat', itemId: 'petticoat' },
  { id: 'p2', name: 'the keeper’s shirts', itemId: 'shirt' },
] as unknown as PieceSummary[];
const read = (text: string) => {
  const { markIds, itemId, pieceId, age, wetness, colour } = readWords(text, catalogue, pieces);
  return { markIds, on: itemId ?? pieceId, age, wetness, colour };
};

describe('words typed in one go', () => {
  it.each([
    ['red wine sofa', ['redWine'], 'armchair'],
    ['blood and soup on the mattress', ['blood', 'soup'], 'mattress'],
    ['grass mud jeans', ['grass', 'mud'], 'jeans'],
    ['rust petticoat', ['rust'], 'p1'],
    ['claret tableclth', ['redWine'], 'tableLinen'],
    ['mud on the shirt', ['mud'], 'p2'],
    ['mud on the white t-shirt', ['mud'], 'tShirt'],
  ])('"%s" names trouble and piece', (text, markIds, on) => {
    expect(read(text)).toMatchObject({ markIds, on });
  });
  it('take no red wine out of a red jumper', () => {
    expect(read('mud on the red jumper')).toMatchObject({ markIds: ['mud'], on: 'jumper' });
  });
  it('tell white wine from a white cloth', () => {
    expect(read('white wine on a white tablecloth')).toMatchObject({
      markIds: ['whiteWine'],
      on: 'tableLinen',
      colour: 'white',
    });
    expect(read('rust on a white tablecloth')).toMatchObject({ markIds: ['rust'], colour: 'white' });
  });
  it('carry age and wetness along', () => {
    expect(read('fresh red wine sofa')).toMatchObject({ age: 'minutes', wetness: 'wet' });
    expect(read('week old blood mattress')).toMatchObject({ age: 'weeks' });
  });
  it('become a draft with the parts of the piece', () => {
    const { facts } = draftOf(readWords('red wine sofa', catalogue, pieces), catalogue, pieces);
    expect(facts.markIds).toEqual(['redWine']);
    expect(facts.piece).toMatchObject({
      itemId: 'armchair',
      parts: [{ name: 'cover' }, { name: 'filling' }],
    });
  });
  it('say nothing where they know nothing', () => {
    expect(read('moonlight on the lake')).toMatchObject({ markIds: [], on: null });
    expect(read('')).toMatchObject({ markIds: [], on: null });
  });
});
