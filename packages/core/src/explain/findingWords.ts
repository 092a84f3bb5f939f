import type { Finding, FindingCode, FindingFacts } from './finding.js';
import type { Lexicon } from './lexicon.js';
import { ownerWords } from './ownerWords.js';
import { ACTION_WORDS, CHEMISTRY_WORDS, WETTING_WORDS } from './vocabularyWords.js';

type Words = { readonly [Code in FindingCode]: (facts: FindingFacts[Code], say: Lexicon) => string };

const upper = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The one place where findings become sentences. A code without words does not compile. */
const WORDS: Words = {
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
  offByDefault: ({ agentId }, say) => `${upper(say.name(agentId))} is switched off in this household.`,
  notSoldHere: ({ agentId }, say) => `${upper(say.name(agentId))} is not sold to households here.`,
  notWithAsthma: ({ agentId }, say) => `${upper(say.name(agentId))} is kept out: someone here has asthma.`,
  metalParts: ({ agentId }, say) => `${upper(say.name(agentId))} attacks the metal parts of this piece.`,
  vesselTooSmall: ({ neededL, largestL }, say) =>
    `Needs a vessel of ${say.volume(neededL * 1000)}; your largest holds ${say.volume(largestL * 1000)}.`,
  vesselUnsuitable: ({ agentId, neededL }, say) =>
    `No vessel of ${say.volume(neededL * 1000)} here bears ${say.name(agentId)}.`,
  otherSchool: ({ schoolId, followedId }, say) =>
    `Another school's way (“${say.name(schoolId)}”); this household follows “${say.name(followedId)}”.`,
  triedMustNotMeet: ({ pairId, triedAgentId, agentId }, say) =>
    `${upper(say.name(triedAgentId))} has been on it, and with ${say.name(agentId)} it ${say.name(pairId)}.`,
  apartFromRung: ({ pairId, rungMethodId, agentId }, say) =>
    `${upper(say.name(agentId))} may not share a plan with “${say.name(rungMethodId)}”: together it ${say.name(pairId)}.`,
  littleEffect: ({ highPct }) => `Would take out ${highPct} % at best.`,
  noBetterThan: ({ methodId }, say) => `Fits, but promises no more than “${say.name(methodId)}”.`,
  hiddenTestFirst: ({ chemistry, owner }, say) =>
    `Hidden test first: ${CHEMISTRY_WORDS[chemistry]} (${ownerWords(owner, say)}).`,
  ownDyeAtRisk: ({ agentId }, say) =>
    `${upper(say.name(agentId))} may take the piece's own colour with it. Dip a corner in a cup first; last resort.`,
  notInCupboard: ({ agentId }, say) => `Not in your cupboard: ${say.name(agentId)}.`,
  dilutedFirst: ({ agentId, fromPct, toPct }, say) =>
    `Your ${say.name(agentId)} is ${fromPct} %: cut down to ${toPct} % first.`,
  coolerThanBest: ({ bestC, gotC, owner }, say) =>
    `Best at ${say.temp(bestC)}; held to ${say.temp(gotC)} by ${ownerWords(owner, say)}.`,
  tapTooCool: ({ wantedC, reachedC }, say) =>
    `${say.temp(wantedC)} cannot be reached with your taps and kettle; ${say.temp(reachedC)} is the best here.`,
  actionSoftened: ({ wanted, most, owner }, say) =>
    `${upper(ACTION_WORDS[most])} instead of ${ACTION_WORDS[wanted]} (${ownerWords(owner, say)}).`,
  acidBriefly: ({ pH: value }) =>
    `At pH ${pH(value)} it is sourer than a bath may be: at most an hour, then rinse or blot it out.`,
  schoolFollowed: ({ schoolId }, say) => `Follows “${say.name(schoolId)}”.`,
  ageLowersOdds: ({ age }) =>
    `It has been there for ${age}: the odds are lower, long soaks do more than quick dabs.`,
  heatLowersOdds: ({ heat }) =>
    `Heat has been on it (${heat === 'hotWash' ? 'hot wash' : heat}): what heat sets comes out less.`,
  markNeeded: () => 'Say what the trouble is, and the ladder forms.',
  itemNeeded: () => 'Say what it is on, and the ladder forms.',
  fibresUnknown: () =>
    'Fibres not told: treated as the most delicate it could be. Look for a tag inside a side seam.',
  noLabelKnown: () => 'No care label told: limits are guessed from fibre and make, on the careful side.',
  codeUnknown: () =>
    'Upholstery code not known: treated as dry-only until a hidden spot has taken a drop of water without a ring.',
  noHomeMethod: () => 'Nothing here is both safe for this piece and any use on this trouble.',
  professionalHand: ({ because }) =>
    because === 'codeX'
      ? 'Code X: vacuum and brush only. The rest is for a professional cleaner.'
      : because === 'codeS'
        ? 'Code S: no water. Lift and blot dry at home; solvents belong in a professional’s hands, their vapour stays in foam.'
        : because === 'antique'
          ? 'Old or irreplaceable: a textile conservator is a real option before the first rung.'
          : 'Take it to a professional cleaner and say what the trouble is and what has been tried, or accept it.',
  rinseTriedFirst: ({ agentIds }, say) =>
    `Still in the cloth: ${agentIds.map(say.name).join(', ')}. Every rung starts with rinsing it out.`,
  cupboardHoldsPair: ({ pairId, agentAId, agentBId }, say) =>
    `Your cupboard holds ${say.name(agentAId)} and ${say.name(agentBId)}: together it ${say.name(pairId)}. Never in one vessel, one wash cycle or one step after the other.`,
  markAdvice: ({ markId }, say) => say.name(`advice:${markId}`),
  itemNote: ({ itemId }, say) => say.name(`note:${itemId}`),
  noHeatBeforeGone: () => 'No dryer, iron or hot wash until it is gone, seen dry in daylight.',
};

/** A finding as one sentence in the reader's measures. */
export function findingWords(finding: Finding, say: Lexicon): string {
  return (WORDS[finding.code] as (facts: Finding['facts'], say: Lexicon) => string)(finding.facts, say);
}

export const FINDING_CODES = Object.keys(WORDS) as FindingCode[];

const pH = (value: number): string => value.toFixed(1);
