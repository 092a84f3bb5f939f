import type { Catalogue, PieceSummary } from '@feverfew/contracts';
import { loadKnowledge } from '@feverfew/knowledge';
import { describe, expect, it, vi } from 'vitest';
import { catalogueFor } from '../../test/catalogueFor';
import { findEverything, warmSearch } from './findView';

const catalogue: Catalogue = catalogueFor(loadKnowledge());
const pieces = [
  { id: 'p1', name: 'lawn petticoat', itemId: 'petticoat', colour: 'white', parts: [] },
] as unknown as PieceSummary[];
const say = { name: (id: string) => id } as never;
const find = (text: string) => findEverything(text, catalogue, pieces, say);

describe('words typed in one go', () => {
  it('become a trouble being told, with the parts of the piece and the words they came from', () => {
    const draft = find('red wine sofa').answers[0]?.draft;
    expect(draft).toMatchObject({ pieceId: null, said: 'red wine sofa', facts: { markIds: ['redWine'] } });
    expect(draft?.facts.piece.parts.map(({ name }) => name)).toEqual(['cover', 'filling']);
  });
  it('take a piece of the house only by its whole name', () => {
    expect(find('rust on the lawn petticoat').told?.draft?.pieceId).toBe('p1');
    expect(find('rust on the petticoat').told?.draft?.pieceId).toBeNull();
  });
  it('that name only a piece look it up, and can be told', () => {
    const { told, answers } = find('blouse');
    expect(answers[0]).toMatchObject({ id: 'items.shirt', draft: null });
    expect(told?.draft?.facts).toMatchObject({ markIds: [], piece: { itemId: 'shirt' } });
  });
  it('that tell nothing name no trouble', () => {
    expect(find('moonlight on the lake').told).toBeNull();
    expect(find('').told).toBeNull();
    expect(find('👍').answers).toEqual([]);
  });
  it('that name a danger and nothing ordinary are not told', () => {
    const { told, answers } = find('climbing harness');
    expect(told).toBeNull();
    expect(answers[0]?.isDanger).toBe(true);
  });
});

describe('a page that stays open', () => {
  it('makes every index the first letter needs, one in each idle moment', () => {
    const own = catalogueFor(loadKnowledge());
    let idle = 0;
    vi.stubGlobal('window', {
      requestIdleCallback: (task: () => void) => {
        idle += 1;
        task();
      },
    });
    warmSearch(own);
    vi.unstubAllGlobals();
    expect(idle).toBe(9);
    const times = Array.from({ length: 5 }, () => {
      const start = performance.now();
      expect(findEverything('c', own, pieces, say).answers.length).toBeGreaterThan(0);
      return performance.now() - start;
    });
    const fresh = catalogueFor(loadKnowledge());
    const cold = performance.now();
    findEverything('c', fresh, pieces, say);
    expect(Math.min(...times)).toBeLessThan((performance.now() - cold) / 2);
  });
});
