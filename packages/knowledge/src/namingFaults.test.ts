import { describe, expect, it } from 'vitest';
import { FIBRE_WORDS, PIECE_WORDS, PRODUCT_WORDS } from './data/senseWords.js';
import { loadKnowledge } from './loadKnowledge.js';
import { namingFaults } from './namingFaults.js';

const knowledge = loadKnowledge();
const SEED = 20_261_128;
const DRAWN = 60;

/** Minimal standard generator (Lehmer, modulus 2^31 − 1). */
function draws(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

/** Where in the knowledge a text is: its owner, and the key of the text in it. */
interface Site {
  readonly path: readonly (string | number)[];
  readonly key: 'text' | 'stop' | 'expect';
  readonly text: string;
  readonly hasCondition: boolean;
}

const SPOKEN = ['courses', 'methods', 'marks', 'items'] as const;
/** Of causes, tests and habits: they may speak of other pieces. */
const OF_OTHERS = ['verdict', 'prevent', 'disputes'];

function sitesIn(value: unknown, path: readonly (string | number)[] = []): Site[] {
  if (typeof value !== 'object' || value === null) return [];
  if (Array.isArray(value)) return value.flatMap((one, at) => sitesIn(one, [...path, at]));
  const record = value as Record<string, unknown>;
  const own = (['text', 'stop', 'expect'] as const).flatMap((key): Site[] => {
    const text = record[key];
    return 'when' in record && typeof text === 'string'
      ? [{ path, key, text, hasCondition: record.when !== 'always' }]
      : [];
  });
  return [
    ...own,
    ...Object.entries(record)
      .filter(([key]) => !OF_OTHERS.includes(key))
      .flatMap(([key, one]) => sitesIn(one, [...path, key])),
  ];
}

const WORDS: readonly { readonly name: string; readonly words: RegExp }[][] = [
  [...FIBRE_WORDS],
  [...PIECE_WORDS],
  [...PRODUCT_WORDS],
];
const namesIn = (text: string) =>
  WORDS.flatMap((family) => family.filter(({ words }) => words.test(text)).map((one) => ({ one, family })));

/** The faults with one text changed; afterwards it is as it was. */
function faultsWith({ path, key }: Site, changed: Record<string, unknown>): string[] {
  const owner = path.reduce<unknown>((at, step) => (at as Record<string | number, unknown>)[step], knowledge);
  const record = owner as Record<string, unknown>;
  const before = { when: record.when, [key]: record[key] };
  Object.assign(record, changed);
  const faults = namingFaults(knowledge);
  Object.assign(record, before);
  return faults;
}

const sites = SPOKEN.flatMap((family) => sitesIn(knowledge[family], [family]));
/** Texts whose condition makes what they name so. */
const kept = sites.filter(({ text, hasCondition }) => hasCondition && namesIn(text).length > 0);

describe('texts that name what is not there', () => {
  it('are none', () => {
    expect(namingFaults(knowledge)).toEqual([]);
    expect(kept.length).toBeGreaterThan(30);
  });
  it('are refused once their condition is gone, or another fibre, piece or product is named', () => {
    const next = draws(SEED);
    const pick = <T>(from: readonly T[]): T => from[Math.floor(next() * from.length)] ?? expect.unreachable();
    const slipped = Array.from({ length: DRAWN }, () => {
      const site = pick(kept);
      const { one, family } = pick(namesIn(site.text));
      const other = pick(family.filter(({ name, words }) => name !== one.name && !words.test(site.text)));
      // A pass says by its ways which products it uses: there only another product is a fault.
      const swaps = next() < 0.5 || (site.key !== 'text' && family === WORDS[2]);
      const faults = faultsWith(
        site,
        swaps ? { [site.key]: site.text.replace(one.words, other.name) } : { when: 'always' },
      );
      return faults.length > 0 ? [] : [`${site.text} (${swaps ? other.name : 'no condition'})`];
    }).flat();
    expect(slipped.length, slipped.join('\n')).toBeLessThanOrEqual(DRAWN - 55);
  });
});
