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
  durationWords,
  type Envelope,
  effectRange,
  effectWords,
  type Finding,
  findingWords,
  type Household,
  type Ingredient,
  type Lexicon,
  type Limit,
  type LimitOwner,
  type LookAnswer,
  MASS_UNITS,
  MEASURE_TOOLS,
  MECHANISM_WORDS,
  type MeasureToolId,
  MOST_MARKS,
  type Outcome,
  ownerWords,
  type ParsedBlend,
  type ParsedLabel,
  type PieceFacts,
  type Plan,
  PROGRAMME_WORDS,
  parseBlend,
  parseLabel,
  type Rung,
  type RunState,
  type RunTimer,
  type SchoolSide,
  type Step,
  type StepWords,
  stepWords,
  type TriedProduct,
  type TroubleFacts,
  UNTOLD_FACTS,
  UNTOLD_PIECE,
  WETTING_WORDS,
} from '@feverfew/core';
export {
  ACTIONS,
  AGES,
  COLOURS,
  CONDITIONS,
  FASTNESSES,
  PROGRAMMES,
  UPHOLSTERY_CODES,
  WASH_TEMPS_C,
  WETTINGS,
} from '@feverfew/knowledge';
