import type { Plan } from '@feverfew/core';
import type { z } from 'zod';
import type { Run as RunShape } from './run.js';

export * from './catalogue.js';
export * from './envelope.js';
export * from './household.js';
export * from './householdFile.js';
export * from './mix.js';
export * from './piece.js';
export * from './pieceHistory.js';
export * from './plan.js';
export * from './planParts.js';
export * from './problem.js';
export * from './reference.js';
export * from './run.js';
export * from './today.js';
export * from './trial.js';
export * from './trouble.js';
export * from './upgradeFile.js';
export * from './whatWorks.js';

/** A run as sent, with the plan in the core's own type. */
export type RunView = Omit<z.infer<typeof RunShape>, 'plan'> & { plan: Plan };

/**
 * What the interface may take from core: words, units and types, and the run's own state machine, so that a device
 * without a
 * line goes on by the same rules as the server. It decides nothing of its own.
 */
export {
  ACTION_WORDS,
  type Action,
  type ActionWords,
  actionWords,
  againstBook,
  type BathOutlook,
  BLANK_LABEL,
  betweenWords,
  type Candidate,
  type CareLabel,
  CHEMISTRY_WORDS,
  type ChangeCode,
  type ChemistryWindow,
  type Choice,
  CLOTH_WORDS,
  type Clash,
  CONFIDENCE_WORDS,
  COURSE_END_WORDS,
  type ComparedPosition,
  type Cost,
  celsiusToFahrenheit,
  changeWords,
  checkWords,
  clashWords,
  currentAction,
  DRYING_WORDS,
  detergentFactor,
  durationWords,
  EMPTY_FACTS,
  EMPTY_MIX,
  EMPTY_PIECE,
  type Envelope,
  EXTEND_MIN,
  type Exposure,
  effectRange,
  effectWords,
  type Finding,
  fahrenheitToCelsius,
  findingWords,
  gToMass,
  type Household,
  hardnessClasses,
  hardnessToMgL,
  heatEndangersPeople,
  holdsTheRecipe,
  type Ingredient,
  isClaim,
  isOneSlip,
  LEVELS,
  type Level,
  type Lexicon,
  type Limit,
  type LimitOwner,
  type LookAnswer,
  leftBefore,
  levelOf,
  litresOf,
  lookQuestions,
  lookQuestionWords,
  MASS_UNITS,
  MEASURE_TOOL_IDS,
  MEASURE_TOOLS,
  MECHANISM_WORDS,
  type MeasureToolId,
  type Mix,
  type MixBath,
  type MixedPour,
  type MixPour,
  type MixVerdict,
  MOST_MARKS,
  MOST_POURS,
  mgLToHardness,
  mLToVolume,
  type NextAction,
  type NextOption,
  nextAction,
  nextOptions,
  ON_CLOTH_WORDS,
  type Outcome,
  type Overrun,
  overrunOf,
  overrunWords,
  ownerWords,
  type ParsedBlend,
  type ParsedLabel,
  type Pass,
  type PHRange,
  type PieceFacts,
  type Plan,
  PROGRAMME_WORDS,
  type Prices,
  type Product,
  PURPOSE_WORDS,
  parseBlend,
  parseLabel,
  passFigures,
  peroxideToOxygenGPerL,
  type RunEvent,
  type RunState,
  type RunTimer,
  refusalWords,
  replayRun,
  SIZE_WORDS,
  type Size,
  type SizeWord,
  SPOT_WETNESS,
  type SpotWetness,
  type StallView,
  stallView,
  stripToMgL,
  type TableAnswer,
  type TableQuestion,
  type TriedProduct,
  type TroubleFacts,
  type Vessel,
  VOLUME_UNITS,
  WETTING_WORDS,
  workingWords,
} from '@feverfew/core';
export {
  AGES,
  COLOURS,
  CONDITIONS,
  FASTNESSES,
  HARDNESS_UNITS,
  type HardnessUnit,
  MECHANICAL_ACTIONS,
  PROGRAMMES,
  STRIP_STEPS_DH,
  type TroubleKind,
  UPHOLSTERY_CODES,
  USUAL_SHAPES,
  VESSEL_FORMS,
  VESSEL_MATERIALS,
  type VesselForm,
  type VesselShape,
  WASH_TEMPS_C,
  WETTINGS,
} from '@feverfew/knowledge';
