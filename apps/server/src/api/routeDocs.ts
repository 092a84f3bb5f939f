import type { RouteName } from '@feverfew/contracts';
import type { RouteDoc } from './routeDoc.js';

/** Words and refusals of every route. */
export const ROUTE_DOCS: Readonly<Record<RouteName, RouteDoc>> = {
  readHealth: { tag: 'server', summary: 'Whether the process answers' },
  readReady: {
    tag: 'server',
    summary: 'Whether the database answers too',
    description: 'Answers 503 with `away` where the database does not answer within two seconds.',
  },
  listenToChanges: {
    tag: 'server',
    summary: 'Stream of changes',
    description:
      'Server-sent events of the kind `news`, each with a topic. Nothing is replayed: a client that lost the stream fetches everything again.',
  },
  confirmClock: {
    tag: 'server',
    summary: 'Accept the clock of the computer',
    description: 'After a jump of the clock. Timers keep the time that really passed.',
  },

  listDevices: { tag: 'devices', summary: 'List the connected devices' },
  readRequester: { tag: 'devices', summary: 'Who asks, and what it may do' },
  inviteDevice: {
    tag: 'devices',
    summary: 'Invite a device',
    description: 'The answer has a key and a code. Either connects one device within ten minutes.',
  },
  withdrawInvitation: { tag: 'devices', summary: 'Withdraw an invitation' },
  joinHousehold: {
    tag: 'devices',
    summary: 'Connect the device that asks',
    description: 'Sets a cookie that pages cannot read; the device is known by it from then on.',
    problems: ['badCode', 'tooManyTries', 'tooManyDevices'],
  },
  updateDevice: { tag: 'devices', summary: 'Change name and role of a device' },
  removeDevice: { tag: 'devices', summary: 'Remove a device' },
  readNetwork: { tag: 'devices', summary: 'Whether other devices reach this household, and where' },
  updateNetwork: { tag: 'devices', summary: 'Open or close the household to other devices' },
  downloadRootCertificate: {
    tag: 'devices',
    summary: 'Root certificate of the household',
    description: 'DER. A device that trusts it can use https. There is no secret in it.',
    problems: ['notFound'],
  },

  readHousehold: { tag: 'household', summary: 'Settings of the household' },
  updateHousehold: { tag: 'household', summary: 'Replace the settings of the household' },
  answerAboutHousehold: { tag: 'household', summary: 'Answer one question about the household' },
  createDemoHousehold: {
    tag: 'household',
    summary: 'Load the demo into an empty household',
    problems: ['houseNotEmpty'],
  },
  deleteDemoHousehold: {
    tag: 'household',
    summary: 'Leave the demo, which deletes all its data',
    problems: ['houseNotMadeUp'],
  },
  exportHousehold: { tag: 'household', summary: 'The household as a file' },
  importHousehold: {
    tag: 'household',
    summary: 'Import a household file',
    description: 'All of it or nothing. Rows that are there already are left as they are; the answer counts.',
    problems: ['foreignFile', 'newerFile', 'brokenFile', 'logBroken', 'mixRefused'],
  },
  readHouseholdFileSchema: {
    tag: 'household',
    summary: 'JSON Schema of the household file',
    description: 'Draft 2020-12.',
  },
  exportLog: { tag: 'household', summary: 'The log of treatments as CSV' },
  importLog: {
    tag: 'household',
    summary: 'Import a log as CSV',
    description: 'Adds the rows that are not there yet; all of them or none.',
  },
  exportCalendar: { tag: 'household', summary: 'Dates of treatments and upkeep as iCalendar' },

  readCatalogue: { tag: 'knowledge', summary: 'Names and choices that pages need' },
  readReference: { tag: 'knowledge', summary: 'Everything that is known, each fact with its ground' },
  readToday: { tag: 'runs', summary: 'What is under way and what comes next' },
  readWhatWorks: { tag: 'trials', summary: 'What worked in this household so far' },

  listPieces: { tag: 'pieces', summary: 'List the pieces' },
  createPiece: { tag: 'pieces', summary: 'Enter a piece' },
  readPiece: { tag: 'pieces', summary: 'A piece with its history' },
  updatePiece: { tag: 'pieces', summary: 'Change a piece' },
  deletePiece: { tag: 'pieces', summary: 'Delete a piece without a history', problems: ['hasHistory'] },
  mergePiece: {
    tag: 'pieces',
    summary: 'Merge a piece that was entered twice',
    description: 'All that is kept of it goes to the other piece. The answer takes the merge back.',
    problems: ['samePiece'],
  },
  unmergePiece: { tag: 'pieces', summary: 'Take a merge back', problems: ['samePiece'] },
  addCare: { tag: 'pieces', summary: 'Note a wash or upkeep' },
  updatePiecePhoto: { tag: 'pieces', summary: 'Set the picture of a piece', problems: ['pictureRefused'] },
  deletePiecePhoto: { tag: 'pieces', summary: 'Delete the picture of a piece' },
  downloadPhoto: { tag: 'pieces', summary: 'A picture', description: 'JPEG.' },

  previewPlan: { tag: 'plans', summary: 'Plan for facts' },
  comparePositions: { tag: 'plans', summary: 'Plans under every view of one dispute' },
  findFirstThings: {
    tag: 'plans',
    summary: 'First acts, and the questions that would change most',
    description: 'For facts that are not complete. At most two questions.',
  },
  findHouseQuestion: {
    tag: 'plans',
    summary: 'The unknown fact of the household that affects this plan most',
  },
  findPlanAlternatives: {
    tag: 'plans',
    summary: 'Alternatives to a step of a plan',
    problems: ['courseRefused'],
  },
  findChanges: { tag: 'plans', summary: 'The smallest changes of the facts that would admit a method' },
  readPlan: { tag: 'plans', summary: 'A plan as it was saved' },

  listTroubles: { tag: 'troubles', summary: 'List the saved troubles' },
  listToBuy: { tag: 'troubles', summary: 'List what would help the open troubles and is not in the house' },
  createTrouble: { tag: 'troubles', summary: 'Save a trouble, and plan it', problems: ['notFound'] },
  startTrouble: {
    tag: 'troubles',
    summary: 'Save, plan and start in one request',
    description: 'A repeated key counts once.',
    problems: ['planRefused', 'noSuchStep', 'mixRefused', 'runRefused', 'notFound'],
  },
  readTrouble: { tag: 'troubles', summary: 'A saved trouble with its facts' },
  updateTrouble: {
    tag: 'troubles',
    summary: 'Change the facts of a trouble, and plan it again',
    description: 'Older plans and runs stay as they were.',
  },
  deleteTrouble: { tag: 'troubles', summary: 'Delete a trouble without a run', problems: ['hasHistory'] },

  startRun: {
    tag: 'runs',
    summary: 'Start a plan',
    problems: ['planRefused', 'noSuchStep', 'mixRefused', 'runRefused', 'notFound'],
  },
  findClashes: {
    tag: 'runs',
    summary: 'What else would need the same vessel or machine',
    description: 'Asked before a start.',
  },
  readRun: { tag: 'runs', summary: 'A run with its plan, state and events' },
  findRunAlternatives: { tag: 'runs', summary: 'Alternatives to the current step of a run' },
  updateRunCourse: {
    tag: 'runs',
    summary: 'Go on another way from the current step',
    problems: ['courseRefused', 'runRefused', 'planRefused'],
  },
  addRunEvent: {
    tag: 'runs',
    summary: 'Add an event to a run',
    description:
      'A repeated key counts once. With `plan=none` the answer leaves the plan out, which no event changes.',
    problems: ['runRefused', 'planRefused', 'overloaded'],
  },
  addRunPhoto: { tag: 'runs', summary: 'Add a picture to a run', problems: ['pictureRefused', 'runRefused'] },

  startTrial: { tag: 'trials', summary: 'Start a trial', problems: ['trialRefused', 'notFound'] },
  readTrial: { tag: 'trials', summary: 'A trial and its state' },
  addTrialEvent: {
    tag: 'trials',
    summary: 'Add an event to a trial',
    problems: ['runRefused', 'trialRefused'],
  },

  judgeMix: {
    tag: 'mixes',
    summary: 'What a mix is, or why it must not be made',
    description: 'Nothing is kept.',
    problems: ['outOfRange'],
  },
  answerMixQuestion: {
    tag: 'mixes',
    summary: 'From what is wanted to what is poured',
    problems: ['outOfRange', 'cannotStrengthen', 'nothingToMix'],
  },
  listMixes: { tag: 'mixes', summary: 'List the saved mixes' },
  readMix: { tag: 'mixes', summary: 'A saved mix' },
  createMix: { tag: 'mixes', summary: 'Save a mix', problems: ['mixRefused', 'shelfFull'] },
  deleteMix: { tag: 'mixes', summary: 'Delete a saved mix' },

  readWash: { tag: 'wash', summary: 'The heap sorted into loads' },
  exportLoads: { tag: 'wash', summary: 'The loads as CSV' },
  findLoadOfRun: { tag: 'wash', summary: 'The load that the wash of a run may join, or is in' },
  addToHeap: {
    tag: 'wash',
    summary: 'Add to the heap',
    description: 'Pieces of the book, or handfuls. An id that is there already adds nothing.',
    problems: ['shelfFull', 'notFound'],
  },
  updateHeapLine: { tag: 'wash', summary: 'Change an entry of the heap' },
  deleteHeapLine: { tag: 'wash', summary: 'Take an entry off the heap' },
  updateWashSettings: {
    tag: 'wash',
    summary: 'Change how the heap is sorted, or the machine and the clothesline',
    description: 'What is left out stays as it is. Machine, clothesline and weather need the role `all`.',
  },
  startLoad: { tag: 'wash', summary: 'Start a load', problems: ['noLoad', 'notFound'] },
  addHandWash: {
    tag: 'wash',
    summary: 'Note what was washed by hand and is wet',
    problems: ['noLoad', 'notFound'],
  },
  finishLoad: { tag: 'wash', summary: 'A load is out of the drum, and wet' },
  undoLoad: { tag: 'wash', summary: 'Take back the last event of a load', problems: ['noLoad'] },
  readClothesline: { tag: 'wash', summary: 'What is wet, and when it will be dry' },
  importForecast: {
    tag: 'wash',
    summary: 'Import an hourly forecast as CSV',
    description: 'It replaces the one before.',
    problems: ['forecastBroken'],
  },
  hangLines: {
    tag: 'wash',
    summary: 'Hang things up, or take them down',
    description: 'Without a place they are taken down.',
    problems: ['notFound', 'dryBeforeHung'],
  },
  rollLines: { tag: 'wash', summary: 'Note what was rolled in a towel', problems: ['notFound'] },
  markDry: {
    tag: 'wash',
    summary: 'Note when things were dry',
    description: 'The difference from the predicted time improves later predictions.',
    problems: ['notFound', 'dryBeforeHung', 'outOfRange'],
  },
};
