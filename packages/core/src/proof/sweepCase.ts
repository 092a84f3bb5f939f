import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { BLANK_LABEL, type CareLabel } from '../textile/careLabel.js';
import type { FibreShare, PieceFacts } from '../textile/piece.js';
import { EMPTY_FACTS, EMPTY_PIECE, type TroubleFacts } from '../trouble/troubleFacts.js';

/** One case of the sweep: facts and household, both by number alone. */
export interface SweepCase {
  readonly facts: TroubleFacts;
  readonly household: Household;
}

export interface Sweep {
  /** Size of the full product of all classes. */
  readonly size: number;
  /**
   * The case of a number; numbers run on past the product and start again. Neighbours lie far apart, so that any
   * run of numbers is a fair sample.
   */
  readonly caseAt: (number: number) => SweepCase;
}

const tag = (fields: Partial<CareLabel>): CareLabel => ({ ...BLANK_LABEL, ...fields });
const machine = (maxC: 30 | 40 | 60 | 95, bars: 0 | 1 | 2 = 0) => ({ kind: 'machine', maxC, bars }) as const;

/** Tags of washable pieces; coded furniture takes the code beside it instead. */
const TAGS: readonly { readonly label: CareLabel | null; readonly code: PieceFacts['code'] }[] = [
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
];

const COLOURS: readonly Pick<PieceFacts, 'colour' | 'fastness'>[] = [
  { colour: 'white', fastness: 'unknown' },
  { colour: 'natural', fastness: 'unknown' },
  { colour: 'pale', fastness: 'proven' },
  { colour: 'mid', fastness: 'unknown' },
  { colour: 'dark', fastness: 'proven' },
  { colour: 'dark', fastness: 'failed' },
  { colour: 'multicoloured', fastness: 'unknown' },
  { colour: 'unknown', fastness: 'unknown' },
];

const CONDITIONS: readonly PieceFacts['condition'][] = [
  'sound',
  'worn',
  'thinning',
  'torn',
  'antique',
  'irreplaceable',
];

const HISTORIES: readonly Partial<TroubleFacts>[] = [
  { age: 'minutes', wetness: 'wet', size: { length: 6, width: 4 } },
  { age: 'hours', wetness: 'dry', size: 'allOver' },
  { age: 'weeks', wetness: 'dry', size: { length: 20, width: 12 } },
  {
    age: 'months',
    wetness: 'unknown',
    heat: 'tumbled',
    tried: [{ agentId: 'vinegar', times: 2, effect: 'nothing', hot: false, washedOut: 'unknown' }],
  },
  {
    age: 'days',
    heat: 'hotWash',
    tried: [
      { agentId: 'bioDetergent', times: 1, effect: 'some', hot: true, washedOut: 'unknown' },
      { agentId: 'chlorineBleach', times: 1, effect: 'unknown', hot: false, washedOut: 'unknown' },
    ],
  },
  {
    age: 'unknown',
    tried: [{ agentId: 'acetone', times: 1, effect: 'unknown', hot: false, washedOut: 'unknown' }],
  },
];

/** Blends, unknown fibres and parts of different fibres, besides every fibre by itself. */
const BLENDS: readonly Readonly<Record<string, number>>[] = [
  {},
  { cotton: 97, elastane: 3 },
  { polyester: 65, cotton: 35 },
  { wool: 80, polyamide: 20 },
  { linen: 55, cotton: 45 },
  { viscose: 70, acetate: 30 },
];

const ROOMY: Household['vessels'] = [
  { id: 'basin', name: 'basin', volumeL: 9, material: 'plastic', lid: false, form: 'basin', shape: null },
  { id: 'bucket', name: 'bucket', volumeL: 14, material: 'plastic', lid: true, form: 'bucket', shape: null },
  { id: 'sink', name: 'sink', volumeL: 45, material: 'stone', lid: false, form: 'sink', shape: null },
  { id: 'bath', name: 'bath', volumeL: 140, material: 'enamel', lid: false, form: 'bathtub', shape: null },
];

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
  schools: {},
};

