import { BLANK_LABEL, EMPTY_FACTS, type Envelope, type Plan } from '@feverfew/contracts';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Lexicon } from '../../app/useLexicon';
import { dropDraft, EMPTY_DRAFT, keepDraft, readDraft, withItem, withPiece } from '../../facts/factsDraft';
import { labelText } from '../../facts/labelText';
import { frequentMarkIds, rememberMark } from '../../facts/recentMarks';
import { sentenceText, sentenceView } from '../../facts/sentenceView';
import { searchOptions } from '../../search/searchOptions';
import { chemistryView, pHFlags, tempFlags, upTo } from './limits/envelopeView';
import { planDifference } from './planDifference';

const say: Lexicon = {
  name: (id) => id,
  numberOf: () => 'mass',
  temp: (tempC) => `${tempC} °C`,
  volume: (volumeML) => `${volumeML} mL`,
};
const label = {
  ...BLANK_LABEL,
  wash: { kind: 'machine', maxC: 60, bars: 1 },
  bleach: 'oxygenOnly',
  tumble: 'low',
  shade: true,
} as const;

describe('the sentence', () => {
  it('stays readable with every blank open', () => {
    expect(sentenceText(EMPTY_FACTS, false, say)).toBe(
      'There is some trouble on some piece, wet or dry, size not entered; it came at an unknown time. Cloth: ' +
        'fibres unknown, any colour, in good condition, no metal; care label not entered. So far no heat, nothing tried, ' +
        'all of it left.',
    );
  });
  it('tells what is told', () => {
    const facts = {
      ...EMPTY_FACTS,
      markIds: ['beetroot'],
      age: 'hours' as const,
      size: { length: 6, width: 4 },
      piece: {
        ...EMPTY_FACTS.piece,
        itemId: 'tableLinen',
        name: 'damask cloth',
        colour: 'white' as const,
        label,
        parts: [{ name: 'whole piece', fibres: [{ fibreId: 'linen', sharePct: 100 }] }],
      },
    };
    expect(sentenceText(facts, false, say).replaceAll('\u00a0', ' ')).toContain(
      'There is beetroot on the damask cloth, wet or dry, about 6 × 4 cm; it came today. Cloth: linen, white, in good condition, ' +
        'no metal; the tag says 60° mild, oxygen only, tumble low, in shade.',
    );
  });
  it('tells several troubles, what was tried and how, and what is left', () => {
    const facts = {
      ...EMPTY_FACTS,
      markIds: ['grass', 'tomato', 'berry'],
      tried: [
        {
          agentId: 'vinegar',
          times: 2,
          effect: 'nothing' as const,
          hot: true,
          washedOut: 'unknown' as const,
        },
        {
          agentId: 'peroxide',
          times: 1,
          effect: 'unknown' as const,
          hot: false,
          washedOut: 'unknown' as const,
        },
      ],
      goneComponentIds: ['chlorophyll', 'sugar'],
    };
    const text = sentenceText(facts, false, say);
    expect(text).toContain('There is grass, tomato and berry on some piece');
    expect(text).toContain('tried vinegar (hot, twice, to no effect) and peroxide');
    expect(text).toContain('all but chlorophyll and sugar left.');
  });
  it('shows in short what decides: two words of the tag, nothing that is as usual; a metal part is told', () => {
    const short = (more: Partial<typeof EMPTY_FACTS.piece>) =>
      sentenceView({ ...EMPTY_FACTS, piece: { ...EMPTY_FACTS.piece, label, ...more } }, false, say, false)
        .map((part) => (typeof part === 'string' ? part : part.text))
        .join('');
    expect(short({})).toMatch(/any colour; the tag says 60° mild, oxygen only\.$/);
    expect(short({ metalParts: true })).toContain('any colour, metal on it; the tag');
    expect(short({ condition: 'worn' })).toContain('any colour, worn; the tag');
  });
  it.each([
    [{ heat: 'unknown' }, '. So far perhaps heat.'],
    [{ heat: 'ironed' }, '. So far the iron.'],
    [{ goneComponentIds: ['tannin'] }, '. So far all but tannin left.'],
  ] as const)('in short what happened to it: %o', (more, end) => {
    const facts = { ...EMPTY_FACTS, ...more, piece: { ...EMPTY_FACTS.piece, label } };
    const text = sentenceView(facts, false, say, false)
      .map((part) => (typeof part === 'string' ? part : part.text))
      .join('');
    expect(text.endsWith(end)).toBe(true);
  });
  it('asks for the code on furniture, and for the part where there are several', () => {
    const facts = {
      ...EMPTY_FACTS,
      piece: {
        ...EMPTY_FACTS.piece,
        code: 'W' as const,
        parts: [
          { name: 'shell', fibres: [] },
          { name: 'lining', fibres: [] },
        ],
      },
    };
    const ids = sentenceView(facts, true, say).flatMap((part) => (typeof part === 'string' ? [] : part.id));
    expect(ids).toContain('code');
    expect(ids).toContain('part');
    expect(ids).not.toContain('tag');
  });
  it('says when a tag has nothing readable on it', () => {
    expect(labelText({ ...BLANK_LABEL })).toBe('nothing readable');
  });
});

