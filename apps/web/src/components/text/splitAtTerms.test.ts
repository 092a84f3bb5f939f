import { loadKnowledge } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { splitAtTerms } from './splitAtTerms';

const { words } = loadKnowledge();
const found = (text: string) => splitAtTerms(text, words).flatMap(({ term }) => term?.id ?? []);

describe('words of the trade in a text', () => {
  it('are each explained where they first stand, and the text stays what it was', () => {
    const text = 'Tannin sets in soap; tannin and pH 10 of a colour-run reducer, code W.';
    const cuts = splitAtTerms(text, words);
    expect(cuts.map((cut) => cut.text).join('')).toBe(text);
    expect(found(text)).toEqual(['tannin', 'pH', 'reducer', 'upholsteryCode']);
  });
  it('are whole words: no pH in a name, no fast that is only quick', () => {
    expect(found('Phial. Dries fast. A set of four. Alkaline-free.')).toEqual([]);
    expect(found('White, or fast in a hidden test.')).toEqual(['fastness', 'hiddenTest']);
  });
  it('has a line for each of the words that stopped first-time users, in words without the trade', () => {
    const ids = words.map(({ id }) => id);
    for (const id of ['pH', 'tannin', 'peroxygen', 'fastness', 'reducer', 'upholsteryCode'])
      expect(ids).toContain(id);
    for (const { id, line } of words) {
      expect(line.length, id).toBeGreaterThan(20);
      // A line may lean on another word of the list, never on itself.
      expect(found(line), id).not.toContain(id);
    }
  });
});
