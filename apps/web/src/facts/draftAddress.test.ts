import { BLANK_LABEL, EMPTY_FACTS, EMPTY_PIECE, NO_CHOICES } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { addressOf, draftToAddress } from './draftAddress';
import { draftFromAddress } from './draftFromAddress';
import { type Draft, EMPTY_DRAFT } from './factsDraft';

const told: Draft = {
  pieceId: '0c9d7e4a-5a54-4b43-9a53-0a5f9f0f7a11',
  facts: {
    ...EMPTY_FACTS,
    markIds: ['redWine', 'candleWax'],
    size: { length: 6, width: 4 },
    heat: 'ironed',
    piece: {
      ...EMPTY_PIECE,
      itemId: 'tableLinen',
      name: 'Großmutters “gutes” cloth',
      label: { ...BLANK_LABEL, wash: { kind: 'machine', maxC: 60, bars: 0 } },
    },
    choices: { ...NO_CHOICES, leftOut: ['oxygenSoak'], vessels: { bioSoak: 'sink' }, readyInMin: 240 },
  },
};

describe('what is told, in the address', () => {
  it('comes back as it was, with every choice, in letters an address takes', () => {
    const text = draftToAddress(told);
    expect(text).toMatch(/^[\w-]+$/);
    expect(draftFromAddress(text)).toEqual(told);
    expect(addressOf(told)).toBe(`/trouble?told=${text}`);
  });
  it('holds only what differs from nothing told', () => {
    expect(atob(draftToAddress(EMPTY_DRAFT))).toBe('{"facts":{}}');
    expect(draftFromAddress(draftToAddress(EMPTY_DRAFT))).toEqual(EMPTY_DRAFT);
  });
  it.each([
    ['nothing', null],
    ['what was cut', draftToAddress(told).slice(0, 40)],
    ['no text of ours', '%%%'],
    ['another list', btoa('[1,2]').replace(/=+$/, '')],
    ['an age there is not', btoa(JSON.stringify({ facts: { age: 'yesterday' } })).replace(/=+$/, '')],
    ['a field nobody knows', btoa(JSON.stringify({ facts: { evil: 1 } })).replace(/=+$/, '')],
  ])('tells nothing where it is %s', (_, text) => {
    expect(draftFromAddress(text)).toBeNull();
  });
});
