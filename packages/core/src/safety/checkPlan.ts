import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { Plan } from '../treatment/plan/plan.js';
import { ACTION_CHECKS } from './actionChecks.js';
import { PASS_CHECKS } from './passChecks.js';
import { chemistriesOfPass, type PlanReading, readPlan } from './readPlan.js';
import type { Violation } from './violation.js';

/**
 * Reads a finished plan against the bare knowledge and says what is wrong with it.
 * Shares no code with the planner: every limit is looked up again from fibres, parts, label, code, soil and pairs.
 */
export function checkPlan(plan: Plan, household: Household, knowledge: Knowledge): Violation[] {
  if (plan.ladder.length === 0) return [];
  const ground = readPlan(plan, household, knowledge);
  return [...plan.ladder.flatMap((rung) => checkPass(rung, ground)), ...checkSequence(ground)];
}

function checkPass(rung: Pass, ground: PlanReading): Violation[] {
  const found: Violation[] = [];
  for (const step of rung.steps)
    for (const check of ACTION_CHECKS)
      for (const code of check(step, rung, ground)) found.push({ code, at: step.id });
  for (const check of PASS_CHECKS)
    for (const code of check(rung, ground)) found.push({ code, at: rung.methodId });
  return found;
}

/** Rung after rung on one piece: forbidden partners need a full rinse between, or may not share the plan at all. */
function checkSequence(ground: PlanReading): Violation[] {
  const { plan, knowledge, item } = ground;
  const drains =
    !item?.surfaceOnly &&
    (item?.mostWetting === 'immersion' || (item?.labelDecides && plan.facts.piece.label?.wash)) &&
    plan.facts.piece.label?.wash?.kind !== 'never' &&
    ground.parts.every((part) => part.mostWetting === null || part.mostWetting === 'immersion');
  const tried = plan.facts.tried.flatMap((product) => ground.agentOf(product.agentId)?.chemistries ?? []);
  const inRung = plan.ladder.map((rung) => chemistriesOfPass(rung, ground));
  return plan.ladder.flatMap((later, index) => {
    const b = inRung[index] ?? [];
    return [tried, ...inRung.slice(0, index)].flatMap((a: readonly string[]): Violation[] => {
      const pairs = knowledge.forbiddenPairs.filter(
        (pair) => (a.includes(pair.a) && b.includes(pair.b)) || (a.includes(pair.b) && b.includes(pair.a)),
      );
      if (pairs.some((pair) => pair.apart !== 'rinse' || (!drains && pair.blocksSurface)))
        return [{ code: 'forbiddenPairInPlan', at: later.methodId }];
      const firstMix = later.steps.findIndex((step) => step.kind === 'mix');
      const rinsed = later.steps
        .slice(0, firstMix)
        .some((step) => step.kind === 'rinseBefore' && (step.rinses ?? 0) >= 2);
      return pairs.length > 0 && !rinsed ? [{ code: 'forbiddenPairUnrinsed', at: later.methodId }] : [];
    });
  });
}
