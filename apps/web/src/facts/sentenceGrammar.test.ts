import { AGES, EMPTY_FACTS, EMPTY_PIECE, type TroubleFacts } from '@feverfew/contracts';
import { loadKnowledge } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import type { Lexicon } from '../app/useLexicon';
import { marksText, sentenceText, WETNESS_WORDS } from './sentenceView';

const knowledge = loadKnowledge();
const names = new Map(
  [...knowledge.marks, ...knowledge.items, ...knowledge.fibres].map(({ id, name }) => [id, name]),
);
const numbers = new Map(knowledge.marks.map(({ id, number }) => [id, number]));
const say: Lexicon = {
  name: (id) => names.get(id) ?? id,
  numberOf: (id) => numbers.get(id) ?? 'mass',
  temp: (tempC) => `${tempC} °C`,
  volume: (volumeML) => `${volumeML} mL`,
};

const WETNESSES = Object.keys(WETNESS_WORDS) as TroubleFacts['wetness'][];

type Item = (typeof knowledge.items)[number];
const onItem = (item: Item): TroubleFacts['piece'] => ({
  ...EMPTY_PIECE,
  itemId: item.id,
  name: item.name,
  parts: item.partNames.map((name) => ({ name, fibres: item.defaultFibres })),
});

/** What no English sentence has; each with what it would be called. */
const FAULTS: readonly [RegExp, string][] = [
  [/undefined|null|NaN|\[object/, 'a hole'],
  [/ {2}| [,.;:]|[,;:]{2}|\.\./, 'stops and spaces'],
  [/\b(\p{L}+) \1\b/iu, 'a word twice'],
  [/\ba (?!u[rs]|eu|one)[aeiou]/i, 'a before a vowel'],
  [/\ban (u[rs]|eu|one|[^aeiouh\W])/i, 'an before a consonant'],
  [/\bsince (some|just|months)\b/, 'since … ago'],
  [/\bThere is (sweets|clothes moths)|\bThere are (?!sweets|clothes moths)/, 'number'],
  [/\bThere is (\p{L}+ed|shrunken|stiff|waxy)(,| by| from| out| on)/u, 'no noun'],
];
const faultsOf = (text: string): string[] =>
  FAULTS.filter(([sign]) => sign.test(text)).map(([, name]) => `${name}: ${text}`);

const first = knowledge.items[0] as Item;
const tell = (given: Partial<TroubleFacts>, item = first) => {
  const text = sentenceText({ ...EMPTY_FACTS, piece: onItem(item), ...given }, item.coded, say);
  return [...faultsOf(text), ...(/^There (is|are) .+\.$/u.test(text) ? [] : [`no sentence: ${text}`])];
};

describe('the sentence is English', () => {
  it('for each trouble on each kind of piece', () => {
    const faults = knowledge.marks.flatMap(({ id }) =>
      knowledge.items.flatMap((item) => tell({ markIds: [id], age: 'days', wetness: 'dry' }, item)),
    );
    expect([...new Set(faults)].slice(0, 10)).toEqual([]);
  });
  it('for each trouble at each age, wet and dry', () => {
    const faults = knowledge.marks.flatMap(({ id }) =>
      AGES.flatMap((age) => WETNESSES.flatMap((wetness) => tell({ markIds: [id], age, wetness }))),
    );
    expect(faults.slice(0, 10)).toEqual([]);
  });
  it('for two troubles at a time, and for the name of a plan', () => {
    const faults = knowledge.marks.flatMap(({ id }, at) => {
      const other = knowledge.marks[(at + 7) % knowledge.marks.length]?.id ?? id;
      return [...tell({ markIds: [id, other] }), ...faultsOf(`${marksText([id, other], say)} on the shirt`)];
    });
    expect(faults.slice(0, 10)).toEqual([]);
  });
  it('and would be found out', () => {
    expect(faultsOf('There is felted on the the shirt, since some days ago, a old one .')).toHaveLength(5);
  });
});
