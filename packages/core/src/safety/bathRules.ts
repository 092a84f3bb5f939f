import { agentsOf, chemistriesOf } from './doneIn.js';
import { type CaseRead } from './readCase.js';
import { ROUGH_PH, roughPH } from './roughPH.js';
import { NONE, type WorkRule, when } from './rule.js';
import type { Work } from './work.js';

/** What a recipe is made in and of: its pH, its heat, its vessel, its amounts. */
export const BATH_WORK_RULES: readonly WorkRule[] = [
  pHAsSaid,
  bathHeat,
  vesselPairs,
  oxidiserOnFuel,
  vesselAttacked,
  waterEnough,
  directions,
  onSurface,
  closedUp,
];

/** A paste that dries longer than this goes alkaline, min; below this pH it is not said to. */
const PASTE_MIN = 15;
const PASTE_PH = 9.5;

/** The recipe calculated again by simpler means: the stated pH must lie near the result. */
function pHAsSaid(...[work, { knowledge, household, agentOf }]: Parameters<WorkRule>) {
  if (work.kind !== 'treat' || !work.pH?.computed) return NONE;
  const pours = work.pours
    .filter((one) => one.massG !== null || one.volumeML !== null)
    .map((one) => ({ ...one, volumeML: one.massG === null ? one.volumeML : null }));
  const rough = roughPH(pours, work.waterML, household.hardnessMgL, knowledge);
  const pasteDries =
    work.driesOnPiece &&
    (work.minutes?.most ?? 0) > PASTE_MIN &&
    pours.some((pour) => agentOf(pour.agentId)?.driesAlkaline);
  const { low, high } = work.pH;
  const near = rough !== null && rough.high >= low - ROUGH_PH && rough.low <= high + ROUGH_PH;
  return when(!near || (pasteDries && high < PASTE_PH), 'pHNotAsSaid');
}

/** Water, tub and piece together never stand hotter than the work allows. */
function bathHeat({ bathC, tempC }: Work) {
  if (!bathC || !tempC) return NONE;
  return when(
    bathC.start > tempC.most + 0.1 || bathC.endMost > Math.max(bathC.start, bathC.room) + 0.1,
    'hotterThanSaid',
  );
}

function vesselPairs(...[work, read]: Parameters<WorkRule>) {
  const inIt = chemistriesOf(work, read);
  return when(
    read.knowledge.forbiddenPairs.some((pair) => inIt.includes(pair.a) && inIt.includes(pair.b)),
    'forbiddenPairInVessel',
  );
}

const OXIDISERS = ['peroxide', 'percarbonate'];
const FUELS = ['alcohol', 'ester', 'polyol', 'hydrocarbon'];
/** Water that makes an oxidiser and a fuel harmless in one vessel, times their own volume. */
const ENOUGH_WATER = 10;

function oxidiserOnFuel(...[work, read]: Parameters<WorkRule>) {
  const agents = agentsOf(work, read);
  const holds = (some: readonly string[]) =>
    agents.some((agent) => agent.chemistries.some((one) => some.includes(one)));
  if (!holds(OXIDISERS) || !holds(FUELS)) return NONE;
  const poured = work.pours.reduce((sum, one) => sum + (one.volumeML ?? one.massG ?? 0), 0);
  return when(work.waterML < ENOUGH_WATER * poured || poured === 0, 'burnsInVessel');
}

/** By acid, alkali and bleach alone, whatever a product's record says of vessels. */
function vesselAttacked(...[work, read]: Parameters<WorkRule>) {
  const material = read.household.vessels.find((vessel) => vessel.id === work.vesselId)?.material;
  if (!material) return NONE;
  const chemistries = chemistriesOf(work, read);
  const holds = (...some: string[]) => some.some((one) => chemistries.includes(one));
  const sour = holds('weakAcid', 'oxalicAcid', 'softener');
  const alkaline = holds('strongAlkali', 'ammonia', 'percarbonate') || (work.pH?.high ?? 7) > 9.5;
  const light = material === 'aluminium' || material === 'zinc';
  return when(
    (light && (sour || alkaline)) ||
      (material === 'stone' && sour) ||
      (holds('chlorine') && !['plastic', 'ceramic'].includes(material)) ||
      agentsOf(work, read).some((agent) => agent.notInVessels.includes(material)),
    'vesselAttacked',
  );
}

