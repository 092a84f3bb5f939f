import {
  EMPTY_FACTS,
  EMPTY_MIX,
  EMPTY_PIECE,
  PLAIN_LINE,
  type RouteBody,
  type RouteName,
  type TroubleFacts,
} from '@feverfew/contracts';

const ID = '6f1c9a34-52d1-4a5e-9b8e-0a7d3b1f2c55';
const OTHER_ID = '0d8a7c41-7e0b-4f0c-8a51-2f6f5f0f9a10';

/** Red wine on a white cotton shirt, an hour old. */
const FACTS: TroubleFacts = {
  ...EMPTY_FACTS,
  markIds: ['redWine'],
  age: 'hours',
  piece: {
    ...EMPTY_PIECE,
    itemId: 'shirt',
    colour: 'white',
    parts: EMPTY_PIECE.parts.map((part) => ({ ...part, fibres: [{ fibreId: 'cotton', sharePct: 100 }] })),
  },
};
/** One grey point. */
const JPEG =
  `/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP${'/'.repeat(86)}wAALCAABAAEBAREA` +
  '/8QAFAABAAAAAAAAAAAAAAAAAAAAA//EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AR//Z';

/** What may be sent to each route with a body. A test holds them to the shapes. */
export const ROUTE_EXAMPLES: { readonly [Name in RouteName]?: RouteBody<Name> } = {
  inviteDevice: { name: 'Phone at the tub', role: 'tub' },
  joinHousehold: { code: 'K7QX 3MRA' },
  updateDevice: { name: 'Phone at the tub', role: 'look' },
  updateNetwork: { isOpen: true },
  answerAboutHousehold: { fact: 'people', entry: null, answer: 'some', people: ['baby'] },
  importLog: { csv: 'date,piece,mark,method,fibres,age,rounds,leftPct\n' },
  createPiece: {
    ...FACTS.piece,
    itemId: 'shirt',
    name: 'Sunday shirt',
    note: '',
    since: null,
    replacementCost: null,
  },
  updatePiece: {
    ...FACTS.piece,
    itemId: 'shirt',
    name: 'Sunday shirt',
    note: 'Mended',
    since: null,
    replacementCost: 40,
  },
  mergePiece: { intoId: OTHER_ID },
  addCare: { key: ID, what: 'machineWash', upkeepId: null, times: 1 },
  updatePiecePhoto: { key: ID, jpeg: JPEG },
  previewPlan: FACTS,
  comparePositions: { facts: FACTS, dispute: 'bloodCold' },
  findFirstThings: FACTS,
  findHouseQuestion: FACTS,
  findPlanAlternatives: { facts: FACTS, passIndex: 0 },
  findChanges: { facts: FACTS, methodId: 'oxygenSoak' },
  createTrouble: { pieceId: null, facts: FACTS },
  startTrouble: { key: ID, troubleId: null, pieceId: null, facts: FACTS, passIndex: 0 },
  updateTrouble: { pieceId: null, facts: FACTS },
  startRun: { key: ID, planId: OTHER_ID, passIndex: 0 },
  findClashes: { facts: FACTS, passIndex: 0 },
  updateRunCourse: { instead: 'oxygenSoak' },
  addRunEvent: { key: ID, event: { kind: 'extended', minutes: 30 } },
  addRunPhoto: { key: ID, jpeg: JPEG },
  startTrial: {
    key: ID,
    troubleId: OTHER_ID,
    place: 'zones',
    methodIds: ['oxygenSoak', 'peroxideDab'],
  },
  addTrialEvent: { key: ID, event: { kind: 'looked', arm: 0, leftPct: 40 } },
  judgeMix: {
    ...EMPTY_MIX,
    waterML: 500,
    pours: [{ agentId: 'citricAcid', amount: 10, unit: 'g', strengthPct: null }],
  },
  createMix: {
    name: 'For kettle and shower',
    mix: {
      ...EMPTY_MIX,
      waterML: 500,
      pours: [{ agentId: 'citricAcid', amount: 10, unit: 'g', strengthPct: null }],
    },
  },
  addToHeap: { lines: [{ id: ID, line: { ...PLAIN_LINE, itemId: 'towel', name: 'Bath towels', count: 4 } }] },
  updateHeapLine: { ...PLAIN_LINE, itemId: 'towel', name: 'Bath towels', count: 3 },
  updateWashSettings: { leftOut: [] },
  startLoad: { key: ID, pieceIds: [OTHER_ID] },
  addHandWash: { key: ID, lineId: OTHER_ID },
  importForecast: { csv: 'time,temp_c,humidity_pct\n2026-06-15T09:00:00Z,18,60\n' },
  hangLines: { lineIds: [ID], place: 'line' },
  rollLines: { lineIds: [ID], rolled: true },
  markDry: { lineIds: [ID], at: '2026-06-15T15:30:00.000Z' },
};
