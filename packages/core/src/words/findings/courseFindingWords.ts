import { upperFirst } from '@feverfew/knowledge';
import type { CourseFindingFacts } from '../../finding/courseFindingFacts.js';
import { durationWords } from '../round/durationWords.js';
import type { WordsOf } from './wordsOf.js';

const OTHER_WAY = {
  gentler: 'Gentler than what is laid out.',
  stronger: 'Stronger than what is laid out.',
  alike: 'Does much the same as what is laid out.',
} as const;

export const COURSE_FINDING_WORDS: WordsOf<CourseFindingFacts> = {
  apartFromPass: ({ pairId, passMethodId, agentId }, say) =>
    `${upperFirst(say.name(agentId))} may not share a plan with “${say.name(passMethodId)}”: together it ` +
    `${say.name(pairId)}.`,
  leftOut: () => 'You left it out.',
  chosenInstead: ({ methodId }, say) => `You chose “${say.name(methodId)}” instead.`,
  takesTooLong: ({ minutes, readyInMin }) =>
    `Takes about ${durationWords(minutes, minutes)}: not ready in ${durationWords(readyInMin, readyInMin)}.`,
  addsLittle: ({ pct }) => `Would add ${pct} % at most to what the other steps take.`,
  rinsedForNext: ({ agentId }, say) => `It may not meet ${say.name(agentId)}, which comes later.`,
  rinsedForCloth: () => 'The cloth bears it only for a short while.',
  logSaysOther: ({ methodId, uses, worked, chancePct }, say) =>
    `Set aside by your own results: ${worked} of ${uses} worked. “${say.name(methodId)}” does better with odds of ` +
    `${chancePct} in 100.`,
  otherWay: ({ than, lowPct, highPct }) =>
    `${OTHER_WAY[than]} By itself it takes about ${lowPct} to ${highPct} %.`,
  bigPour: ({ agentId, amount, unit }, say) =>
    `That is ${unit === 'mL' ? say.volume(amount) : `${amount} g of`} ${say.name(agentId)} a round: ` +
    'see that there is enough.',
  kettlesNeeded: ({ hotC, toC, litres }, say) =>
    `Your tap gives ${say.temp(hotC)}: ${say.volume(litres * 1000)} just boiled bring this tub to ${say.temp(toC)}.`,
  longerForCool: ({ minutes, tempC, sharePct }, say) =>
    sharePct < 100
      ? `From ${say.temp(tempC)} downwards it works slowly: give it the whole ${durationWords(minutes, minutes)}, ` +
        `which does about ${sharePct} % of what a bath kept warm would. A lid, a wrapping or a larger tub helps.`
      : `Aim for about ${durationWords(minutes, minutes)} from ${say.temp(tempC)}: by then most of what it can do ` +
        'is done.',
  onlyAfter: ({ agentIds }, say) =>
    `Only where ${agentIds.map(say.name).join(' or ')} has been tried first and did not do it.`,
};