describe('the envelope on screen', () => {
  const limit = (maxC: number, fibreId: string) => ({
    quantity: 'tempC' as const,
    maxC,
    owner: { kind: 'fibre' as const, fibreId, sharePct: 50, part: 'whole piece' },
    protects: 'piece' as const,
    sourceIds: ['a'],
  });
  const envelope = {
    tempC: { max: 30, limits: [limit(30, 'wool'), limit(30, 'silk'), limit(60, 'cotton')] },
    pH: {
      min: 4,
      max: 8,
      weakAcidBrieflyMin: 4,
      limits: [{ ...limit(0, 'silk'), quantity: 'pH' as const, min: 4, max: 8, weakAcidBrieflyMin: 4 }],
    },
    chemistry: [
      {
        chemistry: 'chlorine',
        verdict: 'never',
        bounds: {},
        limits: [
          { ...limit(0, 'wool'), quantity: 'chemistry', chemistry: 'chlorine', verdict: 'never', bounds: {} },
        ],
      },
      {
        chemistry: 'percarbonate',
        verdict: 'never',
        bounds: {},
        limits: [
          {
            ...limit(0, 'wool'),
            quantity: 'chemistry',
            chemistry: 'percarbonate',
            verdict: 'never',
            bounds: {},
          },
        ],
      },
      { chemistry: 'detergent', verdict: 'allowed', bounds: {}, limits: [] },
    ],
  } as unknown as Envelope;

  it('puts limits of one value on one flag and marks the winner', () => {
    expect(tempFlags(envelope, say)).toEqual([
      { value: 30, owners: ['wool 50 %', 'silk 50 %'], sourceIds: ['a'], winning: true },
      { value: 60, owners: ['cotton 50 %'], sourceIds: ['a'], winning: false },
    ]);
    expect(pHFlags(envelope, 'max', say)).toMatchObject([{ value: 8, owners: ['silk 50 %'] }]);
  });
  it('groups forbidden chemistry by the fact that forbids it', () => {
    expect(chemistryView(envelope, say)).toMatchObject({
      allowed: ['detergent'],
      never: [{ owner: 'wool 50 %', names: ['oxygen bleach', 'chlorine bleach'] }],
    });
  });
  it('splits an order at the most allowed', () => {
    expect(upTo(['dry', 'surface', 'spot'], 'surface').map((step) => step.allowed)).toEqual([
      true,
      true,
      false,
    ]);
  });
});

