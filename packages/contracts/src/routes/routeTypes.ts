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
import type { Catalogue } from '../catalogue.js';
import type {
  ChangedDevice,
  Device,
  HouseNetwork,
  Invitation,
  JoinHouse,
  OpenNetwork,
  Requester,
} from '../device.js';
import type { HouseholdSettings } from '../household.js';
import type { HouseholdFile, HouseholdRead, LogFile, LogRead } from '../householdFile.js';
import type { NewSavedMix, SavedMix } from '../mix.js';
import type { Merged, MergeInto, NewCare, NewPiece, Piece, PieceSummary } from '../piece.js';
import type { PieceHistory } from '../pieceHistory.js';
import type {
  AnswerOfHouse,
  AskWhatWouldChange,
  ChangeView,
  ComparePositions,
  HouseQuestionView,
} from '../plan.js';
import type { Reference } from '../reference.js';
import type {
  AskClashes,
  AskOtherCourse,
  ChangeCourse,
  NewPhoto,
  NewRun,
  OtherCourseView,
  TapAnswer,
} from '../run.js';
import type { GivenRunEvent } from '../runEvent.js';
import type { AfterTap, RunView } from '../runView.js';
import type { Today } from '../today.js';
import type { NewTrial, NewTrialEvent, TrialView } from '../trial.js';
import type { NewTrouble, StartTrouble, ToBuy, Trouble, TroubleSummary } from '../trouble.js';
import type { NewHeapLine, NewHeapLines } from '../wash/heapLine.js';
import type { ForecastFile, HangLines, LineView, RolledLines, WasDry } from '../wash/line.js';
import type { ChangedWash } from '../wash/settings.js';
import type { JoinView, StartLoad, WashedByHand, WashView } from '../wash/view.js';
import type { WhatWorksView } from '../whatWorks.js';
import type { RouteName, RouteParams } from './routes.js';

interface Health {
  readonly status: 'up' | 'away';
}

interface Nothing {
  readonly answer: null;
}

/**
 * What every route takes and answers. `ROUTE_SHAPES` has the shapes that are checked. `answer` is null where the answer
 * has no content or is not JSON.
 */
export interface RouteTypes {
  readonly readHealth: { readonly answer: Health };
  readonly readReady: { readonly answer: Health };
  readonly listenToChanges: { readonly answer: null };
  readonly confirmClock: Nothing;

  readonly listDevices: { readonly answer: Device[] };
  readonly readRequester: { readonly answer: Requester };
  readonly inviteDevice: { readonly body: ChangedDevice; readonly answer: Invitation };
  readonly withdrawInvitation: Nothing;
  readonly joinHousehold: { readonly body: JoinHouse; readonly answer: Requester };
  readonly updateDevice: { readonly body: ChangedDevice; readonly answer: Device[] };
  readonly removeDevice: { readonly answer: Device[] };
  readonly readNetwork: { readonly answer: HouseNetwork };
  readonly updateNetwork: { readonly body: OpenNetwork; readonly answer: HouseNetwork };
  readonly downloadRootCertificate: { readonly answer: null };

  readonly readHousehold: { readonly answer: HouseholdSettings };
  readonly updateHousehold: { readonly body: HouseholdSettings; readonly answer: HouseholdSettings };
  readonly answerAboutHousehold: { readonly body: AnswerOfHouse; readonly answer: HouseholdSettings };
  readonly createDemoHousehold: Nothing;
  readonly deleteDemoHousehold: Nothing;
  readonly exportHousehold: { readonly answer: HouseholdFile };
  /** Checked row by row by its own reader, so any JSON is let through to it. */
  readonly importHousehold: { readonly body: unknown; readonly answer: HouseholdRead };
  readonly readHouseholdFileSchema: { readonly answer: object };
  readonly exportLog: { readonly answer: null };
  readonly importLog: { readonly body: LogFile; readonly answer: LogRead };
  readonly exportCalendar: { readonly answer: null };

  readonly readCatalogue: { readonly answer: Catalogue };
  readonly readReference: { readonly answer: Reference };
  readonly readToday: { readonly answer: Today };
  readonly readWhatWorks: { readonly answer: WhatWorksView };

  readonly listPieces: { readonly answer: PieceSummary[] };
  readonly createPiece: { readonly body: NewPiece; readonly answer: Piece };
  readonly readPiece: { readonly answer: PieceHistory };
  readonly updatePiece: { readonly body: NewPiece; readonly answer: Piece };
  readonly deletePiece: Nothing;
  readonly mergePiece: { readonly body: MergeInto; readonly answer: Merged };
  readonly unmergePiece: { readonly body: Merged; readonly answer: Piece };
  readonly addCare: { readonly body: NewCare; readonly answer: PieceHistory };
  readonly updatePiecePhoto: { readonly body: NewPhoto; readonly answer: Piece };
  readonly deletePiecePhoto: { readonly answer: Piece };
  readonly downloadPhoto: { readonly answer: null };

