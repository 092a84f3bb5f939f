import { bathPH } from '../bath/solution/bathPH.js';
import type { Action } from '../treatment/plan/action.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { PlanReading } from './readPlan.js';
import type { Violation } from './violation.js';

const NONE: readonly Violation['code'][] = [];

/** The recipe as it stands is poured again, and its pH must lie where the step says. */
export function pHAsSaid(
  step: Action,
  rung: Pass,
  { knowledge, household }: PlanReading,
): readonly Violation['code'][] {
  if (step.kind !== 'mix' || !step.pH || step.pH.basis !== 'computed') return NONE;
  const pours = step.ingredients.flatMap((one) =>
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
  const cut = step.ingredients.reduce((sum, one) => sum + (one.dilution?.waterML ?? 0), 0);
  const water = {
    volumeML: (step.bath ? step.bath.waterL * 1000 : (step.waterML ?? 0)) + cut,
    hardnessMgL: household.hardnessMgL,
  };
  const poured = bathPH(pours, pours, water, Math.min(60, step.tempC?.target ?? 25), knowledge);
  const dwell = rung.steps.find((candidate) => candidate.kind === 'dwell')?.dwell;
  const pasteDries =
    dwell?.keep === 'letDry' && dwell.maxMin > 15 && pours.some((pour) => pour.agentId === 'bakingSoda');
  const { low, high } = step.pH;
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
export function bathHeat(step: Action): readonly Violation['code'][] {
  if (!step.outlook || !step.tempC) return NONE;
  const { startC, endC } = step.outlook;
  return startC > step.tempC.max + 0.1 || endC.high > Math.max(startC, step.outlook.roomC) + 0.1
    ? ['hotterThanSaid']
    : NONE;
}
