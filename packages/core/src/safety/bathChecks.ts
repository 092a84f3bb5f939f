import { bathPH } from '../bath/solution/bathPH.js';
import type { Action } from '../treatment/plan/action.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { PlanReading } from './readPlan.js';
import type { Violation } from './violation.js';

const NONE: readonly Violation['code'][] = [];

/** The recipe as it stands is poured again, and its pH must lie where the step says. */
export function pHAsSaid(
  action: Action,
  pass: Pass,
  { knowledge, household }: PlanReading,
): readonly Violation['code'][] {
  if (action.kind !== 'mix' || !action.pH || action.pH.basis !== 'computed') return NONE;
  const pours = action.ingredients.flatMap((one) =>
    one.massG === null && one.volumeML === null
      ? []
      : [
          {
            agentId: one.agentId,
            massG: one.massG,
            volumeML: one.massG === null ? one.volumeML : null,
            strengthPct: one.strengthPct,
          },
        ],
  );
  const cut = action.ingredients.reduce((sum, one) => sum + (one.dilution?.waterML ?? 0), 0);
  const water = {
    volumeML: (action.bath ? action.bath.waterL * 1000 : (action.waterML ?? 0)) + cut,
    hardnessMgL: household.hardnessMgL,
  };
  const poured = bathPH(pours, pours, water, Math.min(60, action.tempC?.target ?? 25), knowledge);
  const dwell = pass.steps.find((candidate) => candidate.kind === 'dwell')?.dwell;
  const pasteDries =
    dwell?.keep === 'letDry' &&
    dwell.maxMin > 15 &&
    pours.some((pour) =>
      knowledge.agents.some(({ id, driesAlkaline }) => id === pour.agentId && driesAlkaline),
    );
  const { low, high } = action.pH;
  return poured &&
    poured.likely >= low - ROUNDING &&
    poured.likely <= high + ROUNDING &&
    !(pasteDries && high < 9.5)
    ? NONE
    : ['pHNotAsSaid'];
}

/** Amounts are shown rounded. */
const ROUNDING = 0.1;

/** Water, tub and piece together never stand hotter than the step allows. */
export function bathHeat(action: Action): readonly Violation['code'][] {
  if (!action.outlook || !action.tempC) return NONE;
  const { startC, endC } = action.outlook;
  return startC > action.tempC.max + 0.1 || endC.high > Math.max(startC, action.outlook.roomC) + 0.1
    ? ['hotterThanSaid']
    : NONE;
}
