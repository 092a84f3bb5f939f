import { upperFirst } from '@feverfew/knowledge';
import type { MixFindingFacts } from '../../finding/mixFindingFacts.js';
import { WETTING_WORDS } from '../round/vocabularyWords.js';
import { ownerWords } from './ownerWords.js';
import type { WordsOf } from './wordsOf.js';

export const MIX_FINDING_WORDS: WordsOf<MixFindingFacts> = {
  onlyInItsBottle: ({ agentId, container }, say) =>
    container === 'sprayer'
      ? `${upperFirst(say.name(agentId))} does not go into a sprayer: its mist is breathed in, and may take fire.`
      : `${upperFirst(say.name(agentId))} stays in its own bottle: another bottle does not say what is in it.`,
  burnsWithOxidiser: ({ oxidiserId, fuelId }, say) =>
    `${upperFirst(say.name(oxidiserId))} and ${say.name(fuelId)} with so little water can take fire or burst: not together.`,
  tooLittleWater: ({ agentId, neededML }, say) =>
    `${upperFirst(say.name(agentId))} heats up by itself with little water: at least ${say.volume(neededML)}, water first.`,
  mustNotMeet: ({ pairId, agentAId, agentBId }, say) =>
    agentAId === agentBId
      ? `${upperFirst(say.name(agentAId))} cannot be used here: it ${say.name(pairId)}.`
      : `${upperFirst(say.name(agentAId))} and ${say.name(agentBId)} must not meet: together it ${say.name(pairId)}.`,
  unknownWithAnything: ({ agentId }, say) =>
    `${upperFirst(say.name(agentId))} meets nothing but water: its contents are unknown.`,
  gasInClosed: ({ agentId, container }, say) =>
    `${upperFirst(say.name(agentId))} gives off gas: in a closed ${container} the pressure bursts it. An open cup or ` +
    `tub, mixed fresh.`,
  gasUnderLid: ({ agentId }, say) =>
    `${upperFirst(say.name(agentId))} gives off gas: lid off, or laid on loosely. Never clipped or screwed.`,
  chlorineOnlyWithWater: ({ agentId }, say) =>
    `Chlorine bleach meets water only: no ${say.name(agentId)} with it.`,
  chlorineOnlyCold: ({ maxC }, say) =>
    `Chlorine bleach is used cold, at ${say.temp(maxC)} at most: warm it fumes.`,
  chlorineTooStrong: ({ pct, maxPct }) =>
    `${pct} % available chlorine; at most ${maxPct} % touches any cloth. More water, or less bleach.`,
  ammoniaOnlyCold: ({ agentId, maxC }, say) =>
    `${upperFirst(say.name(agentId))} goes into cold water only, ${say.temp(maxC)} at most: warmth drives its gas out.`,
  tooMuchFlammable: ({ agentId, mostML }, say) =>
    `${upperFirst(say.name(agentId))} burns: at most ${say.volume(mostML)} of it at a time, poured near no flame.`,
  solventOnlyCold: ({ agentId, maxC }, say) =>
    `${upperFirst(say.name(agentId))} and warm water make vapour that catches fire: no warmer than ${say.temp(maxC)}.`,
  measureGone: () => 'It is counted in a measure this household no longer has. Mix it again.',
  neverOffered: ({ agentId }, say) => `${upperFirst(say.name(agentId))} is not for use at home, in no mix.`,
  hotterThanPiece: ({ atC, maxC, owner }, say) =>
    `At ${say.temp(atC)} it is too hot: ${say.temp(maxC)} at most (${ownerWords(owner, say)}).`,
  wetterThanPiece: ({ most, owner }, say) =>
    `Not into a bath: ${WETTING_WORDS[most]} is the most (${ownerWords(owner, say)}).`,
  onlyBrieflySour: ({ low, min, owner }, say) =>
    `pH ${pH(low)} is sourer than its ${pH(min)} (${ownerWords(owner, say)}): on a spot, at most an hour, then ` +
    `rinsed out; not to soak in.`,
  agentOnMetalVessel: ({ agentId, material }, say) =>
    `${upperFirst(say.name(agentId))} attacks ${material}: take another vessel.`,
  overTheRim: ({ fillL, volumeL }, say) =>
    `${say.volume(fillL * 1000)} does not fit: it holds ${say.volume(volumeL * 1000)}, and needs room at the top.`,
  doesNotDissolve: ({ agentId, leftG }, say) =>
    `${leftG} g of the ${say.name(agentId)} stays on the bottom: cold water holds no more. Grains on cloth work in ` +
    `spots.`,
  waterNotReached: ({ wantedC, reachedC }, say) =>
    `${say.temp(wantedC)} cannot be reached with your taps and kettle: ${say.temp(reachedC)} is the best here.`,
  claimNeutralised: ({ acidId, sodaId, acidLeftPct, sodaLeftPct, pH: value }, say) =>
    acidLeftPct > 0
      ? `${upperFirst(say.name(sodaId))} is used up by the ${say.name(acidId)}; ${acidLeftPct} % of the acid is left. ` +
        `Either alone does more.`
      : `The ${say.name(acidId)} is used up; ${sodaLeftPct} % of the ${say.name(sodaId)} is left in salty water of ` +
        `about pH ${pH(value)}. Either alone does more.`,
  claimSodaSoftens: ({ waterL, sodaG }, say) =>
    `Baking soda is no dependable softener. Washing soda is, on cotton and linen: ${sodaG} g for these ` +
    `${say.volume(waterL * 1000)}. Wool and silk do not bear it: take citrate.`,
  claimColdOxygen: ({ tempC, lowPct, highPct }, say) =>
    `At ${say.temp(tempC)} oxygen bleach works at ${lowPct}–${highPct} % of its speed at ${say.temp(40)}.`,
  claimMoreProduct: ({ agentId, times }, say) =>
    `${times} times the usual ${say.name(agentId)}: it does not clean ${times} times as well, and takes more rinsing.`,
  claimFilledHigher: ({ neededL, weakerPct }, say) =>
    `${say.volume(neededL * 1000)} covers the piece; this much water makes the bath ${weakerPct} % weaker.`,
  claimHotAfterHour: ({ startC, afterC }, say) =>
    `After an hour this bath has come from ${say.temp(startC)} down to about ${say.temp(afterC)}.`,
};

const pH = (value: number): string => value.toFixed(1);
