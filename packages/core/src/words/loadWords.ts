import type { DryState } from '../drying/dryBy.js';
import type { HangingPlace } from '../drying/dryingLie.js';
import type { ForecastOrigin, Weather } from '../drying/forecast.js';
import type { LoadChore } from '../load/chores.js';
import type { DrumClash } from '../load/clash.js';
import type { NoLastRinse } from '../load/dose.js';
import type { NoDrum } from '../load/drum.js';
import type { HeldBy, StayReason } from '../load/drumPiece.js';
import type { SoilLevel } from '../load/heapEntry.js';
import type { Answer, Joining } from '../load/joining.js';
import { ownerWords } from './findings/ownerWords.js';
import type { Lexicon } from './round/lexicon.js';

/** Names of the pieces a load speaks of, by id. */
export type PieceNames = (pieceId: string) => string;

const kilograms = (massG: number): string => `${(massG / 1000).toFixed(1)} kg`;

/** "46 min", "1 h 52 min". */
export function lengthWords(minutes: number): string {
  const [hours, left] = [Math.floor(minutes / 60), Math.round(minutes % 60)];
  if (hours === 0) return `${left} min`;
  return left === 0 ? `${hours} h` : `${hours} h ${left} min`;
}

/** What set a limit in a drum, as a short label. */
export function heldByWords(by: HeldBy, say: Lexicon): string {
  switch (by.kind) {
    case 'cloth':
      return `what ${say.name(by.clothKindId)} are`;
    case 'use':
      return say.name(by.hygieneId);
    case 'treatment':
      return 'the wash its treatment ends in';
    case 'noLabel':
      return 'tag not read';
    case 'solvent':
      return 'the solvent that was on it';
    case 'mark':
      return say.name(by.markId);
    default:
      return ownerWords(by, say);
  }
}

/** Why two may not share a drum, as one sentence. */
export function drumClashWords(
  { code, holderId, otherId, by }: DrumClash,
  name: PieceNames,
  say: Lexicon,
): string {
  const [holder, other] = [name(holderId), name(otherId)];
  switch (code) {
    case 'alone':
      return by?.kind === 'solvent'
        ? `Solvent was on ${holder}: washed alone, even aired.`
        : `The heat its use asks for is too much for ${holder}: alone, as hot as it can.`;
    case 'ownLoad':
      return `${by ? heldByWords(by, say) : holder}: a load of their own, never with ${other}.`;
    case 'tooHot':
      return `Too hot for ${other}, at what the use of ${holder} asks for.`;
    case 'shortProgramme':
      return `Too long and strong for ${other}, at what the use of ${holder} asks for.`;
    case 'woolApart':
      return `Wool goes with wool only: ${holder} would felt, and ${other} would hardly get clean.`;
    case 'bleeds':
      return `Dye runs out of ${holder}: alone, or with its like.`;
    case 'untested':
      return `It is not known yet whether dye runs out of ${holder}: not tested, and paler with it ${other}.`;
    case 'greys':
      return `Dye of ${holder} greys ${other}: even a proven dark gives a trace each time.`;
    case 'lint':
      return `Lint of ${holder} sits on ${other}: dark and smooth.`;
    case 'muddy':
      return `Very dirty: ${holder} would soil ${other}, or wear it out.`;
    case 'noBleach':
      return `Bleach is wanted in the wash for ${holder}, and is too much for ${other}${by ? ` (${heldByWords(by, say)})` : ''}.`;
  }
}

/** Why pieces may not be one load. */
export function noDrumWords(why: NoDrum, name: PieceNames, say: Lexicon): string {
  switch (why.code) {
    case 'clash':
      return drumClashWords(why.clash, name, say);
    case 'tooHeavy': {
      const { pieceId, by } = why.programme;
      const held = pieceId && by ? ` So gentle for the sake of ${name(pieceId)}.` : '';
      return `${kilograms(why.massG)}, and this programme holds ${kilograms(why.capacityG)}.${held}`;
    }
    case 'tooFull':
      return `Fuller than the drum: ${Math.round(why.litres)} of ${Math.round(why.drumL)} L. A hand’s breadth stays free.`;
    case 'floorNotMet':
      return `Together they would stay below the ${say.temp(why.floorC)} that has to be.`;
  }
}

/** Why a line of the heap goes into no drum. */
/** Why a piece goes into no drum; `leftOut` is the household's own wish. */
export function stayWords(reason: StayReason | { readonly code: 'leftOut' }, say: Lexicon): string {
  switch (reason.code) {
    case 'leftOut':
      return 'Left out by you.';
    case 'fuel':
      return 'Its vapour burns, or it heats itself: into no machine and no dryer. Air it outdoors, then wash it by hand.';
    case 'solventSmells':
      return 'Solvent has been on it: air it outdoors until no smell is left, then wash it alone.';
    case 'productOnIt':
      return `Still on it: ${say.name(reason.agentId)}. Rinse it out by hand in plenty of cold water first.`;
    case 'inTreatment':
      return 'Something is under way on it.';
    case 'notWashed':
      return `Not washed whole${reason.by ? `: ${heldByWords(reason.by, say)}` : ''}.`;
    case 'byHand':
      return `By hand${reason.by ? `: ${heldByWords(reason.by, say)}` : ''}.`;
    case 'tooBig':
      return `One alone is ${kilograms(reason.massG)}, its programme holds ${kilograms(reason.capacityG)}: a larger machine.`;
    case 'tooCool':
      return `Bears ${say.temp(reason.maxC)} at most, cooler than the machine washes${reason.by ? `: ${heldByWords(reason.by, say)}` : ''}.`;
  }
}

