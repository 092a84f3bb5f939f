import type {
  Clash,
  ComparedPosition,
  FirstThings,
  Mix,
  MixVerdict,
  Plan,
  TableAnswer,
  TableQuestion,
  TroubleFacts,
} from '@feverfew/core';
import { z } from 'zod';
import { Catalogue } from '../catalogue.js';
import {
  ChangedDevice,
  Device,
  HouseNetwork,
  Invitation,
  JoinHouse,
  OpenNetwork,
  Requester,
} from '../device.js';
import { HouseholdSettings } from '../household.js';
import { HouseholdFile, HouseholdRead, LogFile, LogRead } from '../householdFile.js';
import {
  MixShape,
  MixVerdictShape,
  NewSavedMix,
  SavedMix,
  TableAnswerShape,
  TableQuestionShape,
} from '../mix.js';
import { Merged, MergeInto, NewCare, NewPiece, Piece, PieceSummary } from '../piece.js';
import { PieceHistory } from '../pieceHistory.js';
import {
  AnswerOfHouse,
  AskWhatWouldChange,
  ChangeShape,
  type ChangeView,
  ComparedPositionShape,
  ComparePositions,
  FirstThingsShape,
  HouseQuestionShape,
  PlanShape,
} from '../plan.js';
import { Reference } from '../reference.js';
import {
  AskClashes,
  AskOtherCourse,
  ChangeCourse,
  ClashShape,
  NewPhoto,
  NewRun,
  OtherCourseShape,
  Run,
  RunAfterTap,
  TapAnswer,
} from '../run.js';
import { NewRunEvent } from '../runEvent.js';
import type { AfterTap, RunView } from '../runView.js';
import { Today } from '../today.js';
import { NewTrial, NewTrialEvent, TrialView } from '../trial.js';
import { NewTrouble, StartTrouble, ToBuy, Trouble, TroubleFactsShape, TroubleSummary } from '../trouble.js';
import { NewHeapLine, NewHeapLines } from '../wash/heapLine.js';
import { ForecastFile, HangLines, LineView, RolledLines, WasDry } from '../wash/line.js';
import { ChangedWash } from '../wash/settings.js';
import { JoinView, StartLoad, WashedByHand, WashView } from '../wash/view.js';
import { WhatWorksView } from '../whatWorks.js';
import type { RouteName } from './routes.js';
import type { RouteAnswer, RouteBody, RouteQuery } from './routeTypes.js';

/** The shapes of a route, held to its types. */
export interface RouteShape<Name extends RouteName = RouteName> {
  readonly body?: z.ZodType<RouteBody<Name>>;
  readonly query?: z.ZodType<RouteQuery<Name>>;
  readonly answer: RouteAnswer<Name> extends null ? null : z.ZodType<RouteAnswer<Name>>;
  /** Media type of an answer that is not JSON. */
  readonly media?: string;
}

/** A shape under the core's own type of the same data. `shapesAgree` proves that the two are the same. */
const typed = <Type>(shape: z.ZodType): z.ZodType<Type> => shape as z.ZodType<Type>;

const facts = typed<TroubleFacts>(TroubleFactsShape);
const run = typed<RunView>(Run);
const plan = typed<Plan>(PlanShape);
const savedMix = typed<SavedMix>(SavedMix);
const NO_CONTENT = { answer: null } as const;

const Health = z.strictObject({ status: z.enum(['up', 'away']) }).meta({ id: 'Health' });

