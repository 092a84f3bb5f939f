import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { BLANK_LABEL, type CareLabel } from '../textile/careLabel.js';
import type { PieceFacts } from '../textile/piece.js';
import { NO_CHOICES } from '../trouble/choices.js';
import type { TriedProduct, TroubleFacts } from '../trouble/troubleFacts.js';

const tag = (fields: Partial<CareLabel>): CareLabel => ({ ...BLANK_LABEL, ...fields });
const machine = (maxC: 30 | 40 | 60 | 95, bars: 0 | 1 | 2 = 0) => ({ kind: 'machine', maxC, bars }) as const;

/** Tags of washable pieces; coded furniture takes the code next to it instead. */
export const TAGS: readonly Pick<PieceFacts, 'label' | 'code' | 'waterTest'>[] = [
  { label: null, code: null },
  {
    label: tag({ wash: { kind: 'hand' }, bleach: 'never', tumble: 'never', natural: 'flat', shade: true }),
    code: 'W',
  },
  { label: tag({ wash: { kind: 'never' }, bleach: 'never', tumble: 'never', dryClean: 'P' }), code: 'S' },
  { label: tag({ wash: machine(30, 2), bleach: 'never', tumble: 'never', dryClean: 'never' }), code: 'WS' },
  { label: tag({ wash: machine(40, 1), bleach: 'oxygenOnly', tumble: 'low' }), code: 'X' },
  { label: tag({ wash: machine(60), bleach: 'oxygenOnly', tumble: 'normal' }), code: 'unknown' },
  { label: tag({ wash: machine(60), bleach: 'any', tumble: 'normal' }), code: 'W' },
  { label: tag({ wash: machine(95), bleach: 'any', tumble: 'normal' }), code: 'WS' },
  { label: tag({}), code: 'W' },
  {
    label: tag({
      wash: machine(40),
      bleach: 'oxygenOnly',
      tumble: 'never',
      natural: 'drip',
      iron: 'never',
      dryClean: 'never',
    }),
    code: 'S',
  },
  {
    label: tag({
      wash: { kind: 'hand', maxC: 30 },
      bleach: 'any',
      tumble: 'never',
      natural: 'dripFlat',
      iron: 'low',
    }),
    code: null,
    waterTest: 'passed',
  },
  { label: tag({ wash: machine(40, 2), bleach: 'any', tumble: 'low' }), code: null, waterTest: 'failed' },
];

export const SWEPT_COLOURS: readonly Pick<PieceFacts, 'colour' | 'fastness'>[] = [
  { colour: 'white', fastness: 'unknown' },
  { colour: 'natural', fastness: 'unknown' },
  { colour: 'pale', fastness: 'proven' },
  { colour: 'mid', fastness: 'unknown' },
  { colour: 'dark', fastness: 'proven' },
  { colour: 'dark', fastness: 'failed' },
  { colour: 'multicoloured', fastness: 'unknown' },
  { colour: 'unknown', fastness: 'unknown' },
];

export const SWEPT_CONDITIONS: readonly PieceFacts['condition'][] = [
  'sound',
  'worn',
  'thinning',
  'torn',
  'antique',
  'irreplaceable',
];

const put = (agentId: string, fields: Partial<TriedProduct> = {}): TriedProduct => ({
  agentId,
  times: 1,
  effect: 'unknown',
  hot: false,
  washedOut: 'no',
  ...fields,
});

/** Every word for a size and a measured one, every kind of history, what was washed out since and what was not. */
export const HISTORIES: readonly Partial<TroubleFacts>[] = [
  { age: 'minutes', wetness: 'wet', size: { length: 6, width: 4 } },
  { age: 'hours', wetness: 'dry', size: 'unknown' },
  { age: 'weeks', wetness: 'dry', size: 'plate' },
  { age: 'days', wetness: 'dry', size: 'allOver' },
  { age: 'hours', wetness: 'wet', size: 'coin', tried: [put('petrol', { effect: 'some' })] },
  { age: 'days', size: 'palm', tried: [put('ammonia'), put('mineralSpirits', { washedOut: 'yes' })] },
  {
    age: 'months',
    heat: 'tumbled',
    size: 'hand',
    tried: [put('vinegar', { times: 2, effect: 'nothing', washedOut: 'unknown' })],
  },
  {
    age: 'days',
    heat: 'hotWash',
    size: 'larger',
    tried: [put('bioDetergent', { effect: 'some', hot: true }), put('chlorineBleach')],
  },
  { age: 'days', size: 'palm', tried: [put('chlorineBleach', { washedOut: 'yes' })] },
  { age: 'unknown', size: 'coin', tried: [put('acetone'), put('unknownProduct')] },
  // Two products that react, in either order; solvents one on the other; what makes iodine explode, dry and wet.
  { age: 'hours', size: 'palm', tried: [put('chlorineBleach'), put('vinegar')] },
  { age: 'minutes', wetness: 'wet', size: 'palm', tried: [put('citricAcid'), put('mouldSpray')] },
  {
    age: 'days',
    size: 'allOver',
    tried: [put('ammonia', { washedOut: 'unknown' }), put('poolChlorineProduct')],
  },
  { age: 'hours', size: 'hand', tried: [put('runRemover'), put('vinegar')] },
  { age: 'hours', wetness: 'dry', size: 'coin', tried: [put('mineralSpirits'), put('isopropanol')] },
  { age: 'minutes', wetness: 'wet', size: 'palm', tried: [put('turpentine'), put('chlorineBleach')] },
  { age: 'days', wetness: 'dry', size: 'palm', tried: [put('ammonia'), put('glassCleaner')] },
  { age: 'days', size: 'unknown', tried: [put('petrol', { washedOut: 'yes' }), put('vinegar')] },
  // A time to be ready, several pieces alike, a product that did nothing.
  { age: 'hours', wetness: 'wet', size: 'palm', choices: { ...NO_CHOICES, readyInMin: 240 } },
  { age: 'days', wetness: 'dry', size: 'coin', pieces: 6 },
  {
    age: 'weeks',
    size: 'hand',
    tried: [put('oxygenBleach', { effect: 'nothing', washedOut: 'yes' })],
    choices: { ...NO_CHOICES, readyInMin: 1440 },
  },
];