describe('search', () => {
  const options = [
    { id: 'redWine', name: 'red wine', aliases: ['claret'] },
    { id: 'beetroot', name: 'beetroot', aliases: ['borscht'] },
    { id: 'petUrine', name: "pet's accident", aliases: ['dog', 'wee'] },
  ];
  it.each([
    ['claret', 'redWine'],
    ['beetrot', 'beetroot'],
    ['bor', 'beetroot'],
    ['dog', 'petUrine'],
  ])('finds by %s', (query, id) => {
    expect(searchOptions(options, query)[0]?.id).toBe(id);
  });
  it('shows all without a word, none for nonsense', () => {
    expect(searchOptions(options, ' ')).toHaveLength(3);
    expect(searchOptions(options, 'zzzzzz')).toEqual([]);
  });
});

describe('a draft', () => {
  beforeEach(() => {
    sessionStorage.clear();
    localStorage.clear();
  });
  it('outlives a reload and can be dropped', () => {
    keepDraft({ pieceId: null, facts: { ...EMPTY_FACTS, markIds: ['egg'] } });
    expect(readDraft().facts.markIds).toEqual(['egg']);
    dropDraft();
    expect(readDraft()).toEqual(EMPTY_DRAFT);
    sessionStorage.setItem('feverfew.draft.2', '{cut');
    expect(readDraft()).toEqual(EMPTY_DRAFT);
  });
  it('takes over a known piece, and starts a new one unknown', () => {
    const known = withPiece(EMPTY_DRAFT, {
      ...EMPTY_FACTS.piece,
      id: 'p1',
      itemId: 'scarf',
      name: 'silk scarf',
      colour: 'pale',
      note: '',
      createdAt: '',
      troubles: 0,
      lastAt: null,
      since: null,
      replacementCost: null,
      photoId: null,
      rounds: 0,
      exposure: { oxygenHours: 0, hotWashes: 0, machineWashes: 0, soakHours: 0, rounds: 0 },
      wear: [],
      due: [],
    });
    expect(known).toMatchObject({ pieceId: 'p1', facts: { piece: { name: 'silk scarf', colour: 'pale' } } });
    const fresh = withItem(known, { id: 'linedCoat', name: 'coat', partNames: ['shell', 'lining'] });
    expect(fresh).toMatchObject({
      pieceId: null,
      facts: {
        piece: {
          colour: 'unknown',
          parts: [
            { name: 'shell', fibres: [] },
            { name: 'lining', fibres: [] },
          ],
        },
      },
    });
  });
  it('remembers the last four marks, newest first', () => {
    for (const id of ['a', 'b', 'c', 'd', 'e', 'c']) rememberMark(id);
    expect(frequentMarkIds()).toEqual(['c', 'e', 'd', 'b']);
  });
});

describe('a plan that is made anew', () => {
  const facts = { ...EMPTY_FACTS, markIds: ['tea'] };
  const laid = (...ids: string[]) =>
    ({ facts, passes: [], rounds: [{ passes: ids.map((methodId) => ({ methodId })) }] }) as unknown as Plan;
  it('says what is new in its first round and what is gone, or that only the order is another', () => {
    expect(planDifference(laid('a', 'b'), laid('b', 'c'))).toEqual({ added: ['c'], gone: ['a'] });
    expect(planDifference(laid('a', 'b'), laid('b', 'a'))).toEqual({ added: [], gone: [] });
  });
  it('reads a plan from before there were rounds by its passes', () => {
    const old = { ...laid(), rounds: [], passes: [{ methodId: 'a' }] } as unknown as Plan;
    expect(planDifference(old, laid('a', 'wash'))).toEqual({ added: ['wash'], gone: [] });
  });
  it('says nothing where it begins alike, or where something else was told', () => {
    expect(planDifference(laid('a'), laid('a'))).toBeNull();
    expect(planDifference(laid('a'), { ...laid('b'), facts: { ...facts, age: 'days' } })).toBeNull();
    // Events in between, and the key order of a database, are not entered facts.
    const done = { ...laid('b'), facts: { ...facts, done: [{ methodId: 'a', rounds: 1, stalled: false }] } };
    expect(planDifference(laid('a'), done)).not.toBeNull();
  });
});
