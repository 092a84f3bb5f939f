import { HYGIENE_C, upperFirst } from '@feverfew/knowledge';
import type { PlanFindingFacts } from '../../finding/planFindingFacts.js';
import { durationWords } from '../round/durationWords.js';
import type { WordsOf } from './wordsOf.js';

const PROFESSIONAL_WORDS: Readonly<Record<PlanFindingFacts['professionalHand']['because'], string>> = {
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

export const PLAN_FINDING_WORDS: WordsOf<PlanFindingFacts> = {
  sizeAssumed: ({ lengthCm, widthCm }) =>
    `Size not entered: amounts are for a palm, ${lengthCm} × ${widthCm} cm. Enter it, and they change.`,
  fieldByField: ({ cm }) =>
    `All over, and it cannot be rinsed through: one field of ${cm} × ${cm} cm at a time. Amounts are for one field.`,
  dangerHere: ({ text }) => text,
  solventOnIt: ({ agentIds }, say) =>
    `${upperFirst(agentIds.map(say.name).join(', '))} has been on it: outdoors until no smell is left, before any ` +
    'water, machine or warmth. Wash it alone; no dryer.',
  chlorineFumesFrom: ({ componentId }, say) =>
    `Chlorine bleach is on it, and ${say.name(componentId)} gives off gas with it. Window wide open, leave if it ` +
    'stings, rinse with much cold water first.',
  productsReact: ({ agentAId, agentBId, pairId }, say) =>
    `${upperFirst(say.name(agentAId))} and ${say.name(agentBId)} are both on it: together it ${say.name(pairId)}. Window ` +
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
    `${upperFirst(say.name(agentId))} on ${say.name(componentId)} makes crystals that explode at a touch once dry. Dry: do ` +
    'not touch it, call the fire service. Still wet: flood it with running water and never let it dry.',
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
  waterTestFirst: () => 'Only water takes this out: do the hidden water test first.',
  waterTestFailed: () =>
    'The hidden water test was not passed: dry ways only. What they leave is for a professional cleaner.',
  noCleaningHelps: ({ markId }, say) =>
    `${upperFirst(say.name(markId))}: this is no soil, and no cleaning helps. What may help is said below.`,
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