/** Names as a row: "sheets", "sheets and slips", "sheets, slips and 2 more". */
export function rowOf(names: readonly string[]): string {
  const [first, second, third] = names;
  if (!first) return '';
  if (!second) return first;
  if (!third) return `${first} and ${second}`;
  return names.length === 3
    ? `${first}, ${second} and ${third}`
    : `${first}, ${second} and ${names.length - 2} more`;
}

/** "Held at 40 °C by blue shirts (sewn-in label), with it sheets." "Apart they could have 60 °C: one drum and 1 h 52 min more." */
export function joiningWords(
  joining: Joining,
  name: PieceNames,
  say: Lexicon,
): { holds: string; apart: string } {
  const { holderIds, heldIds, by, tempC, apartC, moreMinutes } = joining;
  return {
    holds: `Held at ${say.temp(tempC)} by ${rowOf(holderIds.map(name))}${
      by ? ` (${heldByWords(by, say)})` : ''
    }: ${rowOf(heldIds.map(name))} too.`,
    apart: `Apart they could have ${say.temp(apartC)}: one drum and ${lengthWords(moreMinutes)} more.`,
  };
}

/** What would change if a piece joined, shortest first; "Nothing changes." where nothing does. */
export function loadAnswerWords(answer: Extract<Answer, { may: true }>, say: Lexicon): string {
  const { before, after, programme, losesC } = answer;
  const changes = [
    ...(losesC > 0 ? [`It loses ${losesC} °C it would like.`] : []),
    ...(after.tempC === before.tempC
      ? []
      : [
          `${after.tempC < before.tempC ? 'Falls' : 'Rises'} from ${say.temp(before.tempC)} to ${say.temp(after.tempC)}.`,
        ]),
    ...(programme.after === programme.before
      ? []
      : [`${programme.before} becomes ${programme.after.toLowerCase()}.`]),
    ...(after.spinRpm < before.spinRpm
      ? [`Spin falls from ${before.spinRpm} to ${after.spinRpm}: the rest dries later.`]
      : []),
  ];
  return changes.length > 0 ? changes.join(' ') : 'Nothing changes.';
}

export const CHORE_WORDS: Readonly<Record<LoadChore, string>> = {
  emptyPockets: 'pockets empty',
  closeFastenings: 'zips and hooks closed',
  openCollars: 'collars and cuffs open',
  insideOut: 'inside out',
  bag: 'in a wash bag',
  shakeOut: 'shaken out',
  unbutton: 'buttons of covers open',
};

export const NO_LAST_RINSE_WORDS: Readonly<Record<NoLastRinse, string>> = {
  spoils: 'nothing in the last rinse: softener would spoil it',
  school: 'nothing in the last rinse',
  notInHouse: 'nothing in the last rinse: not in the house',
  notBorne: 'nothing in the last rinse: not all of it bears it',
};

export const SOIL_WORDS: Readonly<Record<SoilLevel, string>> = {
  light: 'hardly dirty',
  usual: 'worn',
  heavy: 'very dirty',
};

/** Said before any drum is shut. */
export const BEFORE_THE_DRUM = [
  'Look into the drum before you shut it: no child, no cat.',
  'Capsules and powders back out of children’s reach.',
] as const;

/** Said wherever a dryer is; they protect people. */
export const DRYER_RULES = [
  'Clean the lint filter first.',
  'Let the cool-down run to its end, take it out and spread it at once: never left heaped hot.',
  'Only while someone is in the house and awake.',
] as const;
export const GREASY_DRYER_RULE =
  'Kitchen cloths and anything greasy only when no grease is left. A warm heap of oily cloth heats itself, hours later.';

/** Said wherever washing dries indoors. */
export const INDOOR_RULE =
  'Two to three litres of water a load go into the room: window or extractor, or mould comes; mind asthma. Nothing on or within a metre of a stove, heater or open fire.';

export const PLACE_WORDS: Readonly<Record<HangingPlace, string>> = {
  line: 'on the line',
  shade: 'on the line, in shade',
  rack: 'on an airer indoors',
  flat: 'laid flat indoors',
  chair: 'over a chair indoors',
};

export const DRY_STATE_WORDS: Readonly<Record<DryState, string>> = {
  inTime: 'dry in time',
  rainFirst: 'rain first',
  duskFirst: 'dusk first',
  damp: 'still damp',
  cannotTell: 'cannot tell',
};

export const WEATHER_WORDS: Readonly<Record<Weather, string>> = {
  dryWindy: 'dry and windy',
  dryStill: 'dry and still',
  sunny: 'warm and sunny',
  dull: 'dull',
  damp: 'damp, rain about',
  frosty: 'frost',
};

export const ORIGIN_WORDS: Readonly<Record<ForecastOrigin, string>> = {
  madeUp: 'example forecast',
  csv: 'your forecast',
  byHand: 'by hand',
};
