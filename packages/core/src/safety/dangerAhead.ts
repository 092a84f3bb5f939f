import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { Plan } from '../treatment/plan/plan.js';
import { checkPlan } from './checkPlan.js';
import type { Violation } from './violation.js';

/** Findings that hurt a person, and not only the piece. */
export const DANGER_CODES = [
  'forbiddenPairInVessel',
  'forbiddenPairUnrinsed',
  'agentNeverOffered',
  'agentSwitchedOff',
  'strengthNotSafe',
  'solventOverCap',
  'hazardInClosed',
  'heatWithSolvent',
  'oilToDryer',
  'inCompany',
  'keptFromPeople',
  'personBanLost',
  'driesExplosive',
  'spoiltPieceWorked',
] as const satisfies readonly Violation['code'][];
/** Also: the plan of a run was imported, and its maker is unknown. */
export const NOT_OURS = 'planNotOurs';
export type DangerCode = (typeof DANGER_CODES)[number] | typeof NOT_OURS;

/**
 * Absent in plans from before there were rounds. Written out here, because the checker takes nothing from the
 * planner.
 */
const NOT_LAID_OUT = {
  verdict: [],
  atOnce: { actions: [], donts: [], handsOnMin: 0, gone: null },
  keep: { says: [], never: [], prevent: [] },
  rounds: [],
  notUsed: [],
  ends: [],
} satisfies Partial<Plan>;

/**
 * Dangers of a plan under way by today's knowledge and household: in the current pass and
 * those that come. null = nothing.
 */
export function dangerAhead(
  plan: Plan,
  passIndex: number,
  household: Household,
  knowledge: Knowledge,
): DangerCode | null {
  const over = new Set(plan.passes.slice(0, passIndex).flatMap(({ actions }) => actions.map(({ id }) => id)));
  const found = faultsOf(plan, household, knowledge).find(
    ({ code, where }) => !over.has(where) && DANGER_CODES.some((danger) => danger === code),
  );
  return (found?.code ?? null) as DangerCode | null;
}

interface Checked {
  readonly household: string;
  readonly knowledge: Knowledge;
  readonly faults: readonly Violation[];
}

/** A plan that is carried out is asked about with every tap, and does not change. */
const checked = new WeakMap<Plan, Checked>();

function faultsOf(plan: Plan, home: Household, knowledge: Knowledge): readonly Violation[] {
  const household = JSON.stringify(home);
  const known = checked.get(plan);
  if (known?.household === household && known.knowledge === knowledge) return known.faults;
  const faults = checkPlan({ ...NOT_LAID_OUT, ...plan }, home, knowledge);
  checked.set(plan, { household, knowledge, faults });
  return faults;
}
