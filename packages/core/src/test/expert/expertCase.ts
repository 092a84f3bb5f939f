import { readFileSync } from 'node:fs';
import type { Household } from '../../household/household.js';
import type { PieceFacts } from '../../textile/piece.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import { household, knowledge } from '../fixtures.js';

/** One pass an expert would accept; `a+b` = used together. */
export interface ExpectedPass {
  readonly phase: string;
  readonly anyOf: readonly string[];
  readonly tempC: readonly [number, number] | null;
  readonly minutes: readonly [number, number] | null;
  /** Amounts in words; those `doseFault` knows are judged. */
  readonly dose?: string;
  readonly optional: boolean;
}

export interface Never {
  readonly what?: string;
  readonly tempAbove?: number;
  readonly until: 'always' | 'gone' | 'untilTested' | 'untilRinsed';
  readonly why: string;
}

export interface Expect {
  readonly atOnce: { readonly must: readonly string[]; readonly mustNot: readonly string[] };
  readonly roundOne: readonly ExpectedPass[];
  readonly order: readonly string[];
  readonly never: readonly Never[];
  readonly limits: {
    readonly maxWashes: number;
    readonly maxDryings: number;
    readonly maxTempBeforeGone: number | null;
    readonly mostSolventML: number;
  };
  readonly dry: readonly string[];
  readonly looks: readonly string[];
  readonly ifStays: readonly (string | ExpectedPass)[];
  readonly says: readonly string[];
}

interface House {
  readonly cupboard?: readonly string[];
  readonly asthma?: boolean;
  readonly baby?: boolean;
  readonly pets?: boolean;
  readonly hardnessMgL?: number;
  readonly allowOxalic?: boolean;
}

interface Given extends Pick<TroubleFacts, 'markIds' | 'partIndex' | 'age' | 'wetness' | 'heat' | 'size'> {
  readonly itemId: string;
  readonly parts: PieceFacts['parts'];
  readonly colour: PieceFacts['colour'];
  readonly fastness: PieceFacts['fastness'];
  readonly condition: PieceFacts['condition'];
  readonly label: PieceFacts['label'];
  readonly code: PieceFacts['code'];
  readonly metalParts: boolean;
  readonly tried: readonly {
    readonly agentId: string;
    readonly effect: 'nothing' | 'some' | 'unknown';
    readonly hot: boolean;
    readonly washedOut: boolean;
  }[];
  readonly house: House;
  readonly itemWords?: string;
  readonly words?: string;
}

export interface ExpertCase {
  readonly id: string;
  readonly kind: string;
  readonly title: string;
  readonly facts: Given;
  readonly expect: Expect;
  readonly confidence: 'high' | 'medium';
  readonly pairWith?: { readonly id: string; readonly planMustChange: string };
}

interface File {
  readonly families: Readonly<Record<string, readonly string[]>>;
  readonly cases: readonly ExpertCase[];
}

const read = (name: string): File =>
  JSON.parse(
    readFileSync(new URL(`../../../../../fixtures/expert/${name}`, import.meta.url), 'utf8'),
  ) as File;

const FILE = read('cases.json');
export const FAMILIES = FILE.families;
export const EXPERT_CASES = FILE.cases;
/** Written before the planner was tuned to the others, and put aside. */
export const HELD_BACK = read('held-back.json').cases;

/** What the catalogue of 2026.11.4 offered: the cases were written with it. */
const FULL_CUPBOARD = (
  'water dishDetergent delicateDetergent liquidDetergent bioDetergent enzymePretreater whiteSoap oxygenBleach ' +
  'peroxide vinegar citricAcid bakingSoda washingSoda sodaCrystals borax ammonia chlorineBleach runRemover ' +
  'dyeSuspender isopropanol acetone esterRemover mineralSpirits absorbentPowder tableSalt powderWithBleach ' +
  'enzymeSoak solventPretreater colourOxygenBleach oxalicAcid sodaWater tableWine glycerine odourRemover softener ' +
  'dyeCatcher dryerBalls sunAir steam scentedSachet sodiumCitrate stickyTape unknownProduct poolChlorineProduct ' +
  'petrol chlorinatedSolvent strongRustRemover'
).split(' ');

/** Pieces the catalogue has since got ids of their own for. */
const NEARER: Readonly<Record<string, string>> = {
  'car seat': 'vehicleSeat',
  'car seat, leather': 'vehicleSeat',
  'car seat, fixed': 'vehicleSeat',
  'cloth nappies': 'clothNappy',
  'pram seat, fixed, padded': 'pram',
};

export function factsOf({ facts: given }: ExpertCase): TroubleFacts {
  return {
    markIds: given.markIds.length > 0 ? given.markIds : ['unknownStain'],
    goneComponentIds: [],
    answers: {},
    piece: {
      itemId: NEARER[given.itemWords ?? ''] ?? given.itemId,
      name: '',
      parts: given.parts,
      colour: given.colour,
      fastness: given.fastness,
      condition: given.condition,
      label: given.label,
      code: given.code,
      dryMassG: null,
      metalParts: given.metalParts,
    },
    partIndex: given.partIndex,
    age: given.age,
    wetness: given.wetness,
    heat: given.heat,
    size: given.size,
    tried: given.tried.map((one) => ({ ...one, times: 1, washedOut: one.washedOut ? 'yes' : 'no' })),
    done: [],
    positions: {},
    reach: 'house',
  };
}

export function houseOf({ facts: { house } }: ExpertCase): Household {
  const { cupboard, ...rest } = house;
  const strengthOf = (agentId: string) =>
    knowledge.agents.find(({ id }) => id === agentId)?.strength?.recipe ?? null;
  return {
    ...household,
    hardnessMgL: 150,
    vessels: [
      { id: 'basin', name: 'basin', volumeL: 9, material: 'plastic', lid: false, form: 'basin', shape: null },
      {
        id: 'bucket',
        name: 'bucket',
        volumeL: 14,
        material: 'plastic',
        lid: true,
        form: 'bucket',
        shape: null,
      },
      { id: 'sink', name: 'sink', volumeL: 45, material: 'stone', lid: false, form: 'sink', shape: null },
      {
        id: 'bath',
        name: 'bath',
        volumeL: 140,
        material: 'enamel',
        lid: false,
        form: 'bathtub',
        shape: null,
      },
    ],
    ...rest,
    cupboard: (cupboard ?? FULL_CUPBOARD).map((agentId) => ({ agentId, strengthPct: strengthOf(agentId) })),
  };
}
