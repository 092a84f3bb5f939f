import type { ComparedPosition } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { comparedRows } from './comparedView';

const way = (more: Partial<ComparedPosition> = {}): ComparedPosition =>
  ({
    positionId: 'one',
    isFollowed: true,
    ownMethodIds: [],
    gone: { low: 0.3, high: 0.7 },
    oddsGone: 0.32,
    handsOnMin: 23,
    totalMin: { low: 600, high: 1200 },
    cost: { amount: 0.5, isAtLeast: false, isUnknown: false },
    worstRisk: 'low',
    ...more,
  }) as ComparedPosition;

const rowOf = (id: string, a: ComparedPosition, b: ComparedPosition) =>
  comparedRows(a, b, '€').rows.find((row) => row.id === id);

describe('two ways held against each other', () => {
  it('show no row where they are alike, and say what is the same', () => {
    const { rows, same } = comparedRows(way(), way(), '€');
    expect(rows).toEqual([]);
    expect(same).toContain('how much goes: 30–70 %');
    expect(same).toContain('of ten such marks: 3 of 10');
  });
  it.each([
    ['gone', { gone: { low: 0.5, high: 0.9 } }, 'b', 'more'],
    ['gone', { gone: { low: 0.1, high: 0.5 } }, 'a', 'more'],
    // A little more at one end is no difference to an eye.
    ['gone', { gone: { low: 0.3, high: 0.75 } }, null, 'more'],
    ['odds', { oddsGone: 0.61 }, 'b', 'surer'],
    ['time', { totalMin: { low: 120, high: 240 } }, 'b', 'sooner'],
    ['time', { totalMin: { low: 600, high: 1320 } }, null, 'sooner'],
    ['cost', { cost: { amount: 1, isAtLeast: true, isUnknown: false } }, 'a', 'cheaper'],
    ['cost', { cost: { amount: 0.55, isAtLeast: false, isUnknown: false } }, null, 'cheaper'],
    ['risk', { worstRisk: 'high' }, 'a', 'safer'],
    ['risk', { worstRisk: null }, null, 'safer'],
  ] as const)('%s of %o is better at %s', (id, more, better, word) => {
    const row = rowOf(id, way(), way(more as Partial<ComparedPosition>));
    expect([row?.better, row?.word]).toEqual([better, word]);
  });
  it('put both on one line: shares from all there to gone, times from now to the later of them', () => {
    const gone = rowOf('gone', way(), way({ gone: { low: 0.5, high: 0.9 } }));
    expect([gone?.a.span, gone?.b.span]).toEqual([
      { from: 0.3, to: 0.7 },
      { from: 0.5, to: 0.9 },
    ]);
    const time = rowOf('time', way(), way({ totalMin: { low: 300, high: 600 } }));
    expect([time?.a.span, time?.b.span]).toEqual([
      { from: 0.5, to: 1 },
      { from: 0.25, to: 0.5 },
    ]);
    expect(time?.a.below).toBe('23 min yours');
  });
  it('leave out a cost that is not known, and draw nothing for a way that cannot be gone', () => {
    const unknown = { amount: 0, isAtLeast: true, isUnknown: true };
    expect(rowOf('cost', way(), way({ cost: unknown }))).toBeUndefined();
    const none = way({ gone: null, oddsGone: null });
    expect(rowOf('gone', way(), none)?.b).toMatchObject({ text: '—', span: null });
    expect(rowOf('odds', way(), none)?.b.text).toBe('—');
  });
});
