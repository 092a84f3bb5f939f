import type { Finding, FindingFacts } from '../../finding/finding.js';
import type { Lexicon } from '../round/lexicon.js';
import { COURSE_FINDING_WORDS } from './courseFindingWords.js';
import { METHOD_FINDING_WORDS } from './methodFindingWords.js';
import { MIX_FINDING_WORDS } from './mixFindingWords.js';
import { PLAN_FINDING_WORDS } from './planFindingWords.js';
import type { WordsOf } from './wordsOf.js';

const WORDS: WordsOf<FindingFacts> = {
  ...METHOD_FINDING_WORDS,
  ...COURSE_FINDING_WORDS,
  ...PLAN_FINDING_WORDS,
  ...MIX_FINDING_WORDS,
};

/** A finding as one sentence in the reader's measures. */
export function findingWords(finding: Finding, say: Lexicon): string {
  return (WORDS[finding.code] as (facts: Finding['facts'], say: Lexicon) => string)(finding.facts, say);
}
