import type { DeviceRole } from '../deviceRole.js';
import type { ChangeNews } from '../run.js';

/** One route of the API. */
export interface Route {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** Below `/api`, with an id written as `:id`. */
  readonly path: string;
  /** What a device must be allowed to do; `public` needs no connected device. */
  readonly role: DeviceRole | 'public';
  /** Status of the usual answer; 200 if it is left out. */
  readonly status?: 201 | 204;
  /** The kind of data that a page keeps of the answer. */
  readonly reads?: Resource;
  /** A device keeps the newest answer, to show it while the server cannot be reached. */
  readonly isKept?: true;
  /** What changes, so that answers that depend on it are stale. */
  readonly changes?: readonly ChangeNews['topic'][];
}

/** Kinds of data that pages keep. Changes make them stale as a whole. */
export const RESOURCES = [
  'catalogue',
  'clashes',
  'devices',
  'household',
  'line',
  'me',
  'mix',
  'network',
  'pieces',
  /** Everything that is worked out from the household and the facts: plans, questions, comparisons. */
  'planned',
  'plans',
  'reference',
  'runs',
  'savedMixes',
  'tableAnswer',
  'today',
  'trials',
  'troubles',
  'wash',
  'whatWorks',
] as const;
export type Resource = (typeof RESOURCES)[number];

/**
 * Every route of the API, by name. The client of the web, the server's handlers and guard, and the API description
 * are made from it. Pure data, so that a page loads it without the shapes (`ROUTE_SHAPES`).
 */
