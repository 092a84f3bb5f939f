import { type Agent, type Knowledge, WATER_ID } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { MixVerdict } from '../mix/judgeMix.js';
import type { Mix, MixPour } from '../mix/mix.js';

/** A way in which a mix that was allowed could hurt a person. */
export type MixDanger =
  | 'pairMeets'
  | 'gasUnderPressure'
  | 'hazardInClosed'
  | 'vapourWarm'
  | 'tooMuchThatBurns'
  | 'oxidiserOnFuel'
  | 'chlorineInCompany'
  | 'unknownInCompany'
  | 'switchedOff'
  | 'heatsItself';

interface Poured {
  readonly agent: Agent;
  /** Volume or mass as poured, mL or g; products counted otherwise count as a litre, the careful side. */
  readonly amount: number;
}

const FUELS = ['alcohol', 'ketone', 'ester', 'hydrocarbon', 'polyol'];
const OXIDISERS = ['peroxide', 'percarbonate', 'poolChlorine'];
const CHLORINES = ['chlorine', 'poolChlorine'];
/** Written out here, for the checker takes no figure from the judge. */
const COLD_C = 30;
const MAX_FUEL_ML = 100;
/** A tenth of pure alcohol is up to a fifth of what is in the bottle. */
const WEAK_SHARE_AS_SOLD = 0.2;
const JAR_L = 2;

/**
 * Holds a mix that the table allows against the bare knowledge, sharing no code with the judge.
 * @returns nothing for a mix that was refused: nothing is poured then
 */
export function checkMix(
  mix: Mix,
  verdict: MixVerdict,
  household: Household,
  knowledge: Knowledge,
): MixDanger[] {
  if (verdict.refused.length > 0) return [];
  const poured = mix.pours.flatMap((pour): Poured[] => {
    const agent = knowledge.agents.find(({ id }) => id === pour.agentId);
    return agent ? [{ agent, amount: amountOf(pour) }] : [];
  });
  const has = ({ agent }: Poured, ...families: string[]) =>
    families.some((family) => agent.chemistries.some((one) => one === family));
  const others = poured.filter(({ agent }) => agent.id !== WATER_ID);
  const water =
    mix.waterML +
    poured.filter(({ agent }) => agent.id === WATER_ID).reduce((sum, one) => sum + one.amount, 0);
  const pours = others.reduce((sum, { amount }) => sum + amount, 0);
  const isWarm = water > 0 && (mix.waterC ?? household.taps.coldC) > COLD_C;
  const closes = isClosed(mix, household);
  const faults = {
    pairMeets: knowledge.forbiddenPairs.some(({ a, b }) =>
      others.some((one, at) => others.some((other, place) => at !== place && has(one, a) && has(other, b))),
    ),
    gasUnderPressure: closes && (others.some(({ agent }) => agent.givesGas) || fizzes(others, knowledge)),
    hazardInClosed:
      (mix.container.kind === 'bottle' || mix.container.kind === 'sprayer') &&
      others.some(
        (one) =>
          one.agent.onlyInItsBottle &&
          !(has(one, 'alcohol') && one.amount <= WEAK_SHARE_AS_SOLD * (water + pours)),
      ),
    vapourWarm: isWarm && others.some((one) => has(one, ...FUELS.slice(0, 4), 'ammonia', ...CHLORINES)),
    tooMuchThatBurns: others.some(({ agent, amount }) => agent.flammable && amount > MAX_FUEL_ML * 1.01),
    oxidiserOnFuel:
      water < pours &&
      others.some((one) => has(one, ...OXIDISERS)) &&
      others.some((one) => has(one, ...FUELS) || one.agent.flammable),
    chlorineInCompany: others.length > 1 && others.some((one) => has(one, 'chlorine')),
    unknownInCompany: others.length > 1 && others.some((one) => has(one, 'undeclared')),
    switchedOff: others.some(
      ({ agent }) =>
        agent.neverOffered ||
        agent.notWith.some((who) => household[who]) ||
        (agent.offByDefault && !isAllowed(agent, household)),
    ),
    heatsItself: others.some(
      ({ agent, amount }) => agent.leastWaterMLPerG !== null && water < agent.leastWaterMLPerG * amount * 0.5,
    ),
  } satisfies Record<MixDanger, boolean>;
  return (Object.keys(faults) as MixDanger[]).filter((code) => faults[code]);
}

const amountOf = ({ amount, unit }: MixPour): number =>
  unit === 'L' || unit === 'kg' ? 1000 * amount : amount;

function isClosed({ container }: Mix, { vessels }: Household): boolean {
  if (container.kind === 'bottle' || container.kind === 'sprayer') return true;
  const vessel =
    container.kind === 'vessel' ? vessels.find(({ id }) => id === container.vesselId) : undefined;
  return vessel?.lid === true && vessel.volumeL <= JAR_L;
}

const isAllowed = ({ chemistries }: Agent, household: Household): boolean =>
  (chemistries.includes('chlorine') && household.allowChlorine) ||
  (chemistries.includes('ammonia') && household.allowAmmonia) ||
  (chemistries.includes('oxalicAcid') && household.allowOxalic);

/** An acid on carbonate. */
function fizzes(poured: readonly Poured[], { substances }: Knowledge): boolean {
  const holdsCarbonate = ({ agent }: Poured) =>
    agent.composition.some(({ substanceId }) =>
      /carbonate/i.test(substances.find(({ id }) => id === substanceId)?.name ?? ''),
    );
  const isAcid = ({ agent }: Poured) =>
    agent.chemistries.some((one) => one === 'weakAcid' || one === 'oxalicAcid');
  return poured.some(isAcid) && poured.some((one) => holdsCarbonate(one) && !isAcid(one));
}
