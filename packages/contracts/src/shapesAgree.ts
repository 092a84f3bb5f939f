import type {
  Action,
  CareLabel,
  Clash,
  ComparedPosition,
  Envelope,
  Exposure,
  Finding,
  FirstThings,
  Household,
  Mix,
  MixVerdict,
  NextAction,
  Pass,
  PieceFacts,
  Plan,
  Prices,
  RunEvent,
  RunState,
  TableAnswer,
  TableQuestion,
  TrialEvent,
  TrialSetup,
  TrialState,
  TroubleFacts,
  UseCase,
} from '@feverfew/core';
import type { z } from 'zod';
import type { EnvelopeShape } from './envelope.js';
import type { HouseholdShape, PricesShape } from './household.js';
import type { UseCaseShape } from './householdFile.js';
import type { MixShape, MixVerdictShape, TableAnswerShape, TableQuestionShape } from './mix.js';
import type { CareLabelShape, ExposureShape, PieceFactsShape } from './piece.js';
import type { ComparedPositionShape, FirstThingsShape, PassShape, PlanShape } from './plan.js';
import type { ActionShape, FindingShape } from './planParts.js';
import type { ClashShape, NextActionShape, RunStateShape } from './run.js';
import type { RunEventShape } from './runEvent.js';
import type { TrialEventShape, TrialSetupShape, TrialStateShape } from './trial.js';
import type { TroubleFactsShape } from './trouble.js';

/**
 * A type with everything written out: nothing read-only, nothing optional, and every finding alike, since a contract
 * says of a finding only that it has a code, facts and sources.
 */
type Plain<T> = T extends Finding | z.infer<typeof FindingShape>
  ? 'finding'
  : T extends readonly (infer Entry)[]
    ? Plain<Entry>[]
    : T extends object
      ? { -readonly [Key in keyof T]-?: Plain<Exclude<T[Key], undefined>> }
      : T;

/** True where core and contract describe the same, all the way down; else it does not compile. */
type Agree<Core, Shape extends z.ZodType> = [Plain<Core>] extends [Plain<z.output<Shape>>]
  ? [Plain<z.output<Shape>>] extends [Plain<Core>]
    ? true
    : false
  : false;

/** A field added, renamed or given another type in core or contract alone does not compile, however deep it lies. */
type ShapesAgree = [
  Agree<Plan, typeof PlanShape>,
  Agree<Envelope, typeof EnvelopeShape>,
  Agree<Pass, typeof PassShape>,
  Agree<Action, typeof ActionShape>,
  Agree<ComparedPosition, typeof ComparedPositionShape>,
  Agree<FirstThings, typeof FirstThingsShape>,
  Agree<TroubleFacts, typeof TroubleFactsShape>,
  Agree<PieceFacts, typeof PieceFactsShape>,
  Agree<CareLabel, typeof CareLabelShape>,
  Agree<Household, typeof HouseholdShape>,
  Agree<Prices, typeof PricesShape>,
  Agree<Mix, typeof MixShape>,
  Agree<MixVerdict, typeof MixVerdictShape>,
  Agree<TableQuestion, typeof TableQuestionShape>,
  Agree<TableAnswer, typeof TableAnswerShape>,
  Agree<RunEvent, typeof RunEventShape>,
  Agree<RunState, typeof RunStateShape>,
  Agree<Clash, typeof ClashShape>,
  Agree<NextAction, typeof NextActionShape>,
  Agree<Exposure, typeof ExposureShape>,
  Agree<UseCase, typeof UseCaseShape>,
  Agree<TrialSetup, typeof TrialSetupShape>,
  Agree<TrialEvent, typeof TrialEventShape>,
  Agree<TrialState, typeof TrialStateShape>,
];
type AllTrue<Checks extends readonly true[]> = Checks;
export type ShapesThatAgree = AllTrue<ShapesAgree>;
