import { chanceAbove } from '../evidence/beta.js';
import { betaOfRange } from '../evidence/posterior.js';

export interface TrialVerdict {
  /** Chance that each arm is the best of them, 0–1, summing to 1 for two. */
  readonly chanceBest: readonly number[];
  readonly best: number | null;
  readonly says: 'tooLittle' | 'likely' | 'clear';
}

/** Below this a difference is not reported. From memory: three in four and nineteen in twenty. */
const LIKELY = 0.75;

const CLEAR = 0.95;

/**
 * Chance that one is better, from the book's expectation of each and all trials of the same pair so far.
 * Two like levels, and a single trial of a small difference, are “too little to tell”.
 * @param effects what the book says of each arm
 * @param leftPct per arm, what every trial left, %
 */
export function trialVerdict(
  effects: readonly { readonly low: number; readonly high: number }[],
  leftPct: readonly (readonly number[])[],
): TrialVerdict {
  // Both sides begin alike, as wide as 0.3 to either side (from memory): only what the trial saw may part them.
  const mean =
    effects.reduce((sum, effect) => sum + (effect.low + effect.high) / 2, 0) / Math.max(1, effects.length);
  const start = betaOfRange({ low: Math.max(0, mean - 0.3), high: Math.min(1, mean + 0.3) });
  const betas = leftPct.map((lefts) =>
    lefts.reduce((beta, left) => ({ a: beta.a + 1 - left / 100, b: beta.b + left / 100 }), {
      a: start.a,
      b: start.b,
    }),
  );
  const raw = betas.map((beta, arm) =>
    betas.reduce((chance, other, index) => (index === arm ? chance : chance * chanceAbove(beta, other)), 1),
  );
  const total = raw.reduce((sum, chance) => sum + chance, 0);
  const chanceBest = raw.map((chance) => chance / total);
  const top = Math.max(...chanceBest);
  const says = top >= CLEAR ? 'clear' : top >= LIKELY ? 'likely' : 'tooLittle';
  return { chanceBest, best: says === 'tooLittle' ? null : chanceBest.indexOf(top), says };
}
