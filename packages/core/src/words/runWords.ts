import { MAX_SOLVENT_A_DAY_ML } from '@feverfew/knowledge';
import type { Overrun } from '../run/clock/overrun.js';
import type { LookQuestion } from '../run/look/lookQuestions.js';
import type { Clash } from '../run/occupancy/clashesOf.js';
import type { Refusal } from '../run/runState.js';
import type { DangerCode } from '../safety/dangerAhead.js';
import type { TrialRefusal } from '../trial/trial.js';
import type { TrialFault } from '../trial/trialFaults.js';

/** Why a tap did not count, and what to do instead. */
const REFUSALS: Readonly<Record<Refusal, string>> = {
  notStarted: 'This run has not started.',
  alreadyStarted: 'This run has started already.',
  finished: 'This run is finished. Undo the last tap to open it again.',
  noSuchPass: 'The plan has no such step.',
  earlierProductFirst: 'What was on it before is rinsed out first: begin with the first step of the plan.',
  notThisStep: 'Another device has gone on: this is no longer the next step.',
  lookFirst: 'Check first and say what you see.',
  decideFirst: 'Say first how to go on.',
  nothingToDecide: 'There is nothing to decide: it was decided already.',
  notOffered: 'That way is not open from here.',
  mixIsNotTheRecipe: 'That mix holds something else than this step asks for.',
  notADwell: 'There is no clock to this step.',
  timerRuns: 'The clock runs already.',
  noTimer: 'No clock runs.',
  timerPaused: 'It is taken out for now: put it back first.',
  notPaused: 'It is not taken out.',
  mustStayWet: 'It has to stay wet: it cannot wait. Go on, or rinse it out.',
  windowEnds: 'No longer: the time this piece and method leave ends here.',
  lookNeedsLevel: 'Say how much is left, or what you see.',
  noSuchMark: 'That is none of the troubles this run is about.',
  heatIsOpen: 'Heat is allowed already.',
  productInside: 'Not while the product is in the cloth: rinse and wash it out first.',
  heatEndangersPeople:
    'No heat on this one: what was used on it can catch fire or give off fumes. That cannot be waived.',
  notATest: 'There is no hidden test at this step.',
  rinseFirst: 'What was on it before is rinsed out in any case.',
  alreadyOn: 'It is on the piece already: go on, or stop and rinse it out.',
  nothingToUndo: 'There is nothing to take back.',
  nothingToRedo: 'There is nothing to bring back.',
};

/** Why a run that is under way had better not go on. */
const DANGERS: Readonly<Record<DangerCode, string>> = {
  forbiddenPairInVessel: 'Two things of this step must not be in one vessel.',
  forbiddenPairUnrinsed: 'What was on it before must not meet what comes next.',
  agentNeverOffered: 'A product of it is not used at home any more.',
  agentSwitchedOff: 'A product of it is switched off in your house.',
  strengthNotSafe: 'A bottle of it is stronger than is safe here.',
  solventOverCap: 'It takes more solvent than one room bears.',
  hazardInClosed: 'It would shut something in that gives off gas.',
  heatWithSolvent: 'It would bring heat to a solvent.',
  oilToDryer: 'It would bring oil into the dryer.',
  inCompany: 'It would put one product next to another that it must not meet.',
  keptFromPeople: 'A product of it is kept from a person who lives here now.',
  personBanLost: 'What is on it can give off something that harms people.',
  driesExplosive: 'What is on it must not dry.',
  spoiltPieceWorked: 'what is in the cloth may not be washed at home',
  planNotOurs: 'Its plan came in with a file, and is not one that was made here.',
};

export const dangerWords = (code: DangerCode): string => DANGERS[code];

export const refusalWords = (refusal: Refusal): string => REFUSALS[refusal];

/** What to do now that a wait has run over. */
const OVERRUN_WORDS: Readonly<Record<Overrun, string>> = {
  wetAgain: 'It was to stay wet: wet it again as it was, then check.',
  rinseAndAgain:
    'It was to stay wet and has long been dry: rinse it off, or blot it out well. Begin a fresh round rather than ' +
    'wetting this one.',
  takeOutRinse: 'Take it out now and rinse or blot it out, then check.',
  rinseAtOnce:
    'This one is not to be left. At once plenty of cold water through it, or a cold wet cloth again and again where ' +
    'it cannot be rinsed. Then check.',
  noHarm: 'No harm done: check when you can.',
};

export const overrunWords = (rule: Overrun): string => OVERRUN_WORDS[rule];

const TRIAL_REFUSALS: Readonly<Record<TrialRefusal, string>> = {
  notNow: 'That is not the step the trial is at.',
  alreadyTreated: 'That one is treated already.',
  clockFirst: 'The time is not up: all of them need the same.',
  notThisOne: 'Check the one that was drawn.',
  nothingToUndo: 'There is nothing to take back.',
};

export const trialRefusalWords = (refusal: TrialRefusal): string => TRIAL_REFUSALS[refusal];

const TRIAL_FAULTS: Readonly<Record<TrialFault['code'], string>> = {
  tooFew: 'Choose two ways or three.',
  tooMany: 'Three ways at most.',
  sameTwice: 'The same way is in it twice.',
  notInPlan: 'Only a step of the plan can be tried.',
  prepares: 'Only a step that takes it out by itself can be tried: not what prepares, and not the wash.',
  noCommonTime: 'Their times do not meet: one would have to be cut short or left too long.',
  notOnZones:
    'A bath, a flush or a machine wash reaches the whole piece: use like pieces instead of parts of one.',
  mustNotMeet: 'These may not meet on one cloth.',
};

export const trialFaultWords = (fault: TrialFault): string => TRIAL_FAULTS[fault.code];

const LOOK_QUESTION_WORDS: Readonly<Record<LookQuestion, string>> = {
  dryFirst: 'Is it dry through? Wet cloth looks cleaner or darker than it is.',
  stillWet: 'Is it still wet all over? If an edge has dried, wet it.',
  foamGone: 'Dab it with clear water: no foam any more?',
  colourOnCloth: 'Press a white cloth on it. Its own colour on the cloth is a stop sign.',
  waterDirtOrDye: 'Is the water the colour of the dirt, or of the cloth?',
  smellWarm: 'Breathe on it or hold it in a warm hand, then smell.',
  besideControl: 'Hold it in daylight next to a clean part of the same cloth.',
};

export const lookQuestionWords = (question: LookQuestion): string => LOOK_QUESTION_WORDS[question];

const CLASH_WORDS: Readonly<Record<Clash['kind'], (name: string, first: string, second: string) => string>> =
  {
    vesselTwice: (name, first, second) =>
      `The ${name} is wanted twice: by the ${first} and by the ${second}.`,
    machineTwice: (_name, first, second) =>
      `The washing machine is wanted twice: by the ${first} and by the ${second}.`,
    coloursTogether: (_name, first, second) =>
      `Never the ${first} and the ${second} in one water: colour may come out of one into the other.`,
    solventsTogether: (name, first, second) =>
      `${name} of flammable solvent in one day, with the ${first} and the ${second}: at most ` +
      `${MAX_SOLVENT_A_DAY_ML} mL in one room. Leave one for tomorrow, or work outdoors.`,
  };

export const clashWords = ({ kind, name, pieceNames: [first, second] }: Clash): string =>
  CLASH_WORDS[kind](name, first, second);