/** Body, query and answer of every route. */
export const ROUTE_SHAPES: { readonly [Name in RouteName]: RouteShape<Name> } = {
  readHealth: { answer: Health },
  readReady: { answer: Health },
  listenToChanges: { answer: null, media: 'text/event-stream' },
  confirmClock: NO_CONTENT,

  listDevices: { answer: z.array(Device) },
  readRequester: { answer: Requester },
  inviteDevice: { body: ChangedDevice, answer: Invitation },
  withdrawInvitation: NO_CONTENT,
  joinHousehold: { body: JoinHouse, answer: Requester },
  updateDevice: { body: ChangedDevice, answer: z.array(Device) },
  removeDevice: { answer: z.array(Device) },
  readNetwork: { answer: HouseNetwork },
  updateNetwork: { body: OpenNetwork, answer: HouseNetwork },
  downloadRootCertificate: { answer: null, media: 'application/x-x509-ca-cert' },

  readHousehold: { answer: HouseholdSettings },
  updateHousehold: { body: HouseholdSettings, answer: HouseholdSettings },
  answerAboutHousehold: { body: AnswerOfHouse, answer: HouseholdSettings },
  createDemoHousehold: NO_CONTENT,
  deleteDemoHousehold: NO_CONTENT,
  exportHousehold: { answer: HouseholdFile },
  /** Checked row by row by its own reader, so any JSON is let through to it. */
  importHousehold: { body: z.unknown(), answer: HouseholdRead },
  readHouseholdFileSchema: { answer: z.looseObject({}) },
  exportLog: { answer: null, media: 'text/csv' },
  importLog: { body: LogFile, answer: LogRead },
  exportCalendar: { answer: null, media: 'text/calendar' },

  readCatalogue: { answer: Catalogue },
  readReference: { answer: Reference },
  readToday: { answer: Today },
  readWhatWorks: { answer: typed<WhatWorksView>(WhatWorksView) },

  listPieces: { answer: z.array(PieceSummary) },
  createPiece: { body: NewPiece, answer: Piece },
  readPiece: { answer: PieceHistory },
  updatePiece: { body: NewPiece, answer: Piece },
  deletePiece: NO_CONTENT,
  mergePiece: { body: MergeInto, answer: Merged },
  unmergePiece: { body: Merged, answer: Piece },
  addCare: { body: NewCare, answer: PieceHistory },
  updatePiecePhoto: { body: NewPhoto, answer: Piece },
  deletePiecePhoto: { answer: Piece },
  downloadPhoto: { answer: null, media: 'image/jpeg' },

  previewPlan: { body: facts, answer: plan },
  comparePositions: {
    body: typed<ComparePositions>(ComparePositions),
    answer: z.array(typed<ComparedPosition>(ComparedPositionShape)),
  },
  findFirstThings: { body: facts, answer: typed<FirstThings>(FirstThingsShape) },
  findHouseQuestion: { body: facts, answer: HouseQuestionShape },
  findPlanAlternatives: { body: typed<AskOtherCourse>(AskOtherCourse), answer: OtherCourseShape },
  findChanges: {
    body: typed<AskWhatWouldChange>(AskWhatWouldChange),
    answer: z.array(z.array(typed<ChangeView>(ChangeShape))),
  },
  readPlan: { answer: plan },

  listTroubles: { answer: z.array(TroubleSummary) },
  listToBuy: { answer: z.array(ToBuy) },
  createTrouble: { body: NewTrouble, answer: TroubleSummary },
  startTrouble: { body: StartTrouble, answer: run },
  readTrouble: { answer: Trouble },
  updateTrouble: { body: NewTrouble, answer: Trouble },
  deleteTrouble: NO_CONTENT,

  startRun: { body: NewRun, answer: run },
  findClashes: { body: typed<AskClashes>(AskClashes), answer: z.array(typed<Clash>(ClashShape)) },
  readRun: { answer: run },
  findRunAlternatives: { answer: OtherCourseShape },
  updateRunCourse: { body: ChangeCourse, answer: run },
  addRunEvent: {
    body: NewRunEvent,
    query: TapAnswer,
    answer: z.union([run, typed<AfterTap>(RunAfterTap)]),
  },
  addRunPhoto: { body: NewPhoto, answer: run },

  startTrial: { body: NewTrial, answer: TrialView },
  readTrial: { answer: TrialView },
  addTrialEvent: { body: NewTrialEvent, answer: TrialView },

  judgeMix: { body: typed<Mix>(MixShape), answer: typed<MixVerdict>(MixVerdictShape) },
  answerMixQuestion: {
    body: typed<TableQuestion>(TableQuestionShape),
    answer: typed<TableAnswer>(TableAnswerShape),
  },
  listMixes: { answer: z.array(savedMix) },
  readMix: { answer: savedMix },
  createMix: { body: NewSavedMix, answer: savedMix },
  deleteMix: NO_CONTENT,

  readWash: { answer: WashView },
  exportLoads: { answer: null, media: 'text/csv' },
  findLoadOfRun: { answer: JoinView },
  addToHeap: { body: NewHeapLines, answer: null },
  updateHeapLine: { body: NewHeapLine, answer: null },
  deleteHeapLine: NO_CONTENT,
  updateWashSettings: { body: ChangedWash, answer: null },
  startLoad: { body: StartLoad, answer: null },
  addHandWash: { body: WashedByHand, answer: null },
  finishLoad: NO_CONTENT,
  undoLoad: NO_CONTENT,
  readClothesline: { answer: LineView },
  importForecast: { body: ForecastFile, answer: null },
  hangLines: { body: HangLines, answer: null },
  rollLines: { body: RolledLines, answer: null },
  markDry: { body: WasDry, answer: null },
};
