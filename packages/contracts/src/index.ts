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
export * from './trouble.js';

/** A run as sent, with the plan in the core's own type. */
export type RunView = Omit<z.infer<typeof RunShape>, 'plan'> & { plan: Plan };

/** What the interface may take from core: words, units and types; never a rule. */
export {
  ACTION_WORDS,
  type BathOutlook,
  type BathPH,
  BLANK_LABEL,
  type Candidate,
  type CareLabel,
  CHEMISTRY_WORDS,
  type ChangeCode,
  type ChemistryWindow,
  type Choice,
  celsiusToFahrenheit,
  changeWords,
  DRYING_WORDS,
  detergentFactor,
  durationWords,
  EMPTY_MIX,
  type Envelope,
  effectRange,
  effectWords,
  type Finding,
  fahrenheitToCelsius,
  findingWords,
  gToMass,
  type Household,
  hardnessClasses,
  hardnessToMgL,
  holdsTheRecipe,
  type Ingredient,
  isClaim,
  type Lexicon,
  type Limit,
  type LimitOwner,
  type LookAnswer,
  litresOf,
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
  ownerWords,
  type ParsedBlend,
  type ParsedLabel,
  type PieceFacts,
  type Plan,
  PROGRAMME_WORDS,
  type Product,
  parseBlend,
  parseLabel,
  peroxideToOxygenGPerL,
  type Rung,
  type RunState,
  type RunTimer,
  type SchoolSide,
  SPOT_WETNESS,
  type SpotWetness,
  type Step,
  type StepWords,
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
  WETTING_WORDS,
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
  UPHOLSTERY_CODES,
  USUAL_SHAPES,
  VESSEL_FORMS,
  VESSEL_MATERIALS,
  type VesselForm,
  type VesselShape,
  WASH_TEMPS_C,
  WETTINGS,
} from '@feverfew/knowledge';
