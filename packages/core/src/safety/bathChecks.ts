import type { Action } from '../treatment/plan/action.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { PlanReading } from './readPlan.js';
import { ROUGH_PH, roughPH } from './roughPH.js';
import type { Violation } from './violation.js';

const NONE: readonly Violation['code'][] = [];

/** The recipe as it stands is reckoned again, by plainer means: what the step says of its pH must lie near. */
export function pHAsSaid(
  action: Action,
  pass: Pass,
  { knowledge, household, agentOf }: PlanReading,
): readonly Violation['code'][] {
  if (action.kind !== 'mix' || !action.pH || action.pH.basis !== 'computed') return NONE;
  const pours = action.ingredients
    .filter((one) => one.massG !== null || one.volumeML !== null)
    .map((one) => ({ ...one, volumeML: one.massG === null ? one.volumeML : null }));
  const cutML = action.ingredients.reduce((sum, one) => sum + (one.dilution?.waterML ?? 0), 0);
  const waterML = (action.bath ? action.bath.waterL * 1000 : (action.waterML ?? 0)) + cutML;
  const rough = roughPH(pours, waterML, household.hardnessMgL, knowledge);
  const dwell = pass.steps.find((candidate) => candidate.kind === 'dwell')?.dwell;
  const pasteDries =
    dwell?.keep === 'letDry' &&
    dwell.maxMin > 15 &&
    pours.some((pour) => agentOf(pour.agentId)?.driesAlkaline);
  const { low, high } = action.pH;
  return rough && rough.high >= low - ROUGH_PH && rough.low <= high + ROUGH_PH && !(pasteDries && high < 9.5)
    ? NONE
    : ['pHNotAsSaid'];
}

/** Water, tub and piece together never stand hotter than the step allows. */
export function bathHeat(action: Action): readonly Violation['code'][] {
  if (!action.outlook || !action.tempC) return NONE;
  const { startC, endC } = action.outlook;
  return startC > action.tempC.max + 0.1 || endC.high > Math.max(startC, action.outlook.roomC) + 0.1
    ? ['hotterThanSaid']
    : NONE;
}
