import { readSentence } from '@feverfew/contracts';
import { loadKnowledge } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { catalogueFor } from '../../../test/catalogueFor';
import { saidView } from './saidView';

const SAID = 'my husband has asthma, soot on the tablecloth, I have only vinegar';
const nameOf = (id: string) => id;

describe('the sentence as it was understood', () => {
  const reading = readSentence(SAID, catalogueFor(loadKnowledge()));
  const view = (facts = reading.facts) => saidView(SAID, reading, facts, nameOf);
  it('shows people and products of the house, and where they are taken out', () => {
    const of = (facts = reading.facts) =>
      view(facts)
        .filter(({ text }) => ['asthma', 'vinegar'].includes(text))
        .map(({ caption, state, blank }) => [caption, state, blank]);
    expect(of()).toEqual([
      ['asthma', 'held', 'mentioned'],
      ['in the house', 'held', 'mentioned'],
    ]);
    expect(of({ ...reading.facts, people: [] })).toEqual([
      ['asthma', 'changed', 'mentioned'],
      ['in the house', 'held', 'mentioned'],
    ]);
    expect(of({ ...reading.facts, people: [], inHouse: [] })).toEqual([
      ['asthma', 'changed', null],
      ['in the house', 'changed', null],
    ]);
  });
});
