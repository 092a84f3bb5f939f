export { peroxideToOxygenGPerL } from './bath/oxygen/availableOxygen.js';
export { POUR_AMOUNT } from './bath/solution/pour.js';
export { SPOT_SIDE_CM } from './bath/spotVolume.js';
export {
  detergentFactor,
  HARDNESS_MG_L,
  hardnessClasses,
  hardnessToMgL,
  mgLToHardness,
  stripToMgL,
} from './bath/water/hardness.js';
export { breakEvenTries, type Cost, costOf, NO_PRICES, type Prices } from './cost/costOf.js';
export {
  type Daylight,
  DRY_STATES,
  type DryBy,
  type DryState,
  dryBy,
  hangOrder,
  NO_OWN_RATE,
  type OwnRate,
  RAIN_COUNTS_FROM,
  ropeFor,
  type WetPiece,
  withSeen,
} from './drying/dryBy.js';
export {
  canLie,
  type DryingLie,
  dryingLieOf,
  HANGING_PLACES,
  type HangingPlace,
  isOutdoors,
} from './drying/dryingLie.js';
export {
  DAYLIGHT,
  FORECAST_ORIGINS,
  type Forecast,
  type ForecastOrigin,
  forecastByHand,
  madeUpForecast,
  WEATHERS,
  type Weather,
  type WeatherHour,
} from './drying/forecast.js';
export { DRYER_KWH_PER_L, regainOf, type WrungBy, waterAfter } from './drying/waterAfter.js';
export type { ChemistryWindow, Envelope } from './envelope/envelope.js';
export type { Limit } from './envelope/limit.js';
export { againstBook } from './evidence/againstBook.js';
export {
  AGE_BANDS,
  type Evidence,
  type FibreFamily,
  gatherEvidence,
  type UseCase,
} from './evidence/evidence.js';
export { mainComponentOf } from './evidence/mainComponentOf.js';
export { type Finding, finding } from './finding/finding.js';
export type { LimitOwner } from './finding/limitOwner.js';
export { pieceAsTaken } from './finding/pieceAsTaken.js';
export { USUAL_CHECK_ID } from './finding/usualCheckId.js';
export {
  answered,
  HOUSE_ANSWERS,
  HOUSE_FACTS,
  type HouseAnswer,
  type HouseFact,
  PEOPLE_FACTS,
  type PeopleFact,
} from './household/houseFacts.js';
export type { Household, Product, Vessel } from './household/household.js';
export {
  MEASURE_TOOL_IDS,
  MEASURE_TOOLS,
  type MeasureToolId,
  OWN_MEASURE_ML,
} from './household/measureTool.js';
export { NOTHING_BUSY, type Occupancy } from './household/occupancy.js';
export { litresOf, VESSEL_CM } from './household/vesselShape.js';
export { type WorksRow, whatWorks, whatWorksInSteps } from './learned/whatWorks.js';
export { adviceOf, choresOf, type LoadChore } from './load/chores.js';
export { CLASH_CODES } from './load/clash.js';
export { compartmentsOf, type DrumDose, NO_LAST_RINSE, type NoLastRinse } from './load/dose.js';
export { drumOf, isDrum, type NoDrum } from './load/drum.js';
export type { DrumPiece, HeldBy, ReadEntry, StayReason } from './load/drumPiece.js';
export { dryerFor } from './load/dryer.js';
export { type DryingLimits, dryingLimitsOf } from './load/dryingLimits.js';
export { costOfLoad, effortOf } from './load/effort.js';
export { evenOutLoads } from './load/evenOutLoads.js';
export {
  type HeapEntry,
  PLAIN_USE,
  SOIL_LEVELS,
  SOLVENT_STATES,
  type SoilLevel,
  type SolventState,
} from './load/heapEntry.js';
export { type Answer, answerOf, type Joining, joiningOf } from './load/joining.js';
export { commonMachine, type LoadProgramme, type Machine } from './load/machine.js';
export { type OpenTrouble, openOnPiece } from './load/openTroubles.js';
export { clothKindOf, massOf, readEntry } from './load/readEntry.js';
export { keepArrangement, type Load, type Sorting, sortHeap } from './load/sortHeap.js';
export { entryIdOf, splitToFit } from './load/splitToFit.js';
export { barredMethods, doneMethods } from './log/doneMethods.js';
export { RUN_SUMMARY_VERSION, type RunSummary, summariseRun } from './log/runSummary.js';
export { answerQuestion, type TableAnswer } from './mix/answerQuestion.js';
export { judgeMix, type MixVerdict } from './mix/judgeMix.js';
export { type Meeting, meetingOf } from './mix/meetingOf.js';
export {
  CONTAINER_KINDS,
  EMPTY_MIX,
  MAX_POURS,
  MIN_WATER_ML,
  MIX_WATER_C,
  MIX_WATER_ML,
  type Mix,
  type MixPour,
} from './mix/mix.js';
export type { MixBath, MixedPour } from './mix/mixBath.js';
export { SPOT_WETNESS, type SpotWetness, type TableQuestion } from './mix/tableQuestion.js';
export { celsiusToFahrenheit, fahrenheitToCelsius } from './quantity/celsiusToFahrenheit.js';
export { DomainError, type DomainErrorCode } from './quantity/domainError.js';
export type { InSteps } from './quantity/inSteps.js';
export type { PHRange } from './quantity/pHRange.js';
export { gToMass, MASS_UNITS, mLToVolume, VOLUME_UNITS } from './quantity/units.js';
export {
  type CourseChange,
  choicesWith,
  graftPlan,
  mayChangeCourse,
  type OtherCourse,
  otherCourse,
  otherCourseOf,
} from './run/change/changeCourse.js';
export { holdsTheRecipe } from './run/change/holdsTheRecipe.js';
export { maySkip } from './run/change/leaveOut.js';
export { OVERRUNS, type Overrun, overrunOf } from './run/clock/overrun.js';
export { heatEndangersPeople } from './run/heatEndangersPeople.js';
export { LEVELS, type Level, levelOf } from './run/look/level.js';
export { lookQuestions } from './run/look/lookQuestions.js';
export { leftOf, looksForCurve, marksToAsk, markToRepeat } from './run/look/markLooks.js';
export { leftBefore, type StallView, stallView } from './run/look/stallView.js';
export { type NextAction, nextAction } from './run/next/nextAction.js';
export { type NextOption, nextOptions } from './run/next/nextOptions.js';
export { currentAction } from './run/next/stepOn.js';
export { turnedBy, type WashAhead, washAhead } from './run/next/washAhead.js';
export { type Clash, clashesOf, clashesOfRun, type RunAtWork } from './run/occupancy/clashesOf.js';
export { occupancyOf } from './run/occupancy/occupancyOf.js';
export { type Workplace, workplaceOf } from './run/occupancy/workplaceOf.js';
export { countedEvents, replayRun, turnsOf } from './run/replayRun.js';
export {
  CHOICES,
  type Choice,
  EXTEND_MIN,
  LOOK_ANSWERS,
  type LookAnswer,
  OUTCOMES,
  type Outcome,
  type RunEvent,
} from './run/runEvent.js';
export type { Look, RunState, RunTimer } from './run/runState.js';
export { checkPlan } from './safety/checkPlan.js';
export { DANGER_CODES, type DangerCode, dangerAhead, NOT_OURS } from './safety/dangerAhead.js';
export type { Violation } from './safety/violation.js';
export type { OwnPiece } from './sentence/ownPieces.js';
export type { SentenceCatalogue } from './sentence/phraseBook.js';
export type { Doubt, ReadFact, ReadKind, SentenceReading, UnreadWords } from './sentence/reading.js';
export { readSentence } from './sentence/readSentence.js';
export { MAX_CHARACTERS, stemOf } from './sentence/tokens.js';
export { BLANK_LABEL, type CareLabel } from './textile/careLabel.js';
export { findBlendFault } from './textile/findBlendFault.js';
export { isOneSlip } from './textile/oneSlip.js';
export { type ParsedBlend, parseBlend } from './textile/parseBlend.js';
export { type ParsedLabel, parseLabel } from './textile/parseLabel.js';
export { type PieceFacts, type PiecePart, WATER_TESTS, type WaterTest } from './textile/piece.js';
export { ACTION_KINDS, type Action, runsInDrum } from './treatment/plan/action.js';
export { type Pass, RISKS } from './treatment/plan/pass.js';
export type { Candidate, Plan } from './treatment/plan/plan.js';
export type { BathOutlook, Ingredient } from './treatment/plan/recipe.js';
export {
  type AtOnce,
  CHECK_TIMES,
  LOOK_WAYS,
  type PassCheck,
  PHASES,
  type Round,
  type RoundPass,
} from './treatment/plan/round.js';
export { planTreatment } from './treatment/planTreatment.js';
export { nextToLook, replayTrial } from './trial/replayTrial.js';
export { TRIAL_PLACES, type TrialEvent, type TrialSetup, type TrialState } from './trial/trial.js';
export { armPass, commonDwellMin, MAX_ARMS, trialFaults, trialPasses } from './trial/trialFaults.js';
export { trialVerdict } from './trial/trialVerdict.js';
export { usesOfTrial } from './trial/usesOfTrial.js';
export { ASSUMABLE_FACTS, type AssumableFact, type AssumedFact } from './trouble/assumedFact.js';
export { assumeUsual } from './trouble/assumeUsual.js';
export { type Choices, NO_CHOICES } from './trouble/choices.js';
export { findDangers } from './trouble/findDangers.js';
export { PLACES, type Place } from './trouble/place.js';
export { SIZE_WORDS, type SidesCm, type Size, type SizeWord, sidesOf } from './trouble/size.js';
export {
  type DoneMethod,
  EMPTY_FACTS,
  EMPTY_PIECE,
  HEATS,
  MAX_IN_HOUSE,
  MAX_MARKS,
  MAX_PIECES,
  REACHES,
  TRIED_EFFECTS,
  type TriedProduct,
  type TroubleFacts,
  WASHED_OUT,
  WETNESSES,
} from './trouble/troubleFacts.js';
export type { Exposure } from './wear/exposure.js';
export { HOT_WASH_C } from './wear/exposure.js';
export { type KeptPiece, upkeepDue, type WearFigure, wearFigures, wearWarnings } from './wear/upkeep.js';
export type { Change, ChangeCode } from './whatIf/changesToTry.js';
export { type ComparedPosition, comparePositions } from './whatIf/comparePositions.js';
export {
  type FirstThings,
  firstThings,
  firstThingsInSteps,
  type OpenAnswer,
  type Question,
} from './whatIf/firstThings.js';
export { type HouseQuestion, houseQuestion, isToldOfHouse, toldKeys } from './whatIf/houseQuestion.js';
export { whatWouldChange } from './whatIf/whatWouldChange.js';
export { type ActionWords, actionWords } from './words/actionWords.js';
export { CHANGE_CODES, changeWords } from './words/changeWords.js';
export { effectRange, effectWords } from './words/effectWords.js';
export { findingWords } from './words/findings/findingWords.js';
export { ownerWords } from './words/findings/ownerWords.js';
export { answerWords, banWords, firstHand, onlyIfWet, QUESTION_WORDS } from './words/firstWords.js';
export { houseQuestionWords, PEOPLE_WORDS } from './words/houseWords.js';
export * from './words/loadWords.js';
export { planText } from './words/planLines.js';
export { quantityWords } from './words/quantityWords.js';
export { dropWords, liquidWords, toolWords } from './words/round/amountWords.js';
export {
  betweenWords,
  CLOTH_WORDS,
  CONFIDENCE_WORDS,
  COURSE_END_WORDS,
  checkWords,
  ON_CLOTH_WORDS,
  PURPOSE_WORDS,
  passFigures,
} from './words/round/courseWords.js';
export { durationWords } from './words/round/durationWords.js';
export type { Lexicon } from './words/round/lexicon.js';
export { metricLexicon } from './words/round/metricLexicon.js';
export {
  COLD_C,
  labelWords,
  PLAIN_WATER,
  recipeStretches,
  recipeWords,
  type Stretch,
  waitWords,
} from './words/round/recipeWords.js';
export {
  conditionWords,
  dryingWords,
  type EarlierSteps,
  laterRoundTitle,
  type PassWords,
  passWords,
  roundWords,
} from './words/round/roundWords.js';
export {
  ACTION_WORDS,
  CHEMISTRY_WORDS,
  DRYING_WORDS,
  MECHANISM_WORDS,
  PROGRAMME_WORDS,
  WETTING_WORDS,
} from './words/round/vocabularyWords.js';
export { wordsOfRoundOne } from './words/round/wordsOfRoundOne.js';
export {
  clashWords,
  dangerWords,
  lookQuestionWords,
  overrunWords,
  refusalWords,
  trialFaultWords,
  trialRefusalWords,
} from './words/runWords.js';
export { kettleWords, sharesWords } from './words/waterWords.js';
export { whenWords } from './words/whenWords.js';
export { isClaim, workingWords } from './words/workingWords.js';
