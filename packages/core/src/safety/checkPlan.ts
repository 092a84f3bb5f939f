import type { Knowledge } from '@feverfew/knowledge';
import type { Plan, Rung } from '../plan/plan.js';
import { chemistriesOf } from './readPlan.js';
import { STEP_CHECKS } from './stepChecks.js';
import type { Violation } from './violation.js';

/**
 * Reads a finished plan against the bare knowledge and says what is wrong with it.
 * Shares no code with the planner: every limit is looked up again from fibres, label, code and pairs.
 */
export function checkPlan(plan: Plan, knowledge: Knowledge): Violation[] {
  return [
    ...plan.ladder.flatMap((rung) => checkRung(rung, plan, knowledge)),
    ...checkSequence(plan, knowledge),
  ];
}

function checkRung(rung: Rung, plan: Plan, knowledge: Knowledge): Violation[] {
  const found = rung.steps.flatMap((step) =>
    STEP_CHECKS.flatMap((check) => check(step, rung, plan, knowledge)).map((code) => ({ code, at: step.id })),
  );
  const looks = rung.steps.findIndex((step) => step.kind === 'look');
  const dries = rung.steps.findIndex((step) => step.kind === 'dry');
  const whole: Violation['code'][] = [
    ...(looks < 0 || (dries >= 0 && looks > dries) ? (['lookMissing'] as const) : []),
    ...(needsTest(rung, plan, knowledge) && !rung.steps.some((step) => step.kind === 'hiddenTest')
      ? (['hiddenTestMissing'] as const)
      : []),
  ];
  return [...found, ...whole.map((code) => ({ code, at: rung.methodId }))];
}

function needsTest(rung: Rung, plan: Plan, knowledge: Knowledge): boolean {
  const { colour, fastness, condition } = plan.facts.piece;
  const used = rung.steps
    .filter((step) => step.kind === 'mix')
    .flatMap((step) => chemistriesOf(step, knowledge));
  const moves = [
    'peroxide',
    'percarbonate',
    'alcohol',
    'ketone',
    'ester',
    'hydrocarbon',
    'reducer',
    'ammonia',
  ];
  const untested = colour !== 'white' && fastness !== 'proven';
  const frail = condition === 'antique' || condition === 'irreplaceable';
  return used.some((chemistry) => moves.includes(chemistry)) && (untested || frail);
}

/** Rung after rung on one piece: forbidden partners need a full rinse between, or may not share the plan at all. */
function checkSequence(plan: Plan, knowledge: Knowledge): Violation[] {
  const item = knowledge.items.find((candidate) => candidate.id === plan.facts.piece.itemId);
  const drains =
    !item?.surfaceOnly && item?.mostWetting === 'immersion' && plan.facts.piece.label?.wash?.kind !== 'never';
  const of = (rung: Rung) =>
    rung.steps.filter((step) => step.kind === 'mix').flatMap((step) => chemistriesOf(step, knowledge));
  const tried = plan.facts.triedAgentIds.flatMap(
    (id) => knowledge.agents.find((agent) => agent.id === id)?.chemistries ?? [],
  );
  return plan.ladder.flatMap((later, index) =>
    [tried, ...plan.ladder.slice(0, index).map(of)].flatMap((a: readonly string[]): Violation[] => {
      const b = of(later);
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
    }),
  );
}
