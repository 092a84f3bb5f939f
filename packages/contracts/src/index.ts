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
export * from './problem.js';
export * from './reference.js';
export * from './run.js';
export * from './today.js';
export * from './trial.js';
export * from './trouble.js';
export * from './whatWorks.js';

/** A run as sent, with the plan in the core's own type. */
export type RunView = Omit<z.infer<typeof RunShape>, 'plan'> & { plan: Plan };

/**
 * What the interface may take from core: words, units and types, and the run's own state machine, so that a device without a
 * line goes on by the same rules as the server. It decides nothing of its own.
 */
export {
  ACTION_WORDS,
  againstBook,
  type BathOutlook,
  type BathPH,
  BLANK_LABEL,
  type Candidate,
  type CareLabel,
  CHEMISTRY_WORDS,
  type ChangeCode,
  type ChemistryWindow,
  type Choice,
  type Clash,
  type Cost,
  celsiusToFahrenheit,
  changeWords,
  clashWords,
  currentStep,
  DRYING_WORDS,
  detergentFactor,
  durationWords,
  EMPTY_MIX,
  type Envelope,
  EXTEND_MIN,
  type Exposure,
  effectRange,
  effectWords,
  type Finding,
  fahrenheitToCelsius,
  findingWords,
  gToMass,
  type Hand,
  type Household,
  handOf,
  hardnessClasses,
  hardnessToMgL,
  heatEndangersPeople,
  holdsTheRecipe,
  type Ingredient,
  isClaim,
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
  type Outcome,
  type Overrun,
  overrunOf,
  overrunWords,
  ownerWords,
  type ParsedBlend,
  type ParsedLabel,
  type PieceFacts,
  type Plan,
  PROGRAMME_WORDS,
  type Prices,
  type Product,
  parseBlend,
  parseLabel,
  peroxideToOxygenGPerL,
  type RunEvent,
  type Rung,
  type RunState,
  type RunTimer,
  refusalWords,
  replayRun,
  type SchoolSide,
  SPOT_WETNESS,
  type SpotWetness,
  type StallView,
  type Step,
  type StepWords,
  stallView,
  stepWords,
  stripToMgL,
  type TableAnswer,
  type TableQuestion,
  type TriedProduct,
  type TroubleFacts,
  UNTOLD_FACTS,
  UNTOLD_PIECE,
  type Vessel,
  VOLUME_UNITS,
  type WayOn,
  WETTING_WORDS,
  waysOn,
  workingWords,
} from '@feverfew/core';
export {
  ACTIONS,
  AGES,
  COLOURS,
  CONDITIONS,
  FASTNESSES,
  HARDNESS_UNITS,
  type HardnessUnit,
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