/**
 * A usual house, an empty cupboard that may buy, one that owns and allows everything, a careful one, and one of
 * unlike habits.
 */
function households(knowledge: Knowledge): { household: Household; reach: TroubleFacts['reach'] }[] {
  const all = knowledge.agents.map(({ id, strength }) => ({
    agentId: id,
    strengthPct: strength?.recipe ?? null,
  }));
  const strong = knowledge.agents.map(({ id, strength }) => ({
    agentId: id,
    strengthPct: strength?.max ?? null,
  }));
  const unknown = all.map(({ agentId }) => ({ agentId, strengthPct: null }));
  const otherSchools = Object.fromEntries(
    knowledge.disputes.flatMap(({ id }) => {
      const other = knowledge.schools.find((position) => position.dispute === id && !position.isDefault);
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
    { household: { ...USUAL, ...everything, cupboard: all, schools: otherSchools }, reach: 'house' },
  ];
}

/** Every fibre or blend × mark × item × tag or code × colour × state × history × household. */
export function sweepOf(knowledge: Knowledge): Sweep {
  const blends: FibreShare[][] = [
    ...knowledge.fibres.map((fibre) => [{ fibreId: fibre.id, sharePct: 100 }]),
    ...BLENDS.map((blend) => Object.entries(blend).map(([fibreId, sharePct]) => ({ fibreId, sharePct }))),
  ];
  const troubles = [
    ...knowledge.marks.map((mark) => [mark.id]),
    ['blood', 'soup'],
    ['berry', 'grass', 'tomato'],
    ['moss', 'mud'],
    ['petUrine', 'rust'],
  ];
  const homes = households(knowledge);
  const radices = [
    blends.length,
    troubles.length,
    knowledge.items.length,
    TAGS.length,
    COLOURS.length,
    CONDITIONS.length,
    HISTORIES.length,
    homes.length,
  ];
  const size = radices.reduce((product, radix) => product * radix, 1);
  const stride = strideFor(size);
  return {
    size,
    caseAt: (number) => {
      let rest = Number((BigInt(number) * BigInt(stride)) % BigInt(size));
      const digits = radices.map((radix) => {
        const digit = rest % radix;
        rest = Math.floor(rest / radix);
        return digit;
      });
      return assemble(digits, { blends, troubles, homes }, knowledge);
    },
  };
}

interface Classes {
  readonly blends: readonly FibreShare[][];
  readonly troubles: readonly string[][];
  readonly homes: ReturnType<typeof households>;
}

const pick = <T>(list: readonly T[], place: number | undefined): T => {
  const value = list[place ?? 0];
  if (value === undefined) throw new RangeError(`no class ${place}`);
  return value;
};

function assemble(
  digits: readonly number[],
  { blends, troubles, homes }: Classes,
  knowledge: Knowledge,
): SweepCase {
  const [blend, trouble, itemAt, tagAt, colour, condition, history, home] = digits;
  const item = pick(knowledge.items, itemAt);
  const { label, code } = pick(TAGS, tagAt);
  const fibres = pick(blends, blend);
  const { household, reach } = pick(homes, home);
  const facts: TroubleFacts = {
    ...EMPTY_FACTS,
    ...pick(HISTORIES, history),
    markIds: pick(troubles, trouble),
    reach,
    piece: {
      ...EMPTY_PIECE,
      itemId: item.id,
      // The blend is on the first part; the others take the usual fibres of the item, where metal parts alternate.
      parts: item.partNames.map((name, index) => ({
        name,
        fibres: index === 0 ? fibres : item.defaultFibres,
      })),
      ...pick(COLOURS, colour),
      condition: pick(CONDITIONS, condition),
      label: item.coded ? null : label,
      code: item.coded ? code : null,
      metalParts: ((tagAt ?? 0) + (colour ?? 0)) % 3 === 0,
    },
  };
  return { facts, household };
}

/** A step coprime to the product, near its golden section: consecutive numbers spread evenly over all classes. */
function strideFor(size: number): number {
  let stride = Math.floor(size * 0.6180339887);
  while (gcd(stride, size) !== 1) stride += 1;
  return stride;
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
