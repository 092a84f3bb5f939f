import { AGES, COLOURS, CONDITIONS, UPHOLSTERY_CODES } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { knowledge } from '../test/fixtures.js';
import { sentenceCatalogue } from '../test/sentences/sentenceCatalogue.js';
import { PLACES } from '../trouble/place.js';
import { SIZE_WORDS } from '../trouble/size.js';
import { HEATS, WETNESSES } from '../trouble/troubleFacts.js';
import { readSentence } from './readSentence.js';

/** What the planner understands of each kind of word; a value it does not know would silently tell nothing. */
const VOCABULARY: Readonly<Record<string, readonly string[]>> = {
  age: AGES,
  colour: COLOURS,
  condition: CONDITIONS,
  code: UPHOLSTERY_CODES,
  heat: HEATS,
  place: PLACES,
  size: SIZE_WORDS,
  wetness: WETNESSES,
};

const catalogue = sentenceCatalogue(knowledge);

describe('the values of typed words', () => {
  it.each(Object.entries(VOCABULARY))('of %s are known to the planner', (kind, known) => {
    const values = knowledge.typedWords.filter((word) => word.kind === kind).map(({ value }) => value);
    expect(values.length).toBeGreaterThan(0);
    expect(values.filter((value) => !known.includes(value))).toEqual([]);
  });
  it.each(['label', 'due'])('of %s each change the facts of a sentence', (kind) => {
    const silent = knowledge.typedWords
      .filter((word) => word.kind === kind)
      .filter(({ value, phrases }) => {
        const plain = phrases.find((phrase) => /^[a-z ]+$/.test(phrase)) ?? phrases[0] ?? value;
        const words = plain.replace(/\(([^|)]*)\|?[^)]*\)/g, '$1').replace('#', '2');
        const { facts } = readSentence(`coffee on a shirt, ${words}`, catalogue, []);
        return kind === 'label' ? facts.piece.label === null : !facts.choices?.readyInMin;
      });
    expect(silent.map(({ value, phrases }) => [value, phrases[0]])).toEqual([]);
  });
});