/** Blends, unknown fibres and parts of different fibres, besides every fibre by itself. */
export const BLENDS: readonly Readonly<Record<string, number>>[] = [
  {},
  { cotton: 97, elastane: 3 },
  { polyester: 65, cotton: 35 },
  { wool: 80, polyamide: 20 },
  { linen: 55, cotton: 45 },
  { viscose: 70, acetate: 30 },
  { silk: 90, metallised: 10 },
];

/** Makes that change what may be done: what a filling or backing is of, and a finish on any piece, by its part's name. */
export const FILLINGS = ['foam', 'latex', 'down'] as const;
export const FINISHES = [
  'glued trim',
  'print, foil or flock',
  'rubber waistband or grip',
  'fusible interlining',
  'permanent pleats',
  'sequins or beads, sewn on',
  'reflective tape',
  'no-iron finish',
  'webbing',
] as const;
export const MAKES = [null, ...FILLINGS, ...FINISHES] as const;

const ROOMY: Household['vessels'] = [
  { id: 'basin', name: 'basin', volumeL: 9, material: 'plastic', lid: false, form: 'basin', shape: null },
  { id: 'bucket', name: 'bucket', volumeL: 14, material: 'plastic', lid: true, form: 'bucket', shape: null },
  { id: 'sink', name: 'sink', volumeL: 45, material: 'stone', lid: false, form: 'sink', shape: null },
  { id: 'bath', name: 'bath', volumeL: 140, material: 'enamel', lid: false, form: 'bathtub', shape: null },
];

/** Tubs of a house where everything is of metal. */
const METALS: Readonly<Record<string, Household['vessels'][number]['material']>> = {
  basin: 'aluminium',
  bucket: 'zinc',
  bath: 'stainless',
};

const USUAL: Household = {
  taps: { coldC: 11, hotC: 52, kettleL: 1.7 },
  hardnessMgL: 290,
  roomC: 20,
  vessels: ROOMY,
  tools: ['metricTeaspoon', 'metricTablespoon', 'metricCup', 'jug'],
  ownMeasures: [],
  hasScale: false,
  hasMachine: true,
  hasDryer: true,
  cupboard: [],
  products: [],
  asthma: false,
  pregnancy: false,
  baby: false,
  pets: false,
  septicTank: false,
  boraxSold: false,
  allowChlorine: false,
  allowAmmonia: false,
  allowOxalic: false,
  positions: {},
};

/**
 * A usual house, an empty cupboard that may buy, one that owns and allows everything, a careful one, one of unlike
 * habits, one with small children and animals and tubs of metal, one where a person is pregnant and wheezes.
 */
export function sweptHouseholds(
  knowledge: Knowledge,
): { household: Household; reach: TroubleFacts['reach'] }[] {
  const all = knowledge.agents.map(({ id, strength }) => ({
    agentId: id,
    strengthPct: strength?.recipe ?? null,
  }));
  const strong = knowledge.agents.map(({ id, strength }) => ({
    agentId: id,
    strengthPct: strength?.max ?? null,
  }));
  const unknown = all.map(({ agentId }) => ({ agentId, strengthPct: null }));
  const otherPositions = Object.fromEntries(
    knowledge.disputes.flatMap(({ id }) => {
      const other = knowledge.positions.find((position) => position.dispute === id && !position.isDefault);
      return other ? [[id, other.id]] : [];
    }),
  );
  const kept = [
    'dishDetergent',
    'delicateDetergent',
    'liquidDetergent',
    'bioDetergent',
    'oxygenBleach',
    'peroxide',
    'vinegar',
    'citricAcid',
    'bakingSoda',
    'washingSoda',
    'isopropanol',
    'absorbentPowder',
    'chlorineBleach',
  ];
  const everything = { allowChlorine: true, allowAmmonia: true, allowOxalic: true, boraxSold: true };
  return [
    {
      household: { ...USUAL, cupboard: all.filter((entry) => kept.includes(entry.agentId)) },
      reach: 'house',
    },
    { household: USUAL, reach: 'shop' },
    { household: { ...USUAL, ...everything, hasScale: true, cupboard: strong }, reach: 'house' },
    {
      household: { ...USUAL, asthma: true, hasMachine: false, vessels: ROOMY.slice(0, 1), cupboard: unknown },
      reach: 'shop',
    },
    { household: { ...USUAL, ...everything, cupboard: all, positions: otherPositions }, reach: 'house' },
    {
      household: {
        ...USUAL,
        ...everything,
        cupboard: all,
        baby: true,
        pets: true,
        septicTank: true,
        vessels: ROOMY.map((vessel) => ({ ...vessel, material: METALS[vessel.id] ?? vessel.material })),
      },
      reach: 'house',
    },
    {
      household: { ...USUAL, ...everything, cupboard: strong, pregnancy: true, asthma: true },
      reach: 'house',
    },
  ];
}
