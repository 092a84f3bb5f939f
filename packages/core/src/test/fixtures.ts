import { loadKnowledge } from '@feverfew/knowledge';
import { gatherLimits } from '../envelope/gatherLimits.js';
import type { Limit } from '../envelope/limit.js';
import type { Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { CareLabel } from '../textile/careLabel.js';
import type { PieceFacts } from '../textile/piece.js';
import { openCase } from '../treatment/case/openCase.js';
import type { PlanContext } from '../treatment/case/planContext.js';
import type { Dwell } from '../treatment/plan/action.js';
import type { Plan } from '../treatment/plan/plan.js';
import { followedPositions } from '../trouble/followedPositions.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { toldMarks, workMarks } from '../trouble/workMarks.js';

export const knowledge = loadKnowledge();

/** The same with methods that say nothing of their work: rounds of many steps stay short, so nothing waits. */
export const fewWords: typeof knowledge = {
  ...knowledge,
  methods: knowledge.methods.map((method) => ({ ...method, notes: {} })),
  // Steps are kept by the pass of a course they are of.
  courses: structuredClone(knowledge.courses),
};

export const household: Household = {
  taps: { coldC: 11, hotC: 52, kettleL: 1.7 },
  hardnessMgL: 290,
  roomC: 20,
  vessels: [
    {
      id: 'basin',
      name: 'enamel basin',
      volumeL: 9,
      material: 'enamel',
      lid: false,
      form: 'basin',
      shape: null,
    },
    {
      id: 'bucket',
      name: 'lidded bucket',
      volumeL: 14,
      material: 'plastic',
      lid: true,
      form: 'bucket',
      shape: null,
    },
    {
      id: 'bath',
      name: 'enamel bath',
      volumeL: 140,
      material: 'enamel',
      lid: false,
      form: 'bathtub',
      shape: null,
    },
  ],
  tools: ['metricTeaspoon', 'metricTablespoon', 'metricCup', 'jug'],
  ownMeasures: [],
  hasScale: false,
  hasMachine: true,
  hasDryer: true,
  cupboard: [
    ['dishDetergent', null],
    ['delicateDetergent', null],
    ['liquidDetergent', null],
    ['bioDetergent', null],
    ['enzymePretreater', null],
    ['oxygenBleach', null],
    ['peroxide', 3],
    ['vinegar', 5],
    ['citricAcid', null],
    ['bakingSoda', null],
    ['washingSoda', null],
    ['isopropanol', 70],
    ['absorbentPowder', null],
    ['whiteSoap', null],
  ].map(([agentId, strengthPct]) => ({
    agentId: agentId as string,
    strengthPct: strengthPct as number | null,
  })),
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

export const label = (
  maxC: 30 | 40 | 50 | 60 | 95,
  bleach: CareLabel['bleach'] = 'oxygenOnly',
): CareLabel => ({
  wash: { kind: 'machine', maxC, bars: 0 },
  bleach,
  tumble: 'low',
  natural: null,
  shade: false,
  iron: 'medium',
  dryClean: null,
  dryCleanBars: 0,
  wetClean: null,
  wetCleanBars: 0,
});

export const piece = (
  itemId: string,
  fibres: Record<string, number>,
  facts: Partial<PieceFacts> = {},
): PieceFacts => ({
  itemId,
  name: '',
  parts: [
    {
      name: 'whole piece',
      fibres: Object.entries(fibres).map(([fibreId, sharePct]) => ({ fibreId, sharePct })),
    },
  ],
  colour: 'white',
  fastness: 'unknown',
  condition: 'sound',
  label: null,
  code: null,
  dryMassG: null,
  metalParts: false,
  ...facts,
});

/** A piece of several parts, each with its own fibres. */
export const pieceOfParts = (
  itemId: string,
  list: Record<string, Record<string, number>>,
  facts: Partial<PieceFacts> = {},
): PieceFacts =>
  piece(
    itemId,
    {},
    {
      parts: Object.entries(list).map(([name, fibres]) => ({
        name,
        fibres: Object.entries(fibres).map(([fibreId, sharePct]) => ({ fibreId, sharePct })),
      })),
      ...facts,
    },
  );

export const trouble = (
  markIds: string | readonly string[],
  on: PieceFacts,
  facts: Partial<TroubleFacts> = {},
): TroubleFacts => ({
  markIds: [markIds].flat(),
  goneComponentIds: [],
  answers: {},
  piece: on,
  partIndex: 0,
  age: 'hours',
  wetness: 'dry',
  heat: 'none',
  size: { length: 6, width: 4 },
  tried: [],
  done: [],
  positions: {},
  reach: 'shop',
  ...facts,
});

/** Something put on it once before, effect not known. */
export const tried = (...agentIds: string[]): TroubleFacts['tried'] =>
  agentIds.map((agentId) => ({ agentId, times: 1, effect: 'unknown', hot: false, washedOut: 'unknown' }));

/** The six troubles that must come out right, and a plain one. */
export const cases = {
  beetrootOnDamask: trouble('beetroot', piece('tableLinen', { linen: 100 }, { label: label(60) })),
  bloodOnWoolBlanket: trouble('blood', piece('blanket', { wool: 100 }, { colour: 'pale' })),
  blackberryOnArmchair: trouble('berry', piece('armchair', { cotton: 100 }, { colour: 'pale', code: 'W' })),
  varnishOnAcetate: trouble(
    'nailVarnish',
    piece(
      'linedCoat',
      {},
      {
        colour: 'dark',
        parts: [
          { name: 'shell', fibres: [{ fibreId: 'wool', sharePct: 100 }] },
          { name: 'lining', fibres: [{ fibreId: 'acetate', sharePct: 100 }] },
        ],
      },
    ),
    { partIndex: 1 },
  ),
  yellowPetticoat: trouble('storageYellow', piece('petticoat', { cotton: 100 }, { label: label(40) }), {
    age: 'months',
    size: 'allOver',
  }),
  fishOverall: trouble('fishSmell', piece('workwear', { cotton: 100 }, { colour: 'mid', label: label(60) }), {
    size: 'larger',
  }),
} as const;

/** Every limit that applies to these facts. */
export const limitsOf = (facts: TroubleFacts, home: Household = household): Limit[] =>
  gatherLimits(
    facts,
    { marks: workMarks(facts, knowledge), told: toldMarks(facts, knowledge) },
    followedPositions(facts, home, indexKnowledge(knowledge)),
    indexKnowledge(knowledge),
  );

/** What the planner works in for these facts. */
export function contextOf(facts: TroubleFacts, home: Household = household): PlanContext {
  const { context } = openCase(facts, home, knowledge);
  if (!context) throw new Error('neither mark nor item');
  return context;
}

/** White towels stiff from hard water: several ways of much the same harshness, which a log can tell apart. */
export const stiffTowels: TroubleFacts = {
  ...cases.beetrootOnDamask,
  markIds: ['stiffTowels'],
  age: 'months',
  size: 'allOver',
  reach: 'shop',
  piece: {
    ...cases.beetrootOnDamask.piece,
    itemId: 'towel',
    name: 'bath towels',
    parts: [{ name: 'whole piece', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }],
  },
};

/** The plan with the soak of one pass set to these minutes: a clock is tested apart from what the knowledge says. */
export const withDwell = <P extends Pick<Plan, 'passes'>>(
  plan: P,
  methodId: string,
  dwell: Partial<Dwell>,
): P => ({
  ...plan,
  passes: plan.passes.map((pass) =>
    pass.methodId === methodId
      ? {
          ...pass,
          actions: pass.actions.map((step) =>
            step.dwell ? { ...step, dwell: { ...step.dwell, ...dwell } } : step,
          ),
        }
      : pass,
  ),
});

/** Two hours of four, looked at hourly. */
export const HOURLY: Partial<Dwell> = { minMin: 120, aimMin: null, maxMin: 240, lookEveryMin: 60 };
