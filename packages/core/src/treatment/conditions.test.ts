import type { Agent, Note } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { sweepOf } from '../proof/sweepCase.js';
import { contextOf, household, knowledge, label, piece, tried, trouble } from '../test/fixtures.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { findingWords } from '../words/findings/findingWords.js';
import { whenWords } from '../words/whenWords.js';
import { sayable } from './case/sayable.js';
import { planTreatment } from './planTreatment.js';

const say = {
  name: (id: string) => id,
  temp: (tempC: number) => `${tempC} °C`,
  volume: (volumeML: number) => `${volumeML} mL`,
};
const planOf = (facts: TroubleFacts) => planTreatment(facts, household, knowledge);
const endOf = (facts: TroubleFacts) => planOf(facts).ends.map(({ text }) => text);

describe('how a trouble ends', () => {
  it('names a fibre only where the piece is made of it', () => {
    const wax = (fibreId: string) =>
      endOf(trouble('candleWax', piece('shirt', { [fibreId]: 100 }, { label: label(40) })));
    expect(wax('polyester')).toEqual([
      'After two rounds, what is left stays. Candle dye in polyester stays.',
    ]);
    expect(wax('polyamide')).toEqual(['After two rounds, what is left stays.']);
  });
  it('leads what is antique to a conservator, and what is sound to a cleaner', () => {
    const mould = (condition: 'sound' | 'antique') =>
      endOf(trouble('mildew', piece('scarf', { viscose: 100 }, { condition })));
    expect(mould('sound')).toEqual(['A cleaner.']);
    expect(mould('antique').join()).toMatch(/conservator/i);
  });
});

describe('the first acts', () => {
  const coffee = (facts: Partial<TroubleFacts>) =>
    planOf(trouble('coffee', piece('shirt', { cotton: 100 }, { label: label(60) }), facts))
      .atOnce.actions.flatMap(({ verbs }) => verbs)
      .includes('blot');
  it('blot what is wet, or came just now, and nothing that is known to be dry', () => {
    expect(coffee({ age: 'hours', wetness: 'wet' })).toBe(true);
    expect(coffee({ age: 'hours', wetness: 'unknown' })).toBe(true);
    expect(coffee({ age: 'hours', wetness: 'dry' })).toBe(false);
    expect(coffee({ age: 'minutes', wetness: 'dry' })).toBe(false);
  });
});

describe('a pass that a look may leave out', () => {
  it('counts in full only once the look has said that it is so', () => {
    const { caseAt } = sweepOf(knowledge);
    const open = Array.from({ length: 300 }, (_, number) => caseAt(number)).flatMap((one) => {
      const plan = planTreatment(one.facts, one.household, knowledge);
      const at = plan.rounds[0]?.passes.findIndex(({ checks }) => checks.length > 0) ?? -1;
      const pass = plan.rounds[0]?.passes[at];
      const check = pass?.checks[0];
      return check && pass.checks.length === 1 ? [{ ...one, pass, check, at }] : [];
    });
    expect(open.length).toBeGreaterThan(1);
    const rises = open.filter(({ facts, household: home, pass, check, at }) => {
      const seen = planTreatment({ ...facts, seen: { [check.id]: true } }, home, knowledge);
      const sure = seen.rounds[0]?.passes[at];
      if (sure?.methodId !== pass.methodId) return false;
      expect(sure.checks).toEqual([]);
      expect(sure.gone.all.low).toBeGreaterThanOrEqual(pass.gone.all.low);
      return sure.gone.all.low > pass.gone.all.low;
    });
    expect(rises.length).toBeGreaterThan(0);
  });
});

describe('the wash for hygiene', () => {
  const hygiene = (facts: TroubleFacts) =>
    planOf(facts)
      .findings.filter(({ code }) => code === 'hygieneAfter')
      .map((finding) => findingWords(finding, say));
  it('is said of what may go into a machine, with what its heat lacks', () => {
    const towel = (maxC: 40 | 60) =>
      hygiene(trouble('vomit', piece('towel', { cotton: 100 }, { label: label(maxC), colour: 'white' })));
    expect(towel(60)).toEqual([expect.stringMatching(/at 60 °C, the full programme/)]);
    expect(towel(40)).toEqual([
      expect.stringMatching(/at 40 °C at most, with a bleach-containing powder or/),
    ]);
  });
  it('is not said of a mattress, a hand wash or what may not be wetted', () => {
    expect(hygiene(trouble('vomit', piece('mattress', { cotton: 100 })))).toEqual([]);
    const byHand = { ...label(40), wash: { kind: 'hand' } as const };
    expect(hygiene(trouble('vomit', piece('jumper', { wool: 100 }, { label: byHand })))).toEqual([]);
    const never = { ...label(40), wash: { kind: 'never' } as const };
    expect(hygiene(trouble('vomit', piece('tie', { silk: 100 }, { label: never })))).toEqual([]);
  });
});

describe('for whom a line is, on the look-up pages', () => {
  it('is said for every condition of the knowledge', () => {
    expect(whenWords('always', say)).toBeNull();
    expect(whenWords({ fibreIds: ['wool', 'silk'], wet: false }, say)).toBe('Wool or silk, dried in');
    const texts = knowledge.courses.flatMap(({ says, never }) =>
      [...says, ...never.map(({ what }) => what)].map(({ when }) => whenWords(when, say)),
    );
    expect(texts.filter((text) => text !== null).length).toBeGreaterThan(20);
    for (const text of texts) expect(text ?? '').not.toMatch(/undefined|null|\[object/);
  });
});

describe('a round', () => {
  it('has no method twice, also where one was put off from the round before', () => {
    const hat = piece('feltHat', { wool: 100 }, { colour: 'white', condition: 'thinning', label: label(40) });
    const facts = trouble('pollen', hat, {
      ...{ age: 'days', wetness: 'unknown', size: 'unknown', reach: 'shop' },
      tried: tried('vinegar'),
    });
    for (const { passes } of planOf(facts).rounds) {
      const ids = passes.map(({ methodId }) => methodId);
      expect(ids).toEqual([...new Set(ids)]);
    }
  });
});

describe('what is said of a product', () => {
  it('is of the products of the plan, not of one that was only tried', () => {
    const alcohol = knowledge.agents.find(({ id }) => id === 'isopropanol') ?? expect.unreachable();
    const note: Note = {
      text: 'Alcohol is for resin.',
      when: { uses: ['alcohol'] },
      asks: [],
      bars: [],
      names: [],
    };
    const context = contextOf(
      trouble('propolis', piece('shirt', { cotton: 100 }), { tried: tried(alcohol.id) }),
    );
    const saidWith = (used: readonly Agent[]) =>
      sayable([note], context, { unwetted: true, bars: new Set(), used });
    expect(saidWith([])).toEqual([]);
    expect(saidWith([alcohol])).toEqual([note.text]);
  });
});
