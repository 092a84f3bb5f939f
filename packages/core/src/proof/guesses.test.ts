import { describe, expect, it } from 'vitest';
import { knowledge } from '../test/fixtures.js';
import { followed, guessesOf, harmsOf, sweepGuesses } from './sweepGuesses.js';

/** `npm run sweep-answers` takes 100 000. */
const SAMPLE = 150;

describe('plans on what is usual', () => {
  it('are asked about before they harm a piece that is otherwise', () => {
    const { taken, refused, dangers, examples } = sweepGuesses(0, SAMPLE, knowledge);
    const all = Object.values(dangers).reduce((sum, count) => sum + count, 0);
    console.log(
      `${SAMPLE} guesses: ${taken} taken, ${refused} refused, ${all} harms`,
      dangers,
      examples.join(' '),
    );
    expect(taken).toBeGreaterThan(SAMPLE / 2);
    expect(all).toBe(0);
  });
  it('harm where the look is answered wrongly: the sweep sees it', () => {
    const { guessAt } = guessesOf(knowledge);
    const numbers = Array.from({ length: SAMPLE }, (_, number) => number);
    const silk = [{ fibreId: 'silk', sharePct: 100 }];
    const harmed = numbers.filter((number) => {
      const guessed = guessAt(number);
      const { plan, isRefused } = followed(guessed, knowledge);
      if (isRefused) return false;
      const parts = guessed.truth.piece.parts.map((part) => ({ ...part, fibres: silk }));
      const truth = { ...guessed.truth, piece: { ...guessed.truth.piece, parts } };
      return harmsOf(guessed, plan, knowledge, truth).length > 0;
    });
    expect(harmed.length).toBeGreaterThan(10);
  });
});
