import {
  DRUM_OXYGEN_G_PER_L,
  MACHINE_AT_HEAT_MOST_MIN,
  MACHINE_AT_HEAT_SHARE,
  type Method,
  PASTE_WORKS_MIN,
  SPOT_COOLS_MIN,
  type Substitution,
} from '@feverfew/knowledge';
import { type FreshBath, freshBath, tempAfter } from '../../../bath/heat/bathCooling.js';
import { oxygenInPour } from '../../../bath/oxygen/oxygenInPour.js';
import type { TimedWork } from '../../../effect/timedWork.js';
import { agentById } from '../../../lookup/agentById.js';
import type { PlanContext } from '../../case/planContext.js';
import { nominalPours } from '../dose/workingPH.js';
import { vesselHere } from '../vesselHere.js';
import type { WorkWindow } from '../workWindow.js';

/** A bath that no vessel of the house holds is weighed as if it cooled like an open basin: τ, min. From memory. */
const OPEN_BASIN_TAU_MIN = 150;

/** A method over time here: at its least (shortest sensible time, weakest dose) and at its most. */
export function timedWorkOf(
  method: Method,
  standIn: Substitution | null,
  window: WorkWindow,
  context: PlanContext,
): WorkRange {
  const before = known.get(window);
  if (before) return before;
  const made = timedWork(method, standIn, window, context);
  known.set(window, made);
  return made;
}

interface WorkRange {
  readonly least: TimedWork;
  readonly most: TimedWork;
}

/** A window is that of one method in one plan; effect, rounds and recipe ask for its work alike. */
const known = new WeakMap<WorkWindow, WorkRange>();

function timedWork(
  method: Method,
  standIn: Substitution | null,
  window: WorkWindow,
  context: PlanContext,
): WorkRange {
  const tempAt =
    method.wetting === 'immersion' ? bathTemp(method, window, context) : spotTemp(method, window, context);
  const { min, max } = window.dwellMin;
  const strength = strengths(method, standIn, window, context);
  const minutes = (wanted: number) =>
    method.inMachine
      ? Math.min(wanted * MACHINE_AT_HEAT_SHARE, MACHINE_AT_HEAT_MOST_MIN)
      : method.keep === 'letDry'
        ? Math.min(wanted, PASTE_WORKS_MIN)
        : wanted;
  return {
    // People do not stop at the first minute: the least effect is that of half the window.
    least: { minutes: minutes((min + max) / 2), tempAt, ...strength.least },
    most: { minutes: minutes(max), tempAt, ...strength.most },
  };
}

/** The drum holds its heat, a tub cools; one that is topped up never stays below what the method works at. */
function bathTemp(method: Method, { tempC }: WorkWindow, context: PlanContext): TimedWork['tempAt'] {
  if (method.inMachine) return () => tempC.target;
  const { startC, roomC, tau } = bathHere(method, tempC.target, context);
  const floorC =
    method.untilCool || method.tempC.prefer === 'coldest' ? -5 : Math.min(startC, method.tempC.min);
  return (minutes) => Math.max(floorC, tempAfter(startC, roomC, tau.likely, minutes));
}

/** The bath this method gets here, in the vessel that would be chosen for it. */
function bathHere(
  method: Method,
  targetC: number,
  context: PlanContext,
): Pick<FreshBath, 'startC' | 'roomC' | 'tau'> {
  const { household, dryMassG } = context;
  const choice = vesselHere(method, context);
  if (choice.kind !== 'chosen') {
    const tau = OPEN_BASIN_TAU_MIN;
    return { startC: targetC, roomC: household.roomC, tau: { low: tau, likely: tau, high: tau } };
  }
  const { vessel, bath, batches } = choice;
  return freshBath(
    vessel,
    { waterL: bath.waterL, pouredC: targetC, textileKg: dryMassG / batches / 1000 },
    household,
  );
}

/** Little liquid has the room's warmth before long. */
function spotTemp(method: Method, { tempC }: WorkWindow, { household }: PlanContext): TimedWork['tempAt'] {
  const restC = Math.max(0, Math.min(tempC.max, household.roomC));
  const startC = method.tempC.prefer === 'hottest' ? tempC.target : restC;
  return startC === restC
    ? () => restC
    : (minutes) => restC + (startC - restC) * Math.exp(-minutes / SPOT_COOLS_MIN);
}

type Strength = Pick<TimedWork, 'oxygenGPerL' | 'peroxidePct'>;

/** Oxygen of the bath, or peroxide on the spot, at both ends of the doses. */
function strengths(
  method: Method,
  standIn: Substitution | null,
  { doseMost }: WorkWindow,
  context: PlanContext,
): { least: Strength; most: Strength } {
  const { agents, mechanisms } = context.index.factsOf(method);
  if (!mechanisms.has('oxidation')) return { least: NO_OXYGEN, most: NO_OXYGEN };
  if (method.inMachine)
    return {
      least: { oxygenGPerL: DRUM_OXYGEN_G_PER_L.low, peroxidePct: 0 },
      most: { oxygenGPerL: DRUM_OXYGEN_G_PER_L.high, peroxidePct: 0 },
    };
  const { least, most, waterML } = nominalPours(method, standIn, doseMost, context);
  const strengthOf = (pours: typeof least): Strength => {
    const liquidML = pours.reduce(
      (sum, { agentId, volumeML }) =>
        sum + (agentById(context.knowledge, agentId).form === 'liquid' ? (volumeML ?? 0) : 0),
      waterML,
    );
    const oxygenG = pours.reduce((sum, pour) => sum + oxygenInPour(pour, context.knowledge), 0);
    const oxygenGPerL = liquidML > 0 ? (1000 * oxygenG) / liquidML : 0;
    return { oxygenGPerL, peroxidePct: oxygenGPerL / OXYGEN_G_PER_L_AND_PCT };
  };
  // A product dosed by its label, or as the step tells, is as strong as a rate is written for.
  const byLabel = agents.length > 0 && least.every((pour) => oxygenInPour(pour, context.knowledge) === 0);
  return byLabel ? { least: FULL, most: FULL } : { least: strengthOf(least), most: strengthOf(most) };
}

const NO_OXYGEN: Strength = { oxygenGPerL: 0, peroxidePct: 0 };
const FULL: Strength = { oxygenGPerL: 1, peroxidePct: 3 };
/** 1 % of peroxide is 10 g/L, with 0.47 g of available oxygen to the gram. */
const OXYGEN_G_PER_L_AND_PCT = 4.7;