  readonly previewPlan: { readonly body: TroubleFacts; readonly answer: Plan };
  readonly comparePositions: {
    readonly body: ComparePositions;
    readonly answer: ComparedPosition[];
  };
  readonly findFirstThings: { readonly body: TroubleFacts; readonly answer: FirstThings };
  readonly findHouseQuestion: { readonly body: TroubleFacts; readonly answer: HouseQuestionView };
  readonly findPlanAlternatives: { readonly body: AskOtherCourse; readonly answer: OtherCourseView };
  readonly findChanges: {
    readonly body: AskWhatWouldChange;
    readonly answer: readonly (readonly ChangeView[])[];
  };
  readonly readPlan: { readonly answer: Plan };

  readonly listTroubles: { readonly answer: TroubleSummary[] };
  readonly listToBuy: { readonly answer: ToBuy[] };
  readonly createTrouble: { readonly body: NewTrouble; readonly answer: TroubleSummary };
  readonly startTrouble: { readonly body: StartTrouble; readonly answer: RunView };
  readonly readTrouble: { readonly answer: Trouble };
  readonly updateTrouble: { readonly body: NewTrouble; readonly answer: Trouble };
  readonly deleteTrouble: Nothing;

  readonly startRun: { readonly body: NewRun; readonly answer: RunView };
  readonly findClashes: { readonly body: AskClashes; readonly answer: Clash[] };
  readonly readRun: { readonly answer: RunView };
  readonly findRunAlternatives: { readonly answer: OtherCourseView };
  readonly updateRunCourse: { readonly body: ChangeCourse; readonly answer: RunView };
  readonly addRunEvent: {
    readonly body: GivenRunEvent;
    readonly query: TapAnswer;
    readonly answer: RunView | AfterTap;
  };
  readonly addRunPhoto: { readonly body: NewPhoto; readonly answer: RunView };

  readonly startTrial: { readonly body: NewTrial; readonly answer: TrialView };
  readonly readTrial: { readonly answer: TrialView };
  readonly addTrialEvent: { readonly body: NewTrialEvent; readonly answer: TrialView };

  readonly judgeMix: { readonly body: Mix; readonly answer: MixVerdict };
  readonly answerMixQuestion: {
    readonly body: TableQuestion;
    readonly answer: TableAnswer;
  };
  readonly listMixes: { readonly answer: SavedMix[] };
  readonly readMix: { readonly answer: SavedMix };
  readonly createMix: { readonly body: NewSavedMix; readonly answer: SavedMix };
  readonly deleteMix: Nothing;

  readonly readWash: { readonly answer: WashView };
  readonly exportLoads: { readonly answer: null };
  readonly findLoadOfRun: { readonly answer: JoinView };
  readonly addToHeap: { readonly body: NewHeapLines; readonly answer: null };
  readonly updateHeapLine: { readonly body: NewHeapLine; readonly answer: null };
  readonly deleteHeapLine: Nothing;
  readonly updateWashSettings: { readonly body: ChangedWash; readonly answer: null };
  readonly startLoad: { readonly body: StartLoad; readonly answer: null };
  readonly addHandWash: { readonly body: WashedByHand; readonly answer: null };
  readonly finishLoad: Nothing;
  readonly undoLoad: Nothing;
  readonly readClothesline: { readonly answer: LineView };
  readonly importForecast: { readonly body: ForecastFile; readonly answer: null };
  readonly hangLines: { readonly body: HangLines; readonly answer: null };
  readonly rollLines: { readonly body: RolledLines; readonly answer: null };
  readonly markDry: { readonly body: WasDry; readonly answer: null };
}

/** What a route takes; undefined where it takes nothing. */
export type RouteBody<Name extends RouteName> = RouteTypes[Name] extends { readonly body: infer Body }
  ? Body
  : undefined;

/** What may follow the address of a route. */
export type RouteQuery<Name extends RouteName> = RouteTypes[Name] extends { readonly query: infer Query }
  ? Query
  : undefined;

export type RouteAnswer<Name extends RouteName> = RouteTypes[Name]['answer'];

/** All that is sent to a route. */
export type RouteInput<Name extends RouteName> = RouteParams<Name> &
  (RouteTypes[Name] extends { readonly body: infer Body }
    ? { readonly body: Body }
    : { readonly body?: never }) & {
    readonly query?: RouteQuery<Name>;
  };
