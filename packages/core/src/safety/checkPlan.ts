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
  const reading = readPlan(plan, household, knowledge);
  return [...plan.ladder.flatMap((pass) => checkPass(pass, reading)), ...checkSequence(reading)];
}

function checkPass(pass: Pass, reading: PlanReading): Violation[] {
  const found: Violation[] = [];
  for (const action of pass.steps)
    for (const check of ACTION_CHECKS)
      for (const code of check(action, pass, reading)) found.push({ code, where: action.id });
  for (const check of PASS_CHECKS)
    for (const code of check(pass, reading)) found.push({ code, where: pass.methodId });
  return found;
}

/** Pass after pass on one piece: forbidden partners need a full rinse between, or may not share the plan at all. */
function checkSequence(reading: PlanReading): Violation[] {
  const { plan, knowledge, item } = reading;
  const drains =
    !item?.surfaceOnly &&
    (item?.mostWetting === 'immersion' || (item?.labelDecides && plan.facts.piece.label?.wash)) &&
    plan.facts.piece.label?.wash?.kind !== 'never' &&
    reading.parts.every((part) => part.mostWetting === null || part.mostWetting === 'immersion');
  const tried = plan.facts.tried.flatMap((product) => reading.agentOf(product.agentId)?.chemistries ?? []);
  const inRung = plan.ladder.map((pass) => chemistriesOfPass(pass, reading));
  return plan.ladder.flatMap((later, index) => {
    const b = inRung[index] ?? [];
    return [tried, ...inRung.slice(0, index)].flatMap((a: readonly string[]): Violation[] => {
      const pairs = knowledge.forbiddenPairs.filter(
        (pair) => (a.includes(pair.a) && b.includes(pair.b)) || (a.includes(pair.b) && b.includes(pair.a)),
      );
      if (pairs.some((pair) => pair.apart !== 'rinse' || (!drains && pair.blocksSurface)))
        return [{ code: 'forbiddenPairInPlan', where: later.methodId }];
      const firstMix = later.steps.findIndex((action) => action.kind === 'mix');
      const rinsed = later.steps
        .slice(0, firstMix)
        .some((action) => action.kind === 'rinseBefore' && (action.rinses ?? 0) >= 2);
      return pairs.length > 0 && !rinsed ? [{ code: 'forbiddenPairUnrinsed', where: later.methodId }] : [];
    });
  });
}
