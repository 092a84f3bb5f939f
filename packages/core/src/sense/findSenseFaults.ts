import type { Plan } from '../treatment/plan/plan.js';
import { findEmptyRounds, findIdleSteps } from './effectRules.js';
import { findCoolerThanSaid } from './heatRules.js';
import { findTriedInVain } from './historyRules.js';
import type { SenseFault } from './senseFault.js';
import type { ShownText } from './shownText.js';
import { findEqualEnds, findLongRound, findMissingPlaces } from './textRules.js';

/**
 * Reads a finished plan for sense, as `safety` reads it for danger. It shares no code with the planner.
 * @param plan a plan with rounds; a plan of earlier versions, without rounds, has only text faults
 * @param shown every text the plan shows, each with the id of its pass or round
 * @returns the faults, in no particular order; empty where the plan makes sense as far as these rules see
 */
export function findSenseFaults(plan: Plan, shown: ShownText): SenseFault[] {
  return [
    ...findIdleSteps(plan),
    ...findEmptyRounds(plan),
    ...findEqualEnds(shown),
    ...findMissingPlaces(plan, shown),
    ...findLongRound(shown),
    ...findTriedInVain(plan),
    ...findCoolerThanSaid(plan, shown),
  ];
}
