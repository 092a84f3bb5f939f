import { EMPTY_FACTS, planTreatment } from '@feverfew/core';
import { loadKnowledge } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import {
  HouseholdShape,
  NewPiece,
  NewRunEvent,
  NewTrouble,
  PieceFactsShape,
  PlanShape,
  TroubleFactsShape,
} from './index.js';

const piece = {
  ...EMPTY_FACTS.piece,
  itemId: 'tableLinen',
  name: 'cloth',
  parts: [{ name: 'whole piece', fibres: [{ fibreId: 'linen', sharePct: 100 }] }],
  colour: 'white',
} as const;
const facts = {
  ...EMPTY_FACTS,
  markIds: ['beetroot'],
  piece,
  partIndex: 0,
  age: 'hours',
  wetness: 'dry',
  heat: 'none',
  size: { length: 6, width: 4 },
} as const;
const household = {
  taps: { coldC: 11, hotC: 52, kettleL: 1.7 },
  hardnessMgL: 290,
  roomC: 20,
  vessels: [],
  tools: ['jug'],
  ownMeasures: [],
  hasScale: false,
  hasMachine: true,
  hasDryer: false,
  cupboard: [],
  products: [],
  asthma: false,
  pregnancy: false,
  baby: false,
  pets: false,
  septicTank: false,
  boraxSold: false,
  allowChlorine: false,
  allowAmmonia: false,
  allowOxalic: false,
  positions: {},
};
const faults = (result: {
  success: boolean;
  error?: { issues: readonly { path: PropertyKey[] }[] } | undefined;
}) => (result.error?.issues ?? []).map((issue) => issue.path.join('.'));

describe('contracts', () => {
  it('take every plan the core can make of a whole set of facts', () => {
    const knowledge = loadKnowledge();
    for (const mark of knowledge.marks) {
      const home = HouseholdShape.parse(household) as Parameters<typeof planTreatment>[1];
      PlanShape.parse(
        planTreatment(
          { ...TroubleFactsShape.parse(facts), markIds: [mark.id], reach: 'shop' },
          home,
          knowledge,
        ),
      );
    }
  });
  it.each([
    [{ ...facts, size: { length: Number.NaN, width: 4 } }, 'size'],
    [{ ...facts, size: { length: 6, width: 900 } }, 'size.width'],
    [{ ...facts, age: 'yesterday' }, 'age'],
    [{ ...facts, partIndex: -1 }, 'partIndex'],
    [{ ...facts, markIds: [...'abcdefg'] }, 'markIds'],
    [
      {
        ...facts,
        tried: [{ agentId: 'vinegar', times: 0, effect: 'some', hot: false, washedOut: 'unknown' }],
      },
      'tried.0.times',
    ],
    [{ ...facts, reach: 'moon' }, 'reach'],
    [{ ...facts, markIds: ['Beet root!'] }, 'markIds.0'],
    [{ ...facts, piece: { ...piece, dryMassG: 2 } }, 'piece.dryMassG'],
    [
      { ...facts, piece: { ...piece, label: { wash: { kind: 'machine', maxC: 45, bars: 0 } } } },
      'piece.label.wash.maxC',
    ],
  ])('refuse %#, at its place', (broken, path) => {
    expect(faults(TroubleFactsShape.safeParse(broken))).toContain(path);
  });
  it('refuse a blend that is not whole, and take one a point off', () => {
    const blend = (...shares: number[]) =>
      PieceFactsShape.safeParse({
        ...piece,
        parts: [
          {
            name: 'shell',
            fibres: shares.map((sharePct, index) => ({
              fibreId: ['cotton', 'wool', 'silk'][index],
              sharePct,
            })),
          },
        ],
      });
    expect(faults(blend(80, 60))).toEqual(['parts.0.fibres']);
    expect(blend(33, 33, 33).success).toBe(true);
    expect(blend().success).toBe(true);
  });
  it('want a name for a piece in the book, and a mark and a piece for a trouble', () => {
    expect(faults(NewPiece.safeParse({ ...piece, name: ' ', note: '' }))).toEqual(['name']);
    expect(faults(NewTrouble.safeParse({ pieceId: null, facts: { ...facts, markIds: [] } }))).toEqual([
      'facts.markIds',
    ]);
  });
  it('let no event carry its own time', () => {
    expect(
      NewRunEvent.safeParse({
        key: crypto.randomUUID(),
        event: { kind: 'undone', at: '2020-01-01T00:00:00.000Z' },
      }).success,
    ).toBe(false);
    expect(NewRunEvent.safeParse({ key: 'once', event: { kind: 'undone' } }).success).toBe(false);
  });
});
