import { describe, expect, it } from 'vitest';
import ownRead from '../../../../fixtures/sentences/own-sentences.json' with { type: 'json' };
import publicRead from '../../../../fixtures/sentences/sentences.json' with { type: 'json' };
import { readSentence } from '../sentence/readSentence.js';
import { knowledge } from '../test/fixtures.js';
import { type JudgedFact, judgeReading, type ToldSentence } from '../test/sentences/judgeReading.js';
import { sentenceCatalogue } from '../test/sentences/sentenceCatalogue.js';

const catalogue = sentenceCatalogue(knowledge);
const publicSentences = publicRead.sentences as unknown as readonly ToldSentence[];
const ownSentences = ownRead.sentences as unknown as readonly ToldSentence[];

/** Shares of all facts given, and how many were made up. */
function ratesOf(judged: readonly JudgedFact[]) {
  const count = (verdict: JudgedFact['verdict']) => judged.filter((one) => one.verdict === verdict).length;
  const told = count('right') + count('lost') + count('wrong');
  return { right: count('right') / told, wrong: count('wrong') / told, invented: count('invented') };
}
const judgeAll = (
  sentences: readonly ToldSentence[],
  read: (said: string, at: number) => ReturnType<typeof readSentence>,
) => ratesOf(sentences.flatMap((one, at) => judgeReading(one, read(one.said, at))));
const reader = (said: string) => readSentence(said, catalogue);

describe('sentences written apart from the project', () => {
  it('are read: right 92 %, wrong 2 %, nothing made up', () => {
    const { right, wrong, invented } = judgeAll(publicSentences, reader);
    console.log(
      `sixty sentences: right ${(100 * right).toFixed(1)} %, wrong ${(100 * wrong).toFixed(1)} %, made up ${invented}`,
    );
    expect(right).toBeGreaterThanOrEqual(0.92);
    expect(wrong).toBeLessThanOrEqual(0.02);
    expect(invented).toBe(0);
  });
});

describe('sentences of our own, written before the reader', () => {
  it('are read: right 85 %, wrong 3 %', () => {
    const { right, wrong, invented } = judgeAll(ownSentences, reader);
    console.log(
      `our own sixty: right ${(100 * right).toFixed(1)} %, wrong ${(100 * wrong).toFixed(1)} %, made up ${invented}`,
    );
    expect(right).toBeGreaterThanOrEqual(0.85);
    expect(wrong).toBeLessThanOrEqual(0.03);
    expect(invented).toBeLessThanOrEqual(2);
  });
});

describe('planted faults', () => {
  it('the reading of another sentence is seen as wrong and made up', () => {
    const other = (_: string, at: number) =>
      reader(publicSentences[(at + 1) % publicSentences.length]?.said ?? '');
    const { right, wrong, invented } = judgeAll(publicSentences, other);
    expect(right).toBeLessThan(0.2);
    expect(wrong).toBeGreaterThan(0.3);
    expect(invented).toBeGreaterThan(20);
  });
  it.each([
    ['without its "not"', (said: string) => said.replace(/\b(?:not|no)\b/g, '')],
    [
      'without its fibres',
      (said: string) => said.replace(/\b(?:wool|cotton|silk|linen|polyester|nylon)\b/g, ''),
    ],
    ['with another colour', (said: string) => said.replace(/\bwhite\b/g, 'black')],
    ['with one more fact', (said: string) => `${said} tried vinegar`],
  ])('a sentence read %s loses points', (_, spoiled) => {
    const whole = judgeAll(publicSentences, reader);
    const less = judgeAll(publicSentences, (said) => reader(spoiled(said)));
    expect(less.right - less.wrong - less.invented).toBeLessThan(whole.right - whole.wrong - whole.invented);
  });
});
