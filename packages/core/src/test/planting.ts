import { expect } from 'vitest';
import type { Household } from '../household/household.js';
import { checkPlan } from '../safety/checkPlan.js';
import type { Action } from '../treatment/plan/action.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { Ingredient } from '../treatment/plan/recipe.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { household, knowledge } from './fixtures.js';

export type Writable<T> = {
  -readonly [K in keyof T]: T[K] extends readonly (infer E)[]
    ? Writable<E>[]
    : T[K] extends object | null
      ? Writable<T[K]>
      : T[K];
};

/** So much of a product by its label; no amount. */
export const pour = (agentId: string, amount: Partial<Writable<Ingredient>> = {}): Writable<Ingredient> => ({
  agentId,
  basis: 'label',
  massG: null,
  volumeML: null,
  range: null,
  snapped: null,
  strengthPct: null,
  standsInFor: null,
  strengthAfter: null,
  oxygenG: 0,
  dilution: null,
  ...amount,
});

/** Codes the checker finds in a sound plan after one fault has been planted in it. */
export function planted(
  facts: TroubleFacts,
  plant: (plan: Writable<Plan>) => void,
  home: Household = household,
): string[] {
  // Copied as text: steps share their empty lists, and a copy that kept that would plant one fault everywhere.
  const plan = JSON.parse(JSON.stringify(planTreatment(facts, home, knowledge))) as Writable<Plan>;
  expect(checkPlan(plan as unknown as Plan, home, knowledge)).toEqual([]);
  plant(plan);
  const codes = checkPlan(plan as unknown as Plan, home, knowledge).map((violation) => violation.code);
  for (const code of codes) seen.add(code);
  return codes;
}

/** Every kind of violation some test here has planted and seen caught. */
export const seen = new Set<string>();

export function runPassOf(plan: Writable<Plan>, methodId: string): Writable<Pass> {
  const pass = plan.passes.find((candidate) => candidate.methodId === methodId);
  if (!pass) throw new Error(`no pass ${methodId}`);
  return pass;
}

export function stepOf(pass: Writable<Pass>, kind: Action['kind']): Writable<Action> {
  const action = pass.actions.find((candidate) => candidate.kind === kind);
  if (!action) throw new Error(`no step ${kind}`);
  return action;
}

/** Kinds that `safety/checkWork.test.ts` plants; all others are planted in `safety/checkPlan.test.ts`. */
export const PLANTED_IN_WORK_TEST = [
  'againstConstruction',
  'againstTag',
  'barredDeedDone',
  'burnsInVessel',
  'drenched',
  'driesExplosive',
  'firstActWrong',
  'guardLate',
  'hazardInClosed',
  'heatWithSolvent',
  'inCompany',
  'keptFromPeople',
  'noteAgainstAction',
  'noteAgainstLimit',
  'oilToDryer',
  'overDirections',
  'personBanLost',
  'solventOverCap',
  'spoiltPieceWorked',
  'tooLittleWater',
  'triedCautionMissing',
  'vesselAttacked',
  'webbingWeakened',
] as const;
