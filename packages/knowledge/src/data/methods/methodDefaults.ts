import type { Method } from '../../schema/method.js';

/** Troubles that water alone spreads or locks in; a cold flush is no first move on them. */
export const DRY_SIDE = [
  'freshOil',
  'mineralOil',
  'resinWax',
  'wax',
  'lacquer',
  'ballpointInk',
  'markerInk',
  'oilPaint',
  'gum',
  'superGlue',
  'soot',
  'rubberScuff',
  'paraffinCream',
  'carotenoid',
];

/** Rubbing dry only smears these. */
export const GREASY = [
  'freshOil',
  'oxidisedOil',
  'mineralOil',
  'wax',
  'gum',
  'resinWax',
  'makeUpPigment',
  'paraffinCream',
];

/** What holds for most methods. Figures are common practice without a source unless another one is named. */
const MOST = {
  programme: 'none',
  pH: null,
  untilCool: false,
  rinse: 'full',
  solventAftercare: false,
  washAfter: true,
  inMachine: false,
  itemIds: [],
  fibreGroups: [],
  ages: [],
  onlyWet: false,
  onlyWhereDry: false,
  place: 'washable',
  inABag: false,
  throughRinse: false,
  onlyAfterAgentIds: [],
  sturdyOnly: false,
  whitesOnly: false,
  colouredOnly: false,
  notWhenMostly: [],
  courseOnly: false,
  positionId: null,
  componentIds: [],
  expectedSignIds: [],
  sourceIds: ['commonPractice'],
} satisfies Partial<Method>;

/** A bath worked by hand. */
export const BATH_DEFAULTS = {
  ...MOST,
  wetting: 'immersion',
  action: 'press',
  waterParts: null,
  liquorRatioLPerKg: 12,
  keep: 'covered',
  maxRounds: 2,
  extraMechanisms: ['flush'],
  spotKind: null,
} satisfies Partial<Method>;

/** A little, on the spot itself. */
export const SPOT_DEFAULTS = {
  ...MOST,
  wetting: 'spot',
  action: 'blot',
  waterParts: 0,
  liquorRatioLPerKg: null,
  keep: 'wet',
  tempC: { min: 8, max: 25, prefer: 'coldest' },
  maxRounds: 3,
  extraMechanisms: [],
  spotKind: 'thin',
} satisfies Partial<Method>;

/** On the face of what stays where it is. */
export const SURFACE_DEFAULTS = {
  ...SPOT_DEFAULTS,
  wetting: 'surface',
  rinse: 'damp',
  washAfter: false,
  place: 'surface',
  spotKind: 'suds',
} satisfies Partial<Method>;