export const ROUTES = {
  readHealth: { method: 'GET', path: '/health', role: 'public' },
  readReady: { method: 'GET', path: '/ready', role: 'public' },
  listenToChanges: { method: 'GET', path: '/changes', role: 'look' },
  confirmClock: { method: 'POST', path: '/clock/is-right', role: 'all', status: 204 },

  listDevices: { method: 'GET', path: '/devices', role: 'all', reads: 'devices' },
  readRequester: { method: 'GET', path: '/devices/me', role: 'look', reads: 'me', isKept: true },
  inviteDevice: { method: 'POST', path: '/devices/invitations', role: 'all', status: 201 },
  withdrawInvitation: { method: 'DELETE', path: '/devices/invitations/:id', role: 'all', status: 204 },
  joinHousehold: { method: 'POST', path: '/devices/join', role: 'public', changes: ['devices'] },
  updateDevice: { method: 'PUT', path: '/devices/:id', role: 'all', changes: ['devices'] },
  removeDevice: { method: 'DELETE', path: '/devices/:id', role: 'all', changes: ['devices'] },
  readNetwork: { method: 'GET', path: '/network', role: 'all', reads: 'network' },
  updateNetwork: { method: 'PUT', path: '/network', role: 'all' },
  downloadRootCertificate: { method: 'GET', path: '/network/root.crt', role: 'public' },

  readHousehold: { method: 'GET', path: '/household', role: 'look', reads: 'household', isKept: true },
  updateHousehold: { method: 'PUT', path: '/household', role: 'all', changes: ['household'] },
  answerAboutHousehold: {
    method: 'POST',
    path: '/household/answer',
    role: 'all',
    changes: ['household'],
  },
  createDemoHousehold: { method: 'POST', path: '/made-up-house', role: 'all', status: 204 },
  deleteDemoHousehold: { method: 'DELETE', path: '/made-up-house', role: 'all', status: 204 },
  exportHousehold: { method: 'GET', path: '/household/file', role: 'all' },
  importHousehold: {
    method: 'PUT',
    path: '/household/file',
    role: 'all',
    changes: ['household', 'book', 'run', 'wash'],
  },
  readHouseholdFileSchema: { method: 'GET', path: '/household/file/schema', role: 'all' },
  exportLog: { method: 'GET', path: '/log.csv', role: 'look' },
  importLog: { method: 'POST', path: '/log', role: 'all', changes: ['book'] },
  exportCalendar: { method: 'GET', path: '/calendar.ics', role: 'look' },

  readCatalogue: { method: 'GET', path: '/catalogue', role: 'look', reads: 'catalogue', isKept: true },
  readReference: { method: 'GET', path: '/reference', role: 'look', reads: 'reference', isKept: true },
  readToday: { method: 'GET', path: '/today', role: 'look', reads: 'today', isKept: true },
  readWhatWorks: { method: 'GET', path: '/what-works', role: 'look', reads: 'whatWorks', isKept: true },

  listPieces: { method: 'GET', path: '/pieces', role: 'look', reads: 'pieces', isKept: true },
  createPiece: { method: 'POST', path: '/pieces', role: 'all', status: 201, changes: ['book'] },
  readPiece: { method: 'GET', path: '/pieces/:id', role: 'look', reads: 'pieces', isKept: true },
  updatePiece: { method: 'PUT', path: '/pieces/:id', role: 'all', changes: ['book'] },
  deletePiece: { method: 'DELETE', path: '/pieces/:id', role: 'all', status: 204, changes: ['book'] },
  mergePiece: { method: 'POST', path: '/pieces/:id/merge', role: 'all', changes: ['book', 'run'] },
  unmergePiece: { method: 'POST', path: '/pieces/:id/apart', role: 'all', changes: ['book', 'run'] },
  addCare: { method: 'POST', path: '/pieces/:id/care', role: 'all', changes: ['book'] },
  updatePiecePhoto: { method: 'PUT', path: '/pieces/:id/photo', role: 'all', changes: ['book'] },
  deletePiecePhoto: { method: 'DELETE', path: '/pieces/:id/photo', role: 'all', changes: ['book'] },
  downloadPhoto: { method: 'GET', path: '/photos/:id', role: 'look' },

  previewPlan: { method: 'POST', path: '/plans/preview', role: 'look', reads: 'planned', isKept: true },
  comparePositions: { method: 'POST', path: '/plans/compare', role: 'look', reads: 'planned' },
  findFirstThings: {
    method: 'POST',
    path: '/plans/first-things',
    role: 'look',
    reads: 'planned',
    isKept: true,
  },
  findHouseQuestion: {
    method: 'POST',
    path: '/plans/house-question',
    role: 'look',
    reads: 'planned',
    isKept: true,
  },
  findPlanAlternatives: { method: 'POST', path: '/plans/other-course', role: 'look', reads: 'planned' },
  findChanges: { method: 'POST', path: '/plans/what-would-change', role: 'look', reads: 'planned' },
  readPlan: { method: 'GET', path: '/plans/:id', role: 'look', reads: 'plans', isKept: true },

  listTroubles: { method: 'GET', path: '/troubles', role: 'look', reads: 'troubles' },
  listToBuy: { method: 'GET', path: '/to-buy', role: 'look', reads: 'troubles' },
  createTrouble: { method: 'POST', path: '/troubles', role: 'all', status: 201, changes: ['book'] },
  startTrouble: {
    method: 'POST',
    path: '/troubles/start',
    role: 'all',
    status: 201,
    changes: ['book', 'run'],
  },
  readTrouble: { method: 'GET', path: '/troubles/:id', role: 'look', reads: 'troubles', isKept: true },
  updateTrouble: { method: 'PUT', path: '/troubles/:id', role: 'all', changes: ['book'] },
  deleteTrouble: { method: 'DELETE', path: '/troubles/:id', role: 'all', status: 204, changes: ['book'] },

  startRun: { method: 'POST', path: '/runs', role: 'all', status: 201, changes: ['run'] },
  findClashes: { method: 'POST', path: '/runs/clashes', role: 'look', reads: 'clashes', isKept: true },
  readRun: { method: 'GET', path: '/runs/:id', role: 'look', reads: 'runs', isKept: true },
  findRunAlternatives: { method: 'GET', path: '/runs/:id/course', role: 'look', reads: 'runs' },
  updateRunCourse: { method: 'PUT', path: '/runs/:id/course', role: 'tub', changes: ['run'] },
  addRunEvent: { method: 'POST', path: '/runs/:id/events', role: 'tub', changes: ['run'] },
  addRunPhoto: { method: 'POST', path: '/runs/:id/photos', role: 'tub', changes: ['run'] },

  startTrial: { method: 'POST', path: '/trials', role: 'all', status: 201, changes: ['book'] },
  readTrial: { method: 'GET', path: '/trials/:id', role: 'look', reads: 'trials', isKept: true },
  addTrialEvent: { method: 'POST', path: '/trials/:id/events', role: 'tub', changes: ['book'] },

  judgeMix: { method: 'POST', path: '/mixes/judge', role: 'look', reads: 'mix' },
  answerMixQuestion: { method: 'POST', path: '/mixes/answer', role: 'look', reads: 'tableAnswer' },
  listMixes: { method: 'GET', path: '/mixes', role: 'look', reads: 'savedMixes', isKept: true },
  readMix: { method: 'GET', path: '/mixes/:id', role: 'look', reads: 'savedMixes' },
  createMix: { method: 'POST', path: '/mixes', role: 'all', status: 201, changes: ['household'] },
  deleteMix: { method: 'DELETE', path: '/mixes/:id', role: 'all', status: 204, changes: ['household'] },

  readWash: { method: 'GET', path: '/wash', role: 'look', reads: 'wash', isKept: true },
  exportLoads: { method: 'GET', path: '/wash/loads.csv', role: 'look' },
  findLoadOfRun: { method: 'GET', path: '/wash/with/:id', role: 'look', reads: 'wash' },
  addToHeap: { method: 'POST', path: '/wash/heap', role: 'tub', status: 204, changes: ['wash'] },
  updateHeapLine: { method: 'PUT', path: '/wash/heap/:id', role: 'tub', status: 204, changes: ['wash'] },
  deleteHeapLine: { method: 'DELETE', path: '/wash/heap/:id', role: 'tub', status: 204, changes: ['wash'] },
  updateWashSettings: { method: 'PUT', path: '/wash/settings', role: 'tub', status: 204, changes: ['wash'] },
  startLoad: { method: 'POST', path: '/wash/loads', role: 'tub', status: 204, changes: ['wash', 'book'] },
  addHandWash: { method: 'POST', path: '/wash/by-hand', role: 'tub', status: 204, changes: ['wash', 'book'] },
  finishLoad: {
    method: 'POST',
    path: '/wash/loads/:id/done',
    role: 'tub',
    status: 204,
    changes: ['wash', 'book'],
  },
  undoLoad: {
    method: 'POST',
    path: '/wash/loads/:id/undo',
    role: 'tub',
    status: 204,
    changes: ['wash', 'book'],
  },
  readClothesline: { method: 'GET', path: '/wash/line', role: 'look', reads: 'line', isKept: true },
  importForecast: { method: 'PUT', path: '/wash/line/forecast', role: 'all', status: 204, changes: ['wash'] },
  hangLines: { method: 'POST', path: '/wash/line/hang', role: 'tub', status: 204, changes: ['wash'] },
  rollLines: { method: 'POST', path: '/wash/line/rolled', role: 'tub', status: 204, changes: ['wash'] },
  markDry: { method: 'POST', path: '/wash/line/dry', role: 'tub', status: 204, changes: ['wash'] },
} as const satisfies Readonly<Record<string, Route>>;

export type RouteName = keyof typeof ROUTES;
/** Names of the routes whose answers a page keeps. */
export type ReadName = {
  [Name in RouteName]: (typeof ROUTES)[Name] extends { readonly reads: Resource } ? Name : never;
}[RouteName];
/** Names of the routes that make answers stale. */
export type ChangeName = {
  [Name in RouteName]: (typeof ROUTES)[Name] extends { readonly changes: readonly unknown[] } ? Name : never;
}[RouteName];

/** What is put into the address of a route. */
export type RouteParams<Name extends RouteName> =
  (typeof ROUTES)[Name]['path'] extends `${string}/:id${string}`
    ? { readonly params: { readonly id: string } }
    : { readonly params?: never };

/**
 * The address of a route on its own server.
 * @example addressOf('readPiece', { id: 'a b' }) // '/api/pieces/a%20b'
 */
export const addressOf = (name: RouteName, params?: { readonly id: string }): string =>
  `/api${ROUTES[name].path.replace(':id', encodeURIComponent(params?.id ?? ''))}`;
