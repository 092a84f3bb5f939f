import type { Item, Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { FibreShare, PieceFacts } from '../textile/piece.js';
import { EMPTY_FACTS, EMPTY_PIECE, type TroubleFacts } from '../trouble/troubleFacts.js';
import {
  BLENDS,
  FILLINGS,
  FINISHES,
  HISTORIES,
  MAKES,
  SWEPT_COLOURS,
  SWEPT_CONDITIONS,
  sweptHouseholds,
  TAGS,
} from './sweepClasses.js';

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

/** Every fibre or blend × mark × item × tag or code × colour × state × history × make × household. */
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
    ['fuelSpill', 'mud'],
    ['candleWax', 'fuelSpill'],
    ['oilPaintMark', 'saladOil'],
    ['mothball', 'musty'],
    ['iodineMark', 'blood'],
  ];
  const homes = sweptHouseholds(knowledge);
  const radices = [
    blends.length,
    troubles.length,
    knowledge.items.length,
    TAGS.length,
    SWEPT_COLOURS.length,
    SWEPT_CONDITIONS.length,
    HISTORIES.length,
    MAKES.length,
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
  readonly homes: ReturnType<typeof sweptHouseholds>;
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
  const [blend, trouble, itemAt, tagAt, colour, condition, history, made, home] = digits;
  const item = pick(knowledge.items, itemAt);
  const { label, code, waterTest = null } = pick(TAGS, tagAt);
  const fibres = pick(blends, blend);
  const { household, reach } = pick(homes, home);
  const make = pick(MAKES, made);
  const parts = partsOf(item, fibres, make);
  const facts: TroubleFacts = {
    ...EMPTY_FACTS,
    ...pick(HISTORIES, history),
    markIds: pick(troubles, trouble),
    reach,
    // On the straps, where there are any; else on the first part.
    partIndex: make === 'webbing' ? parts.findIndex(({ name }) => name === make) : 0,
    piece: {
      ...EMPTY_PIECE,
      itemId: item.id,
      parts,
      ...pick(SWEPT_COLOURS, colour),
      condition: pick(SWEPT_CONDITIONS, condition),
      label: item.coded ? null : label,
      code: item.coded ? code : null,
      waterTest: item.coded ? waterTest : null,
      metalParts: ((tagAt ?? 0) + (colour ?? 0)) % 3 === 0,
    },
  };
  return { facts, household };
}

/** The blend on the first part; a filling or backing of what the make says, the others of what is usual. */
function partsOf(item: Item, fibres: FibreShare[], made: (typeof MAKES)[number]): PieceFacts['parts'] {
  const filling = FILLINGS.find((one) => one === made);
  const parts = item.partNames.map((name, index) => ({
    name,
    fibres:
      index === 0
        ? fibres
        : filling && (name === 'filling' || name === 'backing' || name === 'padding')
          ? [{ fibreId: filling, sharePct: 100 }]
          : item.defaultFibres,
  }));
  const finish = FINISHES.find((one) => one === made);
  const isNew = finish !== undefined && !item.partNames.includes(finish);
  return isNew ? [...parts, { name: finish, fibres: item.defaultFibres }] : parts;
}

/** A step coprime to the product, near its golden section: consecutive numbers spread evenly over all classes. */
export function strideFor(size: number): number {
  let stride = Math.floor(size * 0.6180339887);
  while (gcd(stride, size) !== 1) stride += 1;
  return stride;
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
