import { describe, expect, it } from 'vitest';
import { household, knowledge } from '../test/fixtures.js';
import { EMPTY_FACTS } from '../trouble/troubleFacts.js';
import { firstThings } from '../whatIf/firstThings.js';
import { answerWords, banWords, firstHand, QUESTION_WORDS } from './firstWords.js';

const nameOf = (id: string) =>
  [...knowledge.fibres, ...knowledge.items].find((one) => one.id === id)?.name ?? id;

describe('bans as signs', () => {
  it.each([
    ['No soap bar: soap sets tannin.', 'no soap bar'],
    ['No dryer and no iron before it is gone.', 'no dryer, no iron'],
    ['No rubbing and no rinsing while it is wet.', 'no rubbing and no rinsing while it is wet'],
    ['No water before the solvent or the detergent.', 'no water before the solvent or the detergent'],
    ['Never let it dry while you look for a remover.', 'never let it dry while you look for a remover'],
  ])('%s', (line, sign) => {
    expect(banWords(line)).toBe(sign);
  });
  it('of all courses keep what is banned, and end without a stop', () => {
    const lines = knowledge.courses.flatMap(({ atOnce }) => atOnce.donts.map(({ text }) => text));
    expect(lines.length).toBeGreaterThan(50);
    for (const line of lines) {
      expect(banWords(line)).not.toMatch(/[.:]$/);
      expect(line.toLowerCase()).toContain(banWords(line).split(/[ ,]/)[1]);
    }
  });
});

describe('the first move of a hand', () => {
  it('is the first verb that moves one; protecting and keeping damp are none', () => {
    const line = (...verbs: string[]) => ({ text: '', verbs });
    expect(firstHand({ actions: [line('protect'), line('keepWet'), line('blot', 'coldFlush')] })).toBe(
      'press',
    );
    expect(firstHand({ actions: [line('protect')] })).toBeNull();
    expect(firstHand({ actions: [] })).toBeNull();
  });
});

describe('questions and answers', () => {
  it('have words for every question and answer the planner asks', () => {
    for (const { id } of knowledge.marks.filter((_, at) => at % 9 === 0))
      for (const { fact, answers } of firstThings({ ...EMPTY_FACTS, markIds: [id] }, household, knowledge)
        .questions) {
        expect(QUESTION_WORDS[fact]).toMatch(/\?$/);
        for (const answer of answers) {
          expect(answerWords(answer.id, nameOf), answer.id).not.toBe(answer.id);
          expect(Object.keys(answer.told).length, answer.id).toBeGreaterThan(0);
        }
      }
  });
});