/** What heats up by itself meets plenty of water. */
function waterEnough(...[work, read]: Parameters<WorkRule>) {
  return when(
    work.pours.some((one) => {
      const least = read.agentOf(one.agentId)?.leastWaterMLPerG ?? null;
      const grams = one.massG ?? one.volumeML;
      if (least === null) return false;
      return grams === null ? work.waterML === 0 && work.programme === null : work.waterML < least * grams;
    }),
    'tooLittleWater',
  );
}

/** Solvent over its cap, and any product past its usual directions per litre. */
function directions(...[work, read]: Parameters<WorkRule>) {
  const litres = work.waterML / 1000;
  const over = work.pours.some((one) => {
    const agent = read.agentOf(one.agentId);
    if (!agent) return false;
    const cap = agent.mostMLPerRound;
    const most = Math.max(one.volumeML ?? 0, one.most?.unit === 'mL' ? one.most.amount : 0);
    return cap !== null && most > cap;
  });
  const burning = work.pours.reduce((sum, one) => {
    const agent = read.agentOf(one.agentId);
    return sum + (agent?.flammable ? (one.volumeML ?? 0) : 0);
  }, 0);
  const strong = work.soaks
    ? work.pours.some((one) => {
        const perL = read.agentOf(one.agentId)?.mostPerL;
        const amount = perL?.unit === 'g' ? one.massG : one.volumeML;
        return perL !== undefined && perL !== null && amount !== null && amount > perL.amount * litres * 1.01;
      })
    : false;
  return [...when(over || burning > SOLVENT_IN_ALL_ML, 'solventOverCap'), ...when(strong, 'overDirections')];
}

const SOLVENT_IN_ALL_ML = 60;

/** On what cannot be rinsed through: no more than its face takes up. A mix has a least size, so that is let pass. */
function onSurface(...[work, read]: Parameters<WorkRule>) {
  const most = read.item?.mostMLPerCm2 ?? null;
  const inDrum = work.programme !== null && work.programme !== 'none';
  if (most === null || work.kind !== 'treat' || work.soaks || inDrum) return NONE;
  const mixed =
    work.waterML +
    work.pours.reduce(
      (sum, one) => sum + (read.agentOf(one.agentId)?.form === 'liquid' ? (one.volumeML ?? 0) : 0),
      0,
    );
  const liquid = work.putOnML ?? mixed;
  return when(liquid > Math.max(SMALLEST_ML, most * areaCm2(read) + SMALLEST_ML), 'drenched');
}

const SMALLEST_ML = 20;
/** Edges worked beyond the mark, cm. */
const MARGIN_CM = 2.5;
const SIDES: Readonly<Record<string, readonly [number, number]>> = {
  unknown: [8, 8],
  coin: [2.5, 2.5],
  palm: [8, 8],
  hand: [18, 9],
  plate: [26, 26],
  larger: [40, 40],
  allOver: [40, 40],
};

function areaCm2({ facts: { size } }: CaseRead): number {
  const [length, width] = typeof size === 'string' ? (SIDES[size] ?? [8, 8]) : [size.length, size.width];
  return (length + 2 * MARGIN_CM) * (width + 2 * MARGIN_CM);
}

/** Nothing that fumes, burns or gives off gas goes into a sprayer because a line says so. */
function closedUp(...[work, read]: Parameters<WorkRule>) {
  const sprayed = work.says.some((text) => read.noteOf(text)?.asks.includes('spray'));
  return when(
    sprayed && agentsOf(work, read).some((agent) => agent.onlyInItsBottle || agent.givesGas),
    'hazardInClosed',
  );
}
