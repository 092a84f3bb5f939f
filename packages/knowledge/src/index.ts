export { bathIsComputed } from './bathIsComputed.js';
export { courseNotes } from './courseNotes.js';
export * from './data/careSigns.js';
export { REPEAT_IF } from './data/courses/conditions.js';
export * from './data/heatFigures.js';
export {
  DEFAULT_FIBRE_SHARE,
  OPEN_FACT_KEYS,
  OPEN_FACTS,
  OPEN_FIBRES,
  type OpenFactKey,
} from './data/openFacts.js';
export * from './data/oxygenFigures.js';
export * from './data/senseBands.js';
export * from './data/senseWords.js';
export * from './data/spotAmounts.js';
export {
  CONSERVATOR_END,
  COVERED_DONTS,
  END_TEXTS,
  FOR_A_CLEANER,
  HEAT_ALLOWED_NOTE,
  HIDDEN_TEST_FAILED_NOTE,
  IF_STILL_WET,
  ifStillWet,
  NAMES_A_TRADE,
  NO_HEAT_YET,
  NOT_FOR_A_CLEANER,
  STANDING_NOTES,
} from './data/standingNotes.js';
export * from './data/waterFigures.js';
export * from './data/workFigures.js';
export { findIntegrityFaults } from './findIntegrityFaults.js';
export { Knowledge } from './knowledge.js';
export { lowerFirst, upperFirst } from './letterCase.js';
export { KNOWLEDGE_VERSION, loadKnowledge } from './loadKnowledge.js';
export type { Agent } from './schema/agent.js';
export type { CareSignFact, CodeFact } from './schema/code.js';
export type { Circumstances, NamedCheck, StepCondition } from './schema/condition.js';
export type { Cloth, ClothCourse, Course, CoursePass, Purpose } from './schema/course.js';
export type { Danger, DangerRisk } from './schema/danger.js';
export type { Diagnosis } from './schema/diagnosis.js';
export { FIBRE_GROUPS, type Fibre } from './schema/fibre.js';
export type {
  AlarmedPiece,
  Caution,
  CautionOccasion,
  Dispute,
  ForbiddenPair,
  Position,
  PositionEffect,
  Sign,
} from './schema/hazard.js';
export { type Item, type PartKind, SILHOUETTES, type Silhouette } from './schema/item.js';
export type { ChemistryRule } from './schema/limitRule.js';
export type { Dose, Method } from './schema/method.js';
export type { Note } from './schema/note.js';
export type { Rate } from './schema/rate.js';
export type { ReadingRules } from './schema/reading.js';
export { MARK_NUMBERS, type Mark, type SoilComponent } from './schema/soil.js';
export type { Source } from './schema/source.js';
export type { AcidSystem, Substance } from './schema/substance.js';
export type { Substitution } from './schema/substitution.js';
export { TYPED_KINDS, type TypedKind, type TypedWord } from './schema/typed.js';
export { UPKEEP_KINDS, type Upkeep, WEAR_COUNTS, type WearRule } from './schema/upkeep.js';
export type { UsualPiece, UsualTag } from './schema/usual.js';
export * from './schema/vocabulary.js';
export type {
  ClothKind,
  DryingLie,
  Hygiene,
  KeptFromDrum,
  ProgrammeDefault,
  SlowDryer,
  WaterLeft,
} from './schema/washing.js';
export * from './standing.js';
export * from './vocabulary.js';
