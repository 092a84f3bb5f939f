import { upperFirst } from '@feverfew/knowledge';
import type { MethodFindingFacts } from '../../finding/methodFindingFacts.js';
import { durationWords } from '../round/durationWords.js';
import {
  ACTION_WORDS,
  CHEMISTRY_WORDS,
  DEED_WORDS,
  PROGRAMME_WORDS,
  WETTING_WORDS,
} from '../round/vocabularyWords.js';
import { ownerWords } from './ownerWords.js';
import type { WordsOf } from './wordsOf.js';

const SENSITIVE_WORDS = {
  pregnancy: 'someone here is pregnant',
  baby: 'a baby or small child lives here',
  pets: 'pets live here',
} as const;

export const METHOD_FINDING_WORDS: WordsOf<MethodFindingFacts> = {
  chemistryForbidden: ({ chemistry, owner }, say) =>
    `No ${CHEMISTRY_WORDS[chemistry]}: ${ownerWords(owner, say)}.`,
  bathTooCool: ({ needsC, maxC, owner }, say) =>
    `Needs at least ${say.temp(needsC)}; this piece stops at ${say.temp(maxC)} (${ownerWords(owner, say)}).`,
  pHOutside: ({ low, high, min, max, owner }, say) =>
    `Its pH ${pH(low)}–${pH(high)} lies outside ${pH(min)}–${pH(max)} (${ownerWords(owner, say)}).`,
  wettingTooMuch: ({ wanted, most, owner }, say) =>
    `Wets too much: ${WETTING_WORDS[wanted]}, where ${WETTING_WORDS[most]} is the most (${ownerWords(owner, say)}).`,
  dwellTooLong: ({ needsMin, maxMin, owner }, say) =>
    `Needs ${needsMin} min; at most ${maxMin} min here (${ownerWords(owner, say)}).`,
  sunForbidden: ({ owner }, say) => `No sun: ${ownerWords(owner, say)}.`,
  whitesOnly: () => 'For whites only: it can take the colour out.',
  sturdyOnly: () => 'For sturdy cotton or linen in good state only.',
  wrongForSoil: ({ componentId }, say) =>
    `Wrong first move on ${say.name(componentId)}: water alone only spreads it or locks it in.`,
  strengthUnknown: ({ agentId }, say) =>
    `The strength of your ${say.name(agentId)} is not known. Read it off the bottle and enter it.`,
  strengthTooHigh: ({ agentId, pct, maxPct }, say) =>
    `Your ${say.name(agentId)} is ${pct} %; above ${maxPct} % it is not for the household.`,
  strengthTooLow: ({ agentId, pct, recipePct }, say) =>
    `Your ${say.name(agentId)} is ${pct} %; the recipe needs ${recipePct} %, and nothing can be diluted upwards.`,
  offByDefault: ({ agentId }, say) => `${upperFirst(say.name(agentId))} is switched off in this household.`,
  notSoldHere: ({ agentId }, say) => `${upperFirst(say.name(agentId))} is not sold to households here.`,
  notWithAsthma: ({ agentId }, say) =>
    `${upperFirst(say.name(agentId))} is kept out: someone here has asthma.`,
  notWithSensitive: ({ agentId, who }, say) =>
    `${upperFirst(say.name(agentId))} is kept out: ${SENSITIVE_WORDS[who]}.`,
  dustWithAsthma: ({ componentId }, say) =>
    `Brushing ${say.name(componentId)} dry fills the air with its dust, and someone here has asthma.`,
  barredHere: ({ deed }) => `No ${DEED_WORDS[deed]} on this piece.`,
  tooLargeForSpot: () => 'Spot work, and the trouble is all over, or nearly.',
  tooMuchSolvent: ({ agentId, neededML, mostML }, say) =>
    `This size would take ${say.volume(neededML)} of ${say.name(agentId)}; at home ${say.volume(mostML)} is the ` +
    'most in one round. More is a job for a professional.',
  metalParts: ({ agentId }, say) => `${upperFirst(say.name(agentId))} attacks the metal parts of this piece.`,
  vesselTooSmall: ({ neededL, largestL }, say) =>
    `Needs a vessel of ${say.volume(neededL * 1000)}; your largest holds ${say.volume(largestL * 1000)}.`,
  vesselUnsuitable: ({ agentId, neededL }, say) =>
    `No vessel of ${say.volume(neededL * 1000)} here bears ${say.name(agentId)}.`,
  notForChildren: ({ agentId }, say) => `${upperFirst(say.name(agentId))} is kept off children's textiles.`,
  noMachine: () => 'Needs a washing machine; none is entered for this household.',
  programmeTooStrong: ({ wanted, most, owner }, say) =>
    `Needs a ${PROGRAMME_WORDS[wanted]} programme; this piece bears ` +
    `${most === 'none' ? 'no wash' : `at most ${PROGRAMME_WORDS[most]}`} (${ownerWords(owner, say)}).`,
  methodExhausted: ({ rounds, maxRounds, stalled }) =>
    stalled
      ? `Stalled after ${rounds} ${rounds === 1 ? 'round' : 'rounds'}: another mechanism, not more of the same.`
      : `All its ${maxRounds} ${maxRounds === 1 ? 'round is' : 'rounds are'} done: more would wear the fibre.`,
  triedInVain: ({ agentId, times }, say) =>
    `${upperFirst(say.name(agentId))} has done nothing ${times} times: another mechanism, not more of it.`,
  otherPosition: ({ positionId, followedId }, say) =>
    `Another way (“${say.name(positionId)}”); this household follows “${say.name(followedId)}”.`,
  onlyWaterAfter: ({ triedAgentId }, say) =>
    `${upperFirst(say.name(triedAgentId))} is still in it and cannot be rinsed out: plain water and air only.`,
  triedMustNotMeet: ({ pairId, triedAgentId, agentId }, say) =>
    `${upperFirst(say.name(triedAgentId))} has been on it, and with ${say.name(agentId)} it ${say.name(pairId)}.`,
  littleEffect: ({ highPct }) => `Would take out ${highPct} % at best.`,
  fromOwnLog: ({ uses, worked, bookLowPct, bookHighPct }) =>
    `From your own results: ${worked} of ${uses} worked. Usual is ${bookLowPct}–${bookHighPct} % a round.`,
  hiddenTestFirst: ({ chemistry, owner }, say) =>
    `Hidden test first: ${CHEMISTRY_WORDS[chemistry]} (${ownerWords(owner, say)}).`,
  ownDyeAtRisk: ({ agentId }, say) =>
    `${upperFirst(say.name(agentId))} may take the piece's own colour with it. Dip a corner in a cup first; last resort.`,
  notInCupboard: ({ agentId }, say) => `Not in your cupboard: ${say.name(agentId)}.`,
  standsIn: ({ substitutionId, wantedAgentId }, say) =>
    `Instead of ${say.name(wantedAgentId)}. ${say.name(substitutionId)}`,
  roundsLeft: ({ done, left }) => `${done} ${done === 1 ? 'round' : 'rounds'} done already; ${left} left.`,
  triedOnce: ({ agentId }, say) =>
    `${upperFirst(say.name(agentId))} has been on it to no effect: less to hope for.`,
  notHotter: ({ maxC, owner }, say) => `Not hotter than ${say.temp(maxC)}: ${ownerWords(owner, say)}.`,
  notHotterAgent: ({ maxC }, say) =>
    `Not hotter than ${say.temp(maxC)}: what is in the bath may not be, on this fibre.`,
  notHotterMethod: ({ maxC }, say) => `Not hotter than ${say.temp(maxC)}: the method gains nothing by it.`,
  notLonger: ({ maxMin, owner }, say) =>
    `Not longer than ${durationWords(maxMin, maxMin)}: ${ownerWords(owner, say)}.`,
  notLongerMethod: ({ maxMin }) =>
    `Not longer than ${durationWords(maxMin, maxMin)}: by then it has done what it can. Check, and decide.`,
  notStronger: ({ agentId, highPerL, unit }, say) =>
    `Not more than ${highPerL} ${unit} ${say.name(agentId)} per litre: time first, then heat, strength last.`,
  notStrongerPH: ({ agentId, highPerL, unit, maxPH, owner }, say) =>
    `Not more than ${highPerL} ${unit} ${say.name(agentId)} per litre: past that the bath goes above pH ` +
    `${pH(maxPH)} (${ownerWords(owner, say)}).`,
  notOftener: ({ rounds }) =>
    `At most ${rounds} ${rounds === 1 ? 'round' : 'rounds'}, then another mechanism.`,
  dilutedFirst: ({ agentId, fromPct, toPct }, say) =>
    `Your ${say.name(agentId)} is ${fromPct} %: cut down to ${toPct} % first.`,
  coolerThanBest: ({ bestC, gotC, owner }, say) =>
    `Best at ${say.temp(bestC)}; held to ${say.temp(gotC)} by ${ownerWords(owner, say)}.`,
  tapTooCool: ({ wantedC, reachedC }, say) =>
    `${say.temp(wantedC)} cannot be reached with your taps and kettle; ${say.temp(reachedC)} is the best here.`,
  actionSoftened: ({ wanted, most, owner }, say) =>
    `${upperFirst(ACTION_WORDS[most])} instead of ${ACTION_WORDS[wanted]} (${ownerWords(owner, say)}).`,
  allowedByLabel: ({ what, owner, by, aloneMax, usedMax }, say) => {
    const alone = `though ${ownerWords(owner, say)} alone would say`;
    const allowed = `allowed by ${by.kind === 'label' && by.sign !== 'usualWash' ? `the label (${ownerWords(by, say)})` : ownerWords(by, say)}`;
    return {
      heat: `${say.temp(usedMax ?? 0)}: ${allowed}, ${alone} ${say.temp(aloneMax ?? 0)} at most.`,
      machine: `In the machine: ${allowed}, ${alone} by hand.`,
      oxygen: `Oxygen bleach: ${allowed}, ${alone} none.`,
      alkali: `An oxygen bath of pH ${pH(usedMax ?? 0)}: ${allowed}, ${alone} pH ${pH(aloneMax ?? 0)} at most.`,
    }[what];
  },
  oxygenBathBorne: ({ owner, otherMaxPH, pH: used }, say) =>
    `Other baths stop at pH ${pH(otherMaxPH)} for ${ownerWords(owner, say)}; an oxygen bath of pH ${pH(used)} it bears.`,
  gradeUnknown: ({ agentId, grades }, say) =>
    `${upperFirst(say.name(agentId))}: ${grades.join(', or ')}? A spoon of one weighs twice the other: weigh it, or say ` +
    'which under Cupboard.',
  acidBriefly: ({ pH: value, maxMin = 60 }) =>
    `At pH ${pH(value)} it is sourer than a bath may be: at most ${maxMin === 60 ? 'an hour' : `${maxMin} minutes`}, ` +
    'then rinse or blot it out.',
  positionFollowed: ({ positionId }, say) => `Follows “${say.name(positionId)}”.`,
  afterWaterTest: () => 'After the hidden water test: until it is passed, nothing wet.',
};

const pH = (value: number): string => value.toFixed(1);
