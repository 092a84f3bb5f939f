import { BLANK_LABEL, type TroubleFacts } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { loadKinds } from './loadKinds';

const piece = (of: Partial<TroubleFacts['piece']>): Pick<TroubleFacts, 'piece'> => ({
  piece: {
    itemId: 'tShirt',
    name: '',
    parts: [],
    colour: 'unknown',
    fastness: 'unknown',
    condition: 'sound',
    label: null,
    code: null,
    dryMassG: null,
    metalParts: false,
    ...of,
  },
});
const chosen = (facts: Pick<TroubleFacts, 'piece'>) =>
  loadKinds(facts).flatMap(({ name, isChosen }) => (isChosen ? [name] : []));
const change = (facts: Pick<TroubleFacts, 'piece'>, name: string) =>
  loadKinds(facts).find((kind) => kind.name === name)?.change.piece;

describe('the kinds of pieces in a load', () => {
  it('shows none as chosen while the colour is not known', () => {
    expect(chosen(piece({}))).toEqual([]);
  });
  it.each([
    ['Whites', piece({ colour: 'white' })],
    ['Colours', piece({ colour: 'multicoloured' })],
    [
      'Wool or silk',
      piece({ colour: 'white', parts: [{ name: '', fibres: [{ fibreId: 'silk', sharePct: 100 }] }] }),
    ],
  ])('knows %s', (name, facts) => {
    expect(chosen(facts)).toEqual([name]);
  });
  it('keeps the tag and the fibres between whites and colours', () => {
    const tag = { ...BLANK_LABEL, wash: { kind: 'machine', maxC: 60, bars: 0 } } as const;
    const cotton = [{ name: '', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }];
    const made = change(piece({ colour: 'white', label: tag, parts: cotton }), 'Colours');
    expect(made).toMatchObject({ colour: 'mid', label: tag, parts: cotton });
  });
  it('goes by hand with wool, and forgets that again with whites', () => {
    const wool = change(piece({ colour: 'mid' }), 'Wool or silk');
    expect(wool).toMatchObject({
      label: { wash: { kind: 'hand' } },
      parts: [{ fibres: [{ fibreId: 'wool' }] }],
    });
    if (wool)
      expect(change({ piece: wool }, 'Whites')).toMatchObject({ colour: 'white', label: null, parts: [] });
  });
});
