import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { runs } from '../test/propertyRuns.js';
import type { CareLabel } from './careLabel.js';
import { parseLabel } from './parseLabel.js';

/** One thing a tag says, how it may be written, and the most it allows. */
interface Clause {
  readonly text: string;
  readonly most: Partial<CareLabel>;
  /** Warmest water it speaks of, °C. */
  readonly maxC?: number;
}

const machine = (maxC: 30 | 40 | 50 | 60 | 70 | 95, bars: 0 | 1 | 2 = 0) =>
  ({ wash: { kind: 'machine', maxC, bars } }) as const;
const fToC = (f: number) => ((f - 32) * 5) / 9;

const say = (texts: readonly string[], most: Clause['most'], maxC?: number) =>
  fc.constantFrom(...texts).map((text): Clause => ({ text, most, ...(maxC === undefined ? {} : { maxC }) }));

const inF = fc
  .record({
    f: fc.integer({ min: 50, max: 180 }),
    unit: fc.constantFrom('F', ' F', '°F', ' °F', 'º F', ' deg F', ' degrees fahrenheit', '℉'),
    lead: fc.constantFrom('machine wash ', 'wash at ', 'wash cold ', 'machine wash warm max ', ''),
  })
  .map(({ f, unit, lead }): Clause => {
    const cold = lead.includes('cold');
    return { text: `${lead}${f}${unit}`, most: machine(95), maxC: cold ? 30 : fToC(f) };
  });
const inC = fc
  .record({
    c: fc.constantFrom(20, 30, 40, 50, 60, 70, 90, 95),
    unit: fc.constantFrom('', ' C', '°C', '°', ' degrees', ' celsius', '℃'),
    lead: fc.constantFrom('machine wash ', 'wash ', 'max ', 'not above ', ''),
  })
  .map(({ c, unit, lead }): Clause => ({ text: `${lead}${c}${unit}`, most: machine(95), maxC: c }));
const both = fc
  .constantFrom([30, 86], [30, 85], [40, 104], [60, 140])
  .map(([c = 30, f = 86]): Clause => ({ text: `machine wash ${c}C/${f}F`, most: machine(95), maxC: c }));

const WASH = fc.oneof(
  inF,
  inC,
  both,
  say(['machine wash cold', 'wash in cold water', 'cold wash', 'cold machine wash 80'], machine(95), 30),
  say(['machine wash warm', 'warm wash'], machine(95), 44),
  say(['hand wash', 'hand wash only', 'wash by hand', 'do not machine wash'], { wash: { kind: 'hand' } }),
  say(['hand wash cold', 'hand wash 30', 'hand wash in cold water'], { wash: { kind: 'hand' } }, 30),
  say(['do not wash', 'dry clean only', 'no washing', 'spot clean only', 'non-washable'], {
    wash: { kind: 'never' },
  }),
);
const BLEACH = fc.oneof(
  say(['do not bleach', 'no bleach', "don't bleach", 'never bleach', 'bleach: no', 'no bleaching'], {
    bleach: 'never',
  }),
  say(
    [
      'non-chlorine bleach only',
      'no chlorine bleach',
      'oxygen bleach only',
      'only non-chlorine bleach when needed',
    ],
    {
      bleach: 'oxygenOnly',
    },
  ),
  say(['any bleach', 'bleach when needed'], { bleach: 'any' }),
);
const TUMBLE = fc.oneof(
  say(['do not tumble dry', 'no dryer', "don't tumble", 'tumble dry: no', 'no tumble drying'], {
    tumble: 'never',
  }),
  say(['tumble dry low', 'tumble dry, low heat', 'tumble dry warm', 'tumble dry'], { tumble: 'low' }),
  say(['tumble dry medium', 'tumble dry normal', 'tumble dry high'], { tumble: 'normal' }),
);
const IRON = fc.oneof(
  say(['do not iron', 'no ironing', 'never iron'], { iron: 'never' }),
  say(['cool iron', 'iron low', 'iron at 110 C', 'iron'], { iron: 'low' }),
  say(['warm iron', 'iron medium', 'iron 150'], { iron: 'medium' }),
  say(['hot iron', 'iron high', 'iron 200'], { iron: 'high' }),
);
const DRY_CLEAN = fc.oneof(
  say(['do not dry clean', 'no dry cleaning', 'do not dryclean'], { dryClean: 'never' }),
  say(['dry clean', 'dry clean any'], { dryClean: 'P' }),
);
const LISTS = fc.oneof(
  say(
    ['do not bleach, iron or tumble dry', 'no bleach, iron or dryer', 'do not bleach, iron, or tumble dry'],
    {
      bleach: 'never',
      iron: 'never',
      tumble: 'never',
    },
  ),
  say(['do not bleach or tumble dry', 'do not bleach nor tumble dry', 'do not bleach and tumble dry'], {
    bleach: 'never',
    tumble: 'never',
  }),
);
const NOISE = fc.constantFrom(
  '100% cotton',
  '60% cotton 40% polyester',
  'size 40',
  'RN 95123',
  'with like colors',
  'remove promptly',
  'inside out',
  'made of 95% cotton, 5% spandex',
);

