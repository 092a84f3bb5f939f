import { type Knowledge, OPEN_FACTS, OPEN_FIBRES } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { shareByDay } from '../../../../testing/byDay.js';
import { household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import { EMPTY_FACTS, EMPTY_PIECE, type TroubleFacts } from '../trouble/troubleFacts.js';
import { firstThings, firstThingsInSteps } from './firstThings.js';

const only = (markId: string, itemId: string | null = null): TroubleFacts => ({
  ...EMPTY_FACTS,
  markIds: [markId],
  piece: { ...EMPTY_PIECE, itemId },
});
const ask = (facts: TroubleFacts, known: Knowledge = knowledge) => firstThings(facts, household, known);
const verbs = (facts: TroubleFacts): string[] => [
  ...new Set(ask(facts).atOnce.actions.flatMap((action) => action.verbs)),
];

describe('the first seconds, from the trouble alone', () => {
  it.each([
    ['redWine', ['blot']],
    ['mud', ['letDry']],
    ['candleWax', ['chill']],
    ['superGlueMark', ['letDry']],
    ['egg', ['lift']],
    ['saladOil', ['absorb']],
  ])('%s: %s', (markId, wanted) => {
    expect(verbs(only(markId))).toEqual(expect.arrayContaining(wanted));
  });
  it('never water before the piece is known, nor on a carpet of which nobody knows the fibre', () => {
    // One takes up to 27 plans.
    for (const { id } of shareByDay(knowledge.marks, 18))
      expect([id, verbs(only(id))]).not.toContain('coldFlush');
    expect(verbs(only('redWine', 'carpet'))).toEqual(['blot']);
    const wool = only('redWine', 'carpet');
    const told = { ...wool, piece: { ...wool.piece, parts: piece('carpet', { wool: 100 }).parts } };
    expect(verbs(told)).toContain('coldFlush');
  });
  it('says what any open answer would have left alone', () => {
    expect(ask(only('redWine')).atOnce.donts.join(' ')).toMatch(/rub/i);
  });
});

describe('the questions', () => {
  it('are two at most, each with what it gains, the piece first and then the most', () => {
    const facts = (markId: string) => ask(only(markId)).questions.map(({ fact }) => fact);
    expect(facts('blood')[0]).toBe('item');
    for (const { id } of shareByDay(knowledge.marks, 18)) {
      const { questions } = ask(only(id));
      expect(questions.length).toBeLessThanOrEqual(2);
      const gains = questions.filter(({ fact }) => fact !== 'item').map(({ gain }) => gain);
      expect(gains).toEqual([...gains].sort((a, b) => b - a));
      for (const gain of gains) expect(gain).toBeGreaterThan(0.1);
    }
  });
  it('are none once everything that matters is told', () => {
    const told = trouble('redWine', piece('tableLinen', { linen: 100 }, { label: label(60) }), {
      age: 'minutes',
      wetness: 'wet',
    });
    expect(ask(told).questions).toEqual([]);
  });
  it('on fibre and tag are answered once the tag was read, and it is as usual', () => {
    const shirt = only('coffee', 'shirt');
    const facts = (of: TroubleFacts) => ask(of).questions.map(({ fact }) => fact);
    expect(facts(shirt)).toContain('fibre');
    const read = facts({ ...shirt, seen: { usualTag: true } });
    expect(read).not.toContain('fibre');
    expect(read).not.toContain('label');
  });
  it('go with the influence of their fact: with every piece alike, nobody is asked which one it is', () => {
    expect(ask(only('sootMark')).questions.map(({ fact }) => fact)).toContain('item');
    const shirt = knowledge.items.find(({ id }) => id === 'shirt') ?? expect.unreachable();
    const items = knowledge.items.map(({ id }) => ({ ...shirt, id }));
    const alike = { ...knowledge, items, usualPieces: [] };
    expect(ask(only('sootMark'), alike).questions.map(({ fact }) => fact)).not.toContain('item');
  });
  it('offer what is usual of such a piece, and what such tags say', () => {
    const asked = (of: TroubleFacts, fact: string) =>
      ask(of)
        .questions.find((one) => one.fact === fact)
        ?.answers.map(({ id }) => id);
    expect(asked(only('coffee', 'jumper'), 'fibre')).toEqual(
      expect.arrayContaining(['cotton', 'acrylic', 'wool']),
    );
    expect(asked(only('yellowed', 'pillow'), 'label')).toEqual(['wash40', 'wash60', 'doNotWash']);
  });
  it('never ask when it happened once that is known, nor of a smell that comes little by little', () => {
    const facts = (of: TroubleFacts) => ask(of).questions.map(({ fact }) => fact);
    const wine = only('redWine', 'mattress');
    expect(facts(wine)).toContain('when');
    expect(facts({ ...wine, age: 'hours' })).not.toContain('when');
    expect(facts({ ...wine, wetness: 'dry' })).not.toContain('when');
    for (const { id } of knowledge.marks.filter(({ kind }) => kind === 'odour'))
      expect(facts(only(id, 'mattress'))).not.toContain('when');
  });
  it('take no more than 40 plans', () => {
    for (const itemId of [null, 'shirt', 'mattress']) {
      const steps = firstThingsInSteps(only('redWine', itemId), household, knowledge);
      let plans = 1;
      while (!steps.next().done) plans += 1;
      expect(plans).toBeLessThanOrEqual(40);
    }
  });
  it('rest on shares that make a whole', () => {
    for (const answers of [...Object.values(OPEN_FACTS), ...OPEN_FIBRES.map(({ fibre }) => fibre)])
      expect(answers.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  });
});
