import { isDeepStrictEqual } from 'node:util';
import type { HouseholdFile } from '@feverfew/contracts';
import {
  checkPlan,
  DomainError,
  gatherEvidence,
  type Household,
  type Plan,
  planTreatment,
  type RunSummary,
  replayTrial,
  type UseCase,
  type Violation,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { isSealed } from '../plans/sealPlan.js';
import type { GiveWay } from '../turns/turns.js';
import { broken } from './checkFile.js';

/** What of a plan hangs on how the house stood when it was made, and may be otherwise today. */
const OF_ITS_HOUSEHOLD: readonly Violation['code'][] = [
  'agentSwitchedOff',
  'keptFromPeople',
  'strengthNotSafe',
  'pHNotAsSaid',
  'hotterThanSaid',
];

/** Ids of the plans that are known again by their seal, as they stand in the file, before anything is made of it. */
export async function sealedPlans(
  given: unknown,
  key: Buffer | 'all',
  giveWay: GiveWay,
): Promise<Set<string>> {
  const { plans } = (given ?? {}) as { plans?: unknown };
  const rows: { id?: unknown; plan?: unknown; seal?: unknown }[] = Array.isArray(plans) ? plans : [];
  const known = new Set<string>();
  for (const row of rows) {
    if (key === 'all' || isSealed(row?.plan, row?.seal, key)) known.add(String(row?.id));
    await giveWay();
  }
  return known;
}

interface OfAFile {
  readonly file: HouseholdFile;
  readonly summaries: ReadonlyMap<string, RunSummary>;
  readonly sealed: ReadonlySet<string>;
  readonly home: Household;
  readonly knowledge: Knowledge;
  readonly giveWay: GiveWay;
}

/**
 * Which plans of a file may be followed here: those with this house's own seal, and of those under way the ones that
 * this program would make again, step by step, from the same facts. All others are kept to be read; their troubles are
 * planned anew when somebody begins.
 * @throws DomainError brokenFile where a plan of today's knowledge nobody has carried out would not be safe
 */
export async function ownPlans({
  file,
  summaries,
  sealed,
  home,
  knowledge,
  giveWay,
}: OfAFile): Promise<Set<string>> {
  const log = [...summaries.values()].flatMap(({ uses }) => uses);
  const evidence = gatherEvidence([...log, ...file.pastUses.map(({ use }) => use as UseCase)]);
  // By the book, or by what this household has learned meanwhile: it was made somewhere in between.
  const planWith = [
    (facts: Plan['facts']) => planTreatment(facts, home, knowledge),
    (facts: Plan['facts']) => planTreatment(facts, home, knowledge, evidence),
  ];
  const own = new Set(sealed);
  const underWay = new Set(file.trials.filter(isUnderWay).map(({ planId }) => planId));
  const over = new Set<string>();
  for (const run of file.runs) {
    if (summaries.get(run.id)?.state.status === 'finished') over.add(run.planId);
    else underWay.add(run.planId);
  }
  for (const [index, { id, plan: given }] of file.plans.entries()) {
    if (own.has(id)) continue;
    await giveWay();
    const plan = given as unknown as Plan;
    if (underWay.has(id) && isMadeAgain(plan, planWith)) own.add(id);
    else if (!over.has(id) && plan.knowledgeVersion === knowledge.version)
      requireSafePlan(plan, home, knowledge, `plans.${index}`);
  }
  return own;
}

function isUnderWay({ setup, events }: HouseholdFile['trials'][number]): boolean {
  const replayed = replayTrial(
    setup,
    events.map((row) => row.event),
  );
  return replayed.ok && replayed.state.phase !== 'told';
}

/** The same to do, to the last figure and word. A plan that cannot be made at all is none. */
function isMadeAgain(plan: Plan, planWith: readonly ((facts: Plan['facts']) => Plan)[]): boolean {
  try {
    return planWith.some((planFor) => isDeepStrictEqual(toDo(planFor(plan.facts)), toDo(plan)));
  } catch (error) {
    if (error instanceof DomainError) return false;
    throw error;
  }
}

/** Without what only weighs it: shares taken out, which the log moves. As JSON, in which nothing is undefined. */
const toDo = ({ ladder, atOnce, keep }: Plan): unknown =>
  JSON.parse(
    JSON.stringify({
      atOnce: atOnce.actions,
      never: keep.never,
      passes: ladder.map(({ methodId, passId, cautionIds, steps, rinseOut }) => ({
        methodId,
        passId,
        cautionIds,
        steps,
        rinseOut,
      })),
    }),
  );

function requireSafePlan(plan: Plan, home: Household, knowledge: Knowledge, path: string): void {
  const violation = checkPlan(plan, home, knowledge).find(({ code }) => !OF_ITS_HOUSEHOLD.includes(code));
  if (violation)
    throw broken(`A plan in it would not be safe (${violation.code} at ${violation.where}).`, path);
}