const TAG = fc
  .record({
    clauses: fc.oneof(
      fc.tuple(WASH, BLEACH, TUMBLE, IRON, DRY_CLEAN),
      fc.tuple(WASH, BLEACH, TUMBLE),
      fc.tuple(WASH, LISTS),
      fc.tuple(WASH),
    ),
    noise: fc.array(NOISE, { maxLength: 2 }),
    order: fc.array(fc.nat(100), { minLength: 7, maxLength: 7 }),
    between: fc.constantFrom(', ', '. ', ' ; ', ' / ', '\n', ' | '),
    upper: fc.boolean(),
  })
  .map(({ clauses, noise, order, between, upper }) => {
    const texts = [...clauses.map((clause) => clause.text), ...noise]
      .map((text, place) => ({ text, at: order[place] ?? 0 }))
      .sort((a, b) => a.at - b.at)
      .map(({ text }) => text);
    const text = texts.join(between);
    return { text: upper ? text.toUpperCase() : text, clauses };
  });

/** One slip in a longer word: two letters change places, one is missing, or one is doubled. */
const SLIP = fc.record({
  word: fc.nat(30),
  letter: fc.nat(30),
  kind: fc.constantFrom('swap', 'drop', 'twice'),
});
function slipped(text: string, slip: { word: number; letter: number; kind: string }): string {
  const words = text.split(/(\s+)/);
  const long = words.flatMap((word, index) => (/^[A-Za-z]{5,}$/.test(word) ? [index] : []));
  const at = long[slip.word % Math.max(1, long.length)];
  const word = words[at ?? -1];
  if (at === undefined || word === undefined) return text;
  const place = 1 + (slip.letter % (word.length - 2));
  words[at] = {
    swap: word.slice(0, place) + word[place + 1] + word[place] + word.slice(place + 2),
    drop: word.slice(0, place) + word.slice(place + 1),
    twice: word.slice(0, place) + word[place] + word.slice(place),
  }[slip.kind] as string;
  return words.join('');
}

const RANK = {
  bleach: ['never', 'oxygenOnly', 'any'],
  tumble: ['never', 'low', 'normal'],
  iron: ['never', 'low', 'medium', 'high'],
} as const;
const washRank = (wash: CareLabel['wash'] | undefined): number =>
  wash ? { never: 0, hand: 1, machine: 2 }[wash.kind] : -1;

function expectNoHarsher(text: string, clauses: readonly Clause[]) {
  const { label, unread } = parseLabel(text);
  const told = unread.length > 0;
  for (const { most, maxC } of clauses) {
    for (const field of ['bleach', 'tumble', 'iron'] as const) {
      const allowed = most[field];
      if (!allowed) continue;
      const read = label[field];
      if (read === null) {
        // A sign that was not read leaves the careful reading of no sign, and its words are shown.
        expect(told || allowed !== 'never', `${field} lost of "${text}"`).toBe(true);
        continue;
      }
      expect(RANK[field].indexOf(read as never), `${field} of "${text}"`).toBeLessThanOrEqual(
        RANK[field].indexOf(allowed as never),
      );
    }
    if (most.dryClean === 'never')
      expect(label.dryClean === null ? told : label.dryClean === 'never', text).toBe(true);
    if (most.wash) expect(washRank(label.wash), `wash of "${text}"`).toBeLessThanOrEqual(washRank(most.wash));
    if (maxC === undefined || !label.wash || label.wash.kind === 'never') continue;
    const readC = label.wash.kind === 'machine' ? label.wash.maxC : (label.wash.maxC ?? 40);
    expect(readC, `heat of "${text}"`).toBeLessThanOrEqual(Math.max(30, maxC + 0.5));
  }
}

describe('ten thousand made-up tags', () => {
  it('are never read hotter or harsher than written', () => {
    fc.assert(
      fc.property(TAG, ({ text, clauses }) => expectNoHarsher(text, clauses)),
      { numRuns: runs(6000) },
    );
  });
  it('nor with a slip of spelling in them', () => {
    fc.assert(
      fc.property(TAG, SLIP, ({ text, clauses }, slip) => expectNoHarsher(slipped(text, slip), clauses)),
      { numRuns: runs(4000) },
    );
  });
});

describe('temperatures in °F', () => {
  it.each(Array.from({ length: 46 }, (_, index) => 40 + index))('%d °F ends at 30 °C or less', (f) => {
    for (const text of [
      `${f}F`,
      `${f} F`,
      `machine wash cold ${f} F`,
      `wash cold ${f}°f gentle`,
      `max ${f}℉`,
    ]) {
      const { wash } = parseLabel(text).label;
      expect(wash, text).toMatchObject({ kind: 'machine', maxC: 30 });
    }
  });
  /** 16 CFR 423 glossary (recalled): warm 31–44 °C, hot up to 63 °C. */
  it.each([
    ['machine wash cold 80 F', 30],
    ['85F', 30],
    ['104 F', 40],
    ['machine wash 105', 40],
    ['140F', 60],
    ['machine wash 80', 30],
    ['65-85F', 30],
    ['95', 95],
  ])('"%s" is %d °C', (text, maxC) => {
    expect(parseLabel(text).label.wash).toMatchObject({ maxC });
  });
});
