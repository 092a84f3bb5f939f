import type { Catalogue, PieceSummary, RunningEntry, TroubleSummary } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { countOf, drawnPiece, inOrder, shelvedPieces, shortBlend } from './shelves';

const item = (id: string, more: object = {}) => ({
  id,
  icon: 'household',
  silhouette: 'cloth',
  isHung: false,
  dryMassG: 600,
  ...more,
});
const kinds = {
  items: [
    item('cloth'),
    item('shirt', { icon: 'garment', silhouette: 'top', dryMassG: 200 }),
    item('coat', { icon: 'garment', silhouette: 'top', isHung: true }),
    item('rug', { icon: 'floor', silhouette: 'roll' }),
    item('mattress', { icon: 'bedding', silhouette: 'block' }),
  ],
  fibres: [
    { id: 'cotton', group: 'cellulose' },
    { id: 'polyester', group: 'synthetic' },
  ],
} as unknown as Pick<Catalogue, 'items' | 'fibres'>;
const piece = (itemId: string, more: object = {}): PieceSummary =>
  ({
    id: itemId,
    itemId,
    name: itemId,
    parts: [{ name: 'whole piece', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }],
    colour: 'white',
    dryMassG: null,
    wear: [],
    due: [],
    lastAt: null,
    ...more,
  }) as unknown as PieceSummary;
const house = { ...kinds, open: [] as TroubleSummary[], running: [] as RunningEntry[] };
const say = { name: (id: string) => id } as never;

describe('the shelves', () => {
  it('are chosen by how a piece is kept', () => {
    const all = ['cloth', 'shirt', 'coat', 'rug', 'mattress'].map((id) => piece(id));
    expect(shelvedPieces(all, house).map(({ shelf }) => shelf)).toEqual([
      'linen',
      'clothes',
      'rail',
      'place',
      'place',
    ]);
  });
  it('show the most urgent need first, and count each', () => {
    const open = [{ pieceId: 'cloth', markIds: ['wine'] }] as unknown as TroubleSummary[];
    const running = [{ pieceId: 'shirt', place: { kind: 'vessel' } }] as unknown as RunningEntry[];
    const all = [piece('cloth', { due: [{}] }), piece('shirt'), piece('rug', { wear: [{}] })];
    const shelved = shelvedPieces(all, { ...house, open, running });
    expect(shelved.map(({ states }) => states)).toEqual([['trouble', 'due'], ['water'], ['worn']]);
    expect(countOf(shelved, 'trouble')).toBe(1);
    expect(countOf(shelved, 'due')).toBe(1);
  });
  it('leave an outline of what is in a vessel, and the piece itself where the work goes to it', () => {
    const at = (kind: string) => [{ pieceId: 'rug', place: { kind } }] as unknown as RunningEntry[];
    const away = (kind: string) =>
      shelvedPieces([piece('rug')], { ...house, running: at(kind) })[0]?.drawn.isAway;
    expect(away('vessel')).toBe(true);
    expect(away('place')).toBe(false);
  });
  it('draw the mass of the kind where a piece was never weighed, and the fibre most of it is made of', () => {
    const now = { isMarked: false, isAway: false };
    expect(drawnPiece(piece('shirt'), kinds, now)).toMatchObject({ massG: 200, silhouette: 'top' });
    expect(drawnPiece(piece('shirt', { dryMassG: 90 }), kinds, now).massG).toBe(90);
    const blend = [
      { fibreId: 'cotton', sharePct: 35 },
      { fibreId: 'polyester', sharePct: 65 },
    ];
    const mixed = piece('shirt', { parts: [{ name: 'whole piece', fibres: blend }] });
    expect(drawnPiece(mixed, kinds, now).group).toBe('synthetic');
    expect(drawnPiece(piece('shirt', { parts: [] }), kinds, now).group).toBe('unknown');
    expect(shortBlend(mixed, say)).toBe('polyester–cotton');
  });
  it('name the lining of a lined piece, and say where fibres were not entered', () => {
    const part = (name: string, fibreId: string) => ({ name, fibres: [{ fibreId, sharePct: 100 }] });
    const lined = piece('coat', { parts: [part('shell', 'wool'), part('lining', 'viscose')] });
    expect(shortBlend(lined, say)).toBe('wool, viscose lining');
    expect(shortBlend(piece('coat', { parts: [] }), say)).toBe('fibres not entered');
  });
  it('are ordered by name, or by the latest trouble, pieces without one last', () => {
    const all = [
      piece('b', { lastAt: null }),
      piece('c', { lastAt: '2026-01-02' }),
      piece('a', { lastAt: '2026-01-01' }),
    ];
    const order = (by: 'name' | 'lately' | 'shelf') =>
      inOrder(all, by)
        .map(({ name }) => name)
        .join('');
    expect(order('name')).toBe('abc');
    expect(order('lately')).toBe('cab');
    expect(order('shelf')).toBe('bca');
  });
});
