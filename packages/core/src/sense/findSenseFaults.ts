import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { Plan } from '../treatment/plan/plan.js';
import { findAmountsAgainstWords, findAmountsOutside } from './amountRules.js';
import { findDecidedConditions } from './conditionRules.js';
import { findEmptyRounds, findIdleSteps, findRepeatedSteps } from './effectRules.js';
import { findCoolerThanSaid } from './heatRules.js';
import { findTriedInVain } from './historyRules.js';
import { findMinutesOutside } from './minuteRules.js';
import { findAbsentNames } from './nameRules.js';
import { findAgainstOwnNever } from './neverRules.js';
import {
  findBathsForOne,
  findDriedTooSoon,
  findPairsTooClose,
  findReadyTooLate,
  findStrongestLate,
  findWeakerInstead,
} from './orderRules.js';
import { readSenseCase, type SenseCase } from './senseCase.js';
import type { SenseFault } from './senseFault.js';
import type { ShownText } from './shownText.js';
import { findEqualEnds, findLongRound, findMissingPlaces, findMissingSteps } from './textRules.js';
import { findOtherDeeds } from './titleRules.js';
import { findMissingRinses, findMissingTests, findWrongOrder } from './workRules.js';

const RULES: readonly ((known: SenseCase) => SenseFault[])[] = [
  findDecidedConditions,
  findAgainstOwnNever,
  findAbsentNames,
  findMissingPlaces,
  findMissingSteps,
  findStrongestLate,
  findWeakerInstead,
  findIdleSteps,
  findRepeatedSteps,
  findEmptyRounds,
  findEqualEnds,
  findAmountsOutside,
  findAmountsAgainstWords,
  findMinutesOutside,
  findMissingRinses,
  findMissingTests,
  findWrongOrder,
  findCoolerThanSaid,
  findReadyTooLate,
  findBathsForOne,
  findDriedTooSoon,
  findPairsTooClose,
  findTriedInVain,
  findOtherDeeds,
  findLongRound,
];

/**
 * Reads a finished plan for sense, as `safety` reads it for danger. It shares no code with the planner.
 * @param plan a plan with rounds; a plan of earlier versions, without rounds, has only text faults
 * @param shown every text the plan shows, each with the id of its pass or round
 * @param household the house the plan was made for
 * @returns the faults, in no particular order; empty where the plan makes sense as far as these rules see
 */
export function findSenseFaults(
  plan: Plan,
  shown: ShownText,
  household: Household,
  knowledge: Knowledge,
): SenseFault[] {
  const known = readSenseCase(plan, shown, household, knowledge);
  return RULES.flatMap((rule) => rule(known));
}
