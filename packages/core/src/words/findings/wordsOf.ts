import type { Lexicon } from '../round/lexicon.js';

/** The sentence of each finding, by its code. A code without words does not compile. */
export type WordsOf<Findings> = {
  readonly [Code in keyof Findings]: (facts: Findings[Code], say: Lexicon) => string;
};
