import type { Agent, Knowledge } from '@feverfew/knowledge';
import type { PHRange } from '../../quantity/pHRange.js';
import { toThousandth } from '../../quantity/rounding.js';
import { chemistryIndex } from './chemistryIndex.js';
import {
  ALKALINITY_SHARES,
  type Corner,
  dissolve,
  type MixWater,
  type RangeEnd,
  requireWater,
} from './dissolve.js';
import type { Pour } from './pour.js';
import { solveChargeBalance } from './solveChargeBalance.js';

/** What the model itself may miss: firm up to I = 0.5 mol/L (buffers hit within 0.02), rough beyond. */
const MISS = { firm: 0.05, rough: 0.2 } as const;
const FIRM_UP_TO_I = 0.5;
/** Lime falls out to its solubility, and gas bubbles out until the water is full of it. */
const CENTRE: Corner = {
  amounts: [],
  stated: 'centre',
  alkalinityShare: ALKALINITY_SHARES.centre,
  precipitated: true,
  gas: 'saturated',
};

/**
 * pH of what is poured together, with its interval: ends of dose and strength, each kind of product by itself (sour
 * ones strong while alkaline ones are weak, and the other way round), stated pH, the tap's bicarbonate, calcium kept or
 * fallen out, carbon dioxide kept or gone. More acid in the same bath never raises any of it.
 * @param least, most the same products at the ends of their dose; order equal
 * @returns null if pH has no meaning: no water, a solvent, an unknown product
 * @throws DomainError outOfRange
 */
export function bathPH(
  least: readonly Pour[],
  most: readonly Pour[],
  water: MixWater,
  tempC: number,
  knowledge: Knowledge,
): PHRange | null {
  requireWater(water);
  const { agentOf } = chemistryIndex(knowledge);
  const agents = most.map((pour) => agentOf(pour.agentId));
  const wet = agents.filter((agent) => agent.hasPH);
  const liquid = water.volumeML > 0 || agents.some((agent) => agent.form === 'liquid' && agent.hasPH);
  if (!liquid || agents.some((agent) => !agent.hasPH || agent.chemistries.includes('undeclared')))
    return null;
  if (!wet.some((agent) => agent.compositionSetsPH)) {
    const low = Math.min(...wet.map((agent) => agent.pH.low), wet.length === 0 ? 6.5 : 14);
    const high = Math.max(...wet.map((agent) => agent.pH.high), wet.length === 0 ? 8 : 0);
    const likely = (low + high) / 2;
    return { low, high, likely, at25: likely, basis: 'stated', ionicStrength: 0, firm: true };
  }
  const solve = (pours: readonly Pour[], corner: Corner, t: number) => {
    const solution = dissolve(pours, water, t, corner, knowledge);
    return solveChargeBalance(solution.systems, solution.strongMolPerL, t, solution.leaving);
  };
  const middle = most.map((pour, index) => between(least[index] ?? pour, pour));
  const likely = solve(middle, CENTRE, tempC);
  const at25 = solve(middle, CENTRE, 25).pH;
  const corners = cornersOf(agents, water, dissolve(middle, water, tempC, CENTRE, knowledge).hasCarbonate);
  const atCorner = (corner: Corner, t: number) =>
    solve(
      most.map((pour, index) => (corner.amounts[index] === 'low' ? (least[index] ?? pour) : pour)),
      corner,
      t,
    ).pH;
  // The corners keep their order with warmth, so the bath's own heat is asked of the outer two only.
  const cold = corners
    .map((corner) => ({ corner, pH: atCorner(corner, 25) }))
    .sort((one, other) => one.pH - other.pH);
  const outer = [cold[0], cold.at(-1)].flatMap((one) => one ?? []);
  const all = [
    likely.pH,
    at25,
    ...outer.map(({ pH }) => pH),
    ...(tempC === 25 ? [] : outer.map(({ corner }) => atCorner(corner, tempC))),
  ];
  const low = Math.min(...all);
  const high = Math.max(...all);
  const firm = likely.ionicStrength <= FIRM_UP_TO_I;
  const miss = firm ? MISS.firm : MISS.rough;
  return {
    low: Math.max(0, low - miss),
    high: Math.min(14, high + miss),
    likely: likely.pH,
    at25,
    basis: 'computed',
    ionicStrength: toThousandth(likely.ionicStrength),
    firm,
  };
}

const between = (one: Pour, other: Pour): Pour => ({
  ...other,
  massG: one.massG !== null && other.massG !== null ? (one.massG + other.massG) / 2 : null,
  volumeML: one.volumeML !== null && other.volumeML !== null ? (one.volumeML + other.volumeML) / 2 : null,
});

/** What a product does to pH, by its own. */
const leaningOf = ({ pH }: Agent): 'sour' | 'alkaline' | 'even' =>
  pH.high < 6 ? 'sour' : pH.low > 7.5 ? 'alkaline' : 'even';

/** Only the corners that can make a difference for this mix. */
function cornersOf(agents: readonly Agent[], water: MixWater, hasCarbonate: boolean): Corner[] {
  const hard = water.hardnessMgL > 0 && water.volumeML > 0;
  const stated = agents.some((agent) => agent.reserveMolPerKg > 0);
  const corners: Corner[] = [];
  for (const amounts of amountsOf(agents))
    for (const end of stated ? (['low', 'high'] as const) : (['centre'] as const))
      for (const alkalinityShare of hard ? [ALKALINITY_SHARES.low, ALKALINITY_SHARES.high] : [0])
        for (const precipitated of hard ? [false, true] : [false])
          for (const gas of hasCarbonate ? (['kept', 'gone'] as const) : (['kept'] as const))
            corners.push({ amounts, stated: end, alkalinityShare, precipitated, gas });
  return corners;
}

/** Sour products strong while alkaline ones are weak, and the other way round; what leans neither way at both ends. */
function amountsOf(agents: readonly Agent[]): RangeEnd[][] {
  const leanings = agents.map(leaningOf);
  const evens: readonly RangeEnd[] = leanings.includes('even') ? ['low', 'high'] : ['low'];
  return (['low', 'high'] as const).flatMap((sour) =>
    evens.map((even) =>
      leanings.map((leaning) =>
        leaning === 'sour' ? sour : leaning === 'even' ? even : sour === 'low' ? 'high' : 'low',
      ),
    ),
  );
}
