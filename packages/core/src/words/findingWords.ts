import { HYGIENE_C } from '@feverfew/knowledge';
import type { Finding, FindingCode, FindingFacts } from '../finding/finding.js';
import { ownerWords } from './ownerWords.js';
import { durationWords } from './round/durationWords.js';
import type { Lexicon } from './round/lexicon.js';
import {
  ACTION_WORDS,
  CHEMISTRY_WORDS,
  DEED_WORDS,
  PROGRAMME_WORDS,
  WETTING_WORDS,
} from './round/vocabularyWords.js';

const SENSITIVE_WORDS = {
  pregnancy: 'someone here is pregnant',
  baby: 'a baby or small child lives here',
  pets: 'pets live here',
} as const;

/** The sentence of each finding, by its code. A code without words does not compile. */
type Words = { readonly [Code in FindingCode]: (facts: FindingFacts[Code], say: Lexicon) => string };

const upper = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const OTHER_WAY = {
  gentler: 'Gentler than what is laid out.',
  stronger: 'Stronger than what is laid out.',
  alike: 'Does much the same as what is laid out.',
} as const;

const PROFESSIONAL_WORDS: Readonly<Record<FindingFacts['professionalHand']['because'], string>> = {
  explosive: 'Do not move it, touch it or carry it anywhere: keep people away and call the fire service.',
  fluoride:
    'Not for a machine, a cleaner or the dustbin: ask the poison line about people, the waste authority about it.',
  fuel:
    'Not for a machine, a cleaner or the dustbin: ask the waste authority. Indoors, or with a strong smell, the ' +
    'fire service.',
  dryingOil:
    'Not for a machine, a cleaner or the dustbin: to the hazardous-waste point, wet, in a metal can. Ask the waste ' +
    'authority where.',
  rotten: 'Not for a machine or a cleaner: double bag, household rubbish or bulky waste.',
  codeX:
    'Code X: vacuum and brush only. The rest is for a professional cleaner: tell them what it is, since when, ' +
    'and what has been tried.',
  codeS:
    'Code S: no water. Lift and blot dry at home; solvents belong in a professional’s hands, their vapour ' +
    'stays in foam. Tell them what it is, since when, and what has been tried.',
  antique: 'Old or irreplaceable: a textile conservator is a real option before the first step.',
  leather: 'Leather or suede: water and solvents both harm it. A leather cleaner is the right hand.',
  dryCleanOnly:
    'Its tag sends it to a professional: tell them what the trouble is and what has been tried. Spot ' +
    'work at home stays small.',
  noMethod:
    'Take it to a professional cleaner and say what the trouble is and what has been tried, or accept it.',
};

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
  offByDefault: ({ agentId }, say) => `${upper(say.name(agentId))} is switched off in this household.`,
  notSoldHere: ({ agentId }, say) => `${upper(say.name(agentId))} is not sold to households here.`,
  notWithAsthma: ({ agentId }, say) => `${upper(say.name(agentId))} is kept out: someone here has asthma.`,
  notWithSensitive: ({ agentId, who }, say) =>
    `${upper(say.name(agentId))} is kept out: ${SENSITIVE_WORDS[who]}.`,
  dustWithAsthma: ({ componentId }, say) =>
    `Brushing ${say.name(componentId)} dry fills the air with its dust, and someone here has asthma.`,
  barredHere: ({ deed }) => `No ${DEED_WORDS[deed]} on this piece.`,
  tooLargeForSpot: () => 'Spot work, and the trouble is all over, or nearly.',
  tooMuchSolvent: ({ agentId, neededML, mostML }, say) =>
    `This size would take ${say.volume(neededML)} of ${say.name(agentId)}; at home ${say.volume(mostML)} is the ` +
    'most in one round. More is a job for a professional.',
  sizeAssumed: ({ lengthCm, widthCm }) =>
    `Size not entered: amounts are for a palm, ${lengthCm} × ${widthCm} cm. Enter it, and they change.`,
  fieldByField: ({ cm }) =>
    `All over, and it cannot be rinsed through: one field of ${cm} × ${cm} cm at a time. Amounts are for one field.`,
  dangerHere: ({ text }) => text,
  solventOnIt: ({ agentIds }, say) =>
    `${upper(agentIds.map(say.name).join(', '))} has been on it: outdoors until no smell is left, before any ` +
    'water, machine or warmth. Wash it alone; no dryer.',
  chlorineFumesFrom: ({ componentId }, say) =>
    `Chlorine bleach is on it, and ${say.name(componentId)} gives off gas with it. Window wide open, leave if it ` +
    'stings, rinse with much cold water first.',
  productsReact: ({ agentAId, agentBId, pairId }, say) =>
    `${upper(say.name(agentAId))} and ${say.name(agentBId)} are both on it: together it ${say.name(pairId)}. Window ` +
    'open, leave the room, add nothing; when it no longer smells, rinse with plenty of cold water.',
  soakedWithFuel: () =>
    'A piece soaked with fuel, or with fuel in its foam or padding, burns for weeks. Washing does not take it out. ' +
    'Keep it outdoors and out of use, and take it to the hazardous-waste point. A small splash: tell its size.',
  soakedWithDryingOil: () =>
    'Oil paint, varnish or a drying oil all over it heats up by itself. Folded, in a heap, a bin or a dryer it can ' +
    'catch fire. Washing does not take it out: out of use. A small mark: tell its size.',
  rottenInside: ({ by }) =>
    by === 'mould'
      ? 'Mould has grown into it: washing the cover does not reach it, and it is breathed. It is thrown away. Cover and bed linen by themselves: 60 °C with a powder that holds bleach.'
      : 'What infects has soaked into the filling, and no water reaches it: it is thrown away. A small place: tell its size.',
  fluorideOnIt: () =>
    'A rust remover with fluoride is on it: it burns deep, the pain comes late, and it can kill. Do not wash the ' +
    'piece; it goes to the hazardous-waste point in a double bag.',
  explosiveWhenDry: ({ componentId, agentId }, say) =>
    `${upper(say.name(agentId))} on ${say.name(componentId)} makes crystals that explode at a touch once dry. Dry: do ` +
    'not touch it, call the fire service. Still wet: flood it with running water and never let it dry.',
  onlyInItsBottle: ({ agentId, container }, say) =>
    container === 'sprayer'
      ? `${upper(say.name(agentId))} does not go into a sprayer: its mist is breathed in, and may take fire.`
      : `${upper(say.name(agentId))} stays in its own bottle: another bottle does not say what is in it.`,
  burnsWithOxidiser: ({ oxidiserId, fuelId }, say) =>
    `${upper(say.name(oxidiserId))} and ${say.name(fuelId)} with so little water can take fire or burst: not together.`,
  tooLittleWater: ({ agentId, neededML }, say) =>
    `${upper(say.name(agentId))} heats up by itself with little water: at least ${say.volume(neededML)}, water first.`,
  metalParts: ({ agentId }, say) => `${upper(say.name(agentId))} attacks the metal parts of this piece.`,
  vesselTooSmall: ({ neededL, largestL }, say) =>
    `Needs a vessel of ${say.volume(neededL * 1000)}; your largest holds ${say.volume(largestL * 1000)}.`,
  vesselUnsuitable: ({ agentId, neededL }, say) =>
    `No vessel of ${say.volume(neededL * 1000)} here bears ${say.name(agentId)}.`,
  notForChildren: ({ agentId }, say) => `${upper(say.name(agentId))} is kept off children's textiles.`,
  noMachine: () => 'Needs a washing machine; none is entered for this household.',
  programmeTooStrong: ({ wanted, most, owner }, say) =>
    `Needs a ${PROGRAMME_WORDS[wanted]} programme; this piece bears ` +
    `${most === 'none' ? 'no wash' : `at most ${PROGRAMME_WORDS[most]}`} (${ownerWords(owner, say)}).`,
  methodExhausted: ({ rounds, maxRounds, stalled }) =>
    stalled
      ? `Stalled after ${rounds} ${rounds === 1 ? 'round' : 'rounds'}: another mechanism, not more of the same.`
      : `All its ${maxRounds} ${maxRounds === 1 ? 'round is' : 'rounds are'} done: more would wear the fibre.`,
  triedInVain: ({ agentId, times }, say) =>
    `${upper(say.name(agentId))} has done nothing ${times} times: another mechanism, not more of it.`,
  otherPosition: ({ positionId, followedId }, say) =>
    `Another way (“${say.name(positionId)}”); this household follows “${say.name(followedId)}”.`,
  onlyWaterAfter: ({ triedAgentId }, say) =>
    `${upper(say.name(triedAgentId))} is still in it and cannot be rinsed out: plain water and air only.`,
  triedMustNotMeet: ({ pairId, triedAgentId, agentId }, say) =>
    `${upper(say.name(triedAgentId))} has been on it, and with ${say.name(agentId)} it ${say.name(pairId)}.`,
  apartFromRung: ({ pairId, rungMethodId, agentId }, say) =>
    `${upper(say.name(agentId))} may not share a plan with “${say.name(rungMethodId)}”: together it ` +
    `${say.name(pairId)}.`,
  leftOut: () => 'You left it out.',
  chosenInstead: ({ methodId }, say) => `You chose “${say.name(methodId)}” instead.`,
  washLater: () =>
    'Too little time to wash and dry it. Press the place dry in a towel, with every product rinsed out; wash it within a day.',
  keepOffAside: () =>
    'Only the marked place gets wet: its trim, border or patches stay out of it, covered and dry. A splash on them: a barely damp cloth, dried at once.',
  wholeLoad: () => 'A whole load: whites, colours and fine fibres each have a plan of their own.',
  stopInTime: () =>
    'Stop a quarter of an hour before, and leave it dry. Cover what is left: a scarf, a brooch, a bowl on the table. The rest is for another day.',
  notInTime: ({ readyInMin, likelyMin, inPlace }) =>
    `Not ready in ${durationWords(readyInMin, readyInMin)}: about ${durationWords(likelyMin, likelyMin)} with drying. ` +
    (inPlace
      ? 'Lay a dry towel on it for now, and leave it free until it is dry.'
      : 'Stop in time: rinse it out, press it dry in a towel, go on within a day.'),
  takesTooLong: ({ minutes, readyInMin }) =>
    `Takes about ${durationWords(minutes, minutes)}: not ready in ${durationWords(readyInMin, readyInMin)}.`,
  addsLittle: ({ pct }) => `Would add ${pct} % at most to what the other steps take.`,
  rinsedForNext: ({ agentId }, say) => `It may not meet ${say.name(agentId)}, which comes later.`,
  rinsedForCloth: () => 'The cloth bears it only for a short while.',
  littleEffect: ({ highPct }) => `Would take out ${highPct} % at best.`,
  fromOwnLog: ({ uses, worked, bookLowPct, bookHighPct }) =>
    `From your own results: ${worked} of ${uses} worked. Usual is ${bookLowPct}–${bookHighPct} % a round.`,
  logSaysOther: ({ methodId, uses, worked, chancePct }, say) =>
    `Set aside by your own results: ${worked} of ${uses} worked. “${say.name(methodId)}” does better with odds of ` +
    `${chancePct} in 100.`,
  otherWay: ({ than, lowPct, highPct }) =>
    `${OTHER_WAY[than]} By itself it takes about ${lowPct} to ${highPct} %.`,
  hiddenTestFirst: ({ chemistry, owner }, say) =>
    `Hidden test first: ${CHEMISTRY_WORDS[chemistry]} (${ownerWords(owner, say)}).`,
  ownDyeAtRisk: ({ agentId }, say) =>
    `${upper(say.name(agentId))} may take the piece's own colour with it. Dip a corner in a cup first; last resort.`,
  notInCupboard: ({ agentId }, say) => `Not in your cupboard: ${say.name(agentId)}.`,
  standsIn: ({ substitutionId, wantedAgentId }, say) =>
    `Instead of ${say.name(wantedAgentId)}. ${say.name(substitutionId)}`,
  bigPour: ({ agentId, amount, unit }, say) =>
    `That is ${unit === 'mL' ? say.volume(amount) : `${amount} g of`} ${say.name(agentId)} a round: ` +
    'see that there is enough.',
  roundsLeft: ({ done, left }) => `${done} ${done === 1 ? 'round' : 'rounds'} done already; ${left} left.`,
  triedOnce: ({ agentId }, say) =>
    `${upper(say.name(agentId))} has been on it to no effect: less to hope for.`,
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
  kettlesNeeded: ({ hotC, toC, litres }, say) =>
    `Your tap gives ${say.temp(hotC)}: ${say.volume(litres * 1000)} just boiled bring this tub to ${say.temp(toC)}.`,
  longerForCool: ({ minutes, tempC, sharePct }, say) =>
    sharePct < 100
      ? `From ${say.temp(tempC)} downwards it works slowly: give it the whole ${durationWords(minutes, minutes)}, ` +
        `which does about ${sharePct} % of what a bath kept warm would. A lid, a wrapping or a larger tub helps.`
      : `Aim for about ${durationWords(minutes, minutes)} from ${say.temp(tempC)}: by then most of what it can do ` +
        'is done.',
  mustNotMeet: ({ pairId, agentAId, agentBId }, say) =>
    agentAId === agentBId
      ? `${upper(say.name(agentAId))} cannot be used here: it ${say.name(pairId)}.`
      : `${upper(say.name(agentAId))} and ${say.name(agentBId)} must not meet: together it ${say.name(pairId)}.`,
  unknownWithAnything: ({ agentId }, say) =>
    `${upper(say.name(agentId))} meets nothing but water: its contents are unknown.`,
  gasInClosed: ({ agentId, container }, say) =>
    `${upper(say.name(agentId))} gives off gas: in a closed ${container} the pressure bursts it. An open cup or ` +
    `tub, mixed fresh.`,
  gasUnderLid: ({ agentId }, say) =>
    `${upper(say.name(agentId))} gives off gas: lid off, or laid on loosely. Never clipped or screwed.`,
  chlorineOnlyWithWater: ({ agentId }, say) =>
    `Chlorine bleach meets water only: no ${say.name(agentId)} with it.`,
  chlorineOnlyCold: ({ maxC }, say) =>
    `Chlorine bleach is used cold, at ${say.temp(maxC)} at most: warm it fumes.`,
  chlorineTooStrong: ({ pct, maxPct }) =>
    `${pct} % available chlorine; at most ${maxPct} % touches any cloth. More water, or less bleach.`,
  ammoniaOnlyCold: ({ agentId, maxC }, say) =>
    `${upper(say.name(agentId))} goes into cold water only, ${say.temp(maxC)} at most: warmth drives its gas out.`,
  tooMuchFlammable: ({ agentId, mostML }, say) =>
    `${upper(say.name(agentId))} burns: at most ${say.volume(mostML)} of it at a time, poured near no flame.`,
  solventOnlyCold: ({ agentId, maxC }, say) =>
    `${upper(say.name(agentId))} and warm water make vapour that catches fire: no warmer than ${say.temp(maxC)}.`,
  measureGone: () => 'It is counted in a measure this household no longer has. Mix it again.',
  neverOffered: ({ agentId }, say) => `${upper(say.name(agentId))} is not for use at home, in no mix.`,
  hotterThanPiece: ({ atC, maxC, owner }, say) =>
    `At ${say.temp(atC)} it is too hot: ${say.temp(maxC)} at most (${ownerWords(owner, say)}).`,
  wetterThanPiece: ({ most, owner }, say) =>
    `Not into a bath: ${WETTING_WORDS[most]} is the most (${ownerWords(owner, say)}).`,
  onlyBrieflySour: ({ low, min, owner }, say) =>
    `pH ${pH(low)} is sourer than its ${pH(min)} (${ownerWords(owner, say)}): on a spot, at most an hour, then ` +
    `rinsed out; not to soak in.`,
  agentOnMetalVessel: ({ agentId, material }, say) =>
    `${upper(say.name(agentId))} attacks ${material}: take another vessel.`,
  overTheRim: ({ fillL, volumeL }, say) =>
    `${say.volume(fillL * 1000)} does not fit: it holds ${say.volume(volumeL * 1000)}, and needs room at the top.`,
  doesNotDissolve: ({ agentId, leftG }, say) =>
    `${leftG} g of the ${say.name(agentId)} stays on the bottom: cold water holds no more. Grains on cloth work in ` +
    `spots.`,
  waterNotReached: ({ wantedC, reachedC }, say) =>
    `${say.temp(wantedC)} cannot be reached with your taps and kettle: ${say.temp(reachedC)} is the best here.`,
  claimNeutralised: ({ acidId, sodaId, acidLeftPct, sodaLeftPct, pH: value }, say) =>
    acidLeftPct > 0
      ? `${upper(say.name(sodaId))} is used up by the ${say.name(acidId)}; ${acidLeftPct} % of the acid is left. ` +
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
  notOftener: ({ rounds }) =>
    `At most ${rounds} ${rounds === 1 ? 'round' : 'rounds'}, then another mechanism.`,
  dilutedFirst: ({ agentId, fromPct, toPct }, say) =>
    `Your ${say.name(agentId)} is ${fromPct} %: cut down to ${toPct} % first.`,
  coolerThanBest: ({ bestC, gotC, owner }, say) =>
    `Best at ${say.temp(bestC)}; held to ${say.temp(gotC)} by ${ownerWords(owner, say)}.`,
  tapTooCool: ({ wantedC, reachedC }, say) =>
    `${say.temp(wantedC)} cannot be reached with your taps and kettle; ${say.temp(reachedC)} is the best here.`,
  actionSoftened: ({ wanted, most, owner }, say) =>
    `${upper(ACTION_WORDS[most])} instead of ${ACTION_WORDS[wanted]} (${ownerWords(owner, say)}).`,
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
  onlyAfter: ({ agentIds }, say) =>
    `Only where ${agentIds.map(say.name).join(' or ')} has been tried first and did not do it.`,
  gradeUnknown: ({ agentId, grades }, say) =>
    `${upper(say.name(agentId))}: ${grades.join(', or ')}? A spoon of one weighs twice the other: weigh it, or say ` +
    'which under Cupboard.',
  acidBriefly: ({ pH: value, maxMin = 60 }) =>
    `At pH ${pH(value)} it is sourer than a bath may be: at most ${maxMin === 60 ? 'an hour' : `${maxMin} minutes`}, ` +
    'then rinse or blot it out.',
  positionFollowed: ({ positionId }, say) => `Follows “${say.name(positionId)}”.`,
  ageLowersOdds: ({ age }) =>
    `It has been there for ${age}: the odds are lower, long soaks do more than quick dabs.`,
  heatLowersOdds: ({ heat }) =>
    `Heat has been on it (${heat === 'hotWash' ? 'hot wash' : heat}): what heat sets comes out less.`,
  markNeeded: () => 'Say what the trouble is, and the plan forms.',
  nothingLeft: () => 'All of it is entered as gone. Say what is left, or accept it.',
  causeUnknown: ({ markId }, say) =>
    `Why it is “${say.name(markId)}” decides what helps: answer the questions on the left.`,
  triedHot: () =>
    'Something has been on it hot: protein may be cooked in, and enzymes above 60 °C did nothing. The odds are lower.',
  chlorineTried: () =>
    'Chlorine has been on it: part of the yellow may be its own, and more bleach makes it worse.',
  onePlanForAll: ({ marks }) =>
    `One plan for all ${marks}: dry side before wet side, cold before warm, acid before oxygen.`,
  dryCleanNoPermission: ({ sign }) =>
    `The ${sign} in a circle is for a professional's machine: no permission for solvents at home.`,
  hygieneAfter: ({ maxC, mayBleach }, say) => {
    const isHot = maxC >= HYGIENE_C;
    const bleach = isHot
      ? 'a bleach-containing powder'
      : 'a bleach-containing powder or a laundry disinfectant';
    const product = mayBleach === false ? 'a laundry disinfectant by its label' : bleach;
    return (
      `For hygiene, once it is gone: wash it apart at ${say.temp(maxC)}${isHot ? ', the full programme' : ' at most'}, ` +
      `with ${product}. Dry it fully the same day.`
    );
  },
  worthBuying: ({ agentIds, methodId, nowHighPct, thenHighPct }, say) =>
    `With ${agentIds.map(say.name).join(' and ')} in the house, “${say.name(methodId)}” would take out ` +
    `up to ${thenHighPct} % a round${nowHighPct > 0 ? ` instead of ${nowHighPct} %` : ''}.`,
  itemNeeded: () => 'Say what it is on, and the plan forms.',
  fibresUnknown: () =>
    'Fibres not entered: treated as the most delicate it could be. Ways to tell: a tag inside a side seam, where it ' +
    'was bought; a cleaner can tell by a thread.',
  usualTaken: ({ fibres, washC, colour, unlessFibreIds }, say) => {
    const taken = [
      ...(colour ? [colour] : []),
      ...fibres.map(({ fibreId }) => say.name(fibreId)),
      ...(washC === null ? [] : [`a tag of ${say.temp(washC)}`]),
    ];
    const unless = unlessFibreIds.map(say.name);
    return (
      `Taken as usual: ${[...new Set(taken)].join(', ')}. Read the tag first` +
      `${unless.length > 0 ? `: ${unless.join(', ')} need another plan` : ''}.`
    );
  },
  noLabelKnown: () =>
    'Read its tag first: a crossed-out tub is for a cleaner. Without it, limits are guessed from the fibre, on the careful side.',
  codeUnknown: () =>
    'No upholstery code entered: dry powder only, until a water test. Press a damp white cloth on a hidden place for ' +
    '10 seconds. No colour, no ring once dry, no crushed pile: passed.',
  afterWaterTest: () => 'After the hidden water test: until it is passed, nothing wet.',
  waterTestFirst: () => 'Only water takes this out: do the hidden water test first.',
  waterTestFailed: () =>
    'The hidden water test was not passed: dry ways only. What they leave is for a professional cleaner.',
  noCleaningHelps: ({ markId }, say) =>
    `${upper(say.name(markId))}: this is no soil, and no cleaning helps. What may help is said below.`,
  noHomeMethod: () => 'Nothing here is both safe on it and of use.',
  professionalHand: ({ because }) => PROFESSIONAL_WORDS[because],
  rinseTriedFirst: ({ agentIds }, say) =>
    `Still in the cloth: ${agentIds.map(say.name).join(', ')}. Every step starts with rinsing it out.`,
  cupboardHoldsPair: ({ pairId, agentAId, agentBId }, say) =>
    `Your cupboard holds ${say.name(agentAId)} and ${say.name(agentBId)}: together it ${say.name(pairId)}. Never ` +
    `in one vessel, one wash cycle or one step after the other.`,
  markAdvice: ({ markId, text }, say) => text ?? say.name(`advice:${markId}`),
  itemNote: ({ itemId, text }, say) => text ?? say.name(`note:${itemId}`),
  noHeatBeforeGone: ({ hotWash }) =>
    hotWash === false
      ? 'No dryer and no iron until it is gone, seen dry in daylight.'
      : 'No dryer, iron or hot wash until it is gone, seen dry in daylight.',
};

/** A finding as one sentence in the reader's measures. */
export function findingWords(finding: Finding, say: Lexicon): string {
  return (WORDS[finding.code] as (facts: Finding['facts'], say: Lexicon) => string)(finding.facts, say);
}

const pH = (value: number): string => value.toFixed(1);
