import type { HouseholdFile } from '@feverfew/contracts';
import {
  checkPlan,
  type Household,
  type Plan,
  type RunSummary,
  replayTrial,
  type Violation,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { isSealed } from '../plans/sealPlan.js';
import type { YieldControl } from '../turns/cooperative.js';
import { broken } from './checkFile.js';

/** What of a plan hangs on how the house stood when it was made, and may be otherwise today. */
const OF_ITS_HOUSEHOLD: readonly Violation['code'][] = [
  'agentSwitchedOff',
  'keptFromPeople',
  'strengthNotSafe',
  'pHNotAsSaid',
  'hotterThanSaid',
];

type Row = Readonly<Record<string, unknown>>;

/** Ids of the plans that are known again by their seal, read from the file as it came. */
export async function sealedPlans(
  given: unknown,
  key: Buffer | 'all',
  yieldControl: YieldControl,
): Promise<Set<string>> {
  const file = (given ?? {}) as Row;
  const [troubles, pieces] = [byId(file.troubles), byId(file.pieces)];
  const known = new Set<string>();
  for (const row of rowsOf(file.plans)) {
    const { seal, ...plan } = row;
    const trouble = troubles.get(row.troubleId);
    const piece = pieces.get(trouble?.pieceId);
    if (key === 'all' || isSealed({ plan, trouble, piece }, seal, key))
      known.add(String(row.id).toLowerCase());
    await yieldControl();
  }
  return known;
}

const rowsOf = (list: unknown): Row[] =>
  (Array.isArray(list) ? list : []).filter((row) => typeof row === 'object' && row !== null);
const byId = (list: unknown) => new Map(rowsOf(list).map((row) => [row.id, row]));

interface OfAFile {
  readonly file: HouseholdFile;
  readonly summaries: ReadonlyMap<string, RunSummary>;
  readonly sealed: ReadonlySet<string>;
  readonly home: Household;
  readonly knowledge: Knowledge;
  readonly yieldControl: YieldControl;
}

/**
 * Which plans of a file may be followed here: those with this house's own seal over plan, trouble and piece. All others are kept to be read; their troubles are planned again when work begins.
 * @throws ServerError brokenFile where a plan of today's knowledge that was never carried out would not be safe
 */
export async function ownPlans({
  file,
  summaries,
  sealed,
  home,
  knowledge,
  yieldControl,
}: OfAFile): Promise<Set<string>> {
  const own = new Set<string>();
  const underWay = new Set(file.trials.filter(isUnderWay).map(({ planId }) => planId));
  const over = new Set<string>();
  for (const run of file.runs) {
    if (summaries.get(run.id)?.state.status === 'finished') over.add(run.planId);
    else underWay.add(run.planId);
  }
  for (const [index, { id, plan: given }] of file.plans.entries()) {
    const plan = given as unknown as Plan;
    await yieldControl();
    if (sealed.has(id)) own.add(id);
    else if (!underWay.has(id) && !over.has(id) && plan.knowledgeVersion === knowledge.version)
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

function requireSafePlan(plan: Plan, home: Household, knowledge: Knowledge, path: string): void {
  const violation = checkPlan(plan, home, knowledge).find(({ code }) => !OF_ITS_HOUSEHOLD.includes(code));
  if (violation)
    throw broken(`A plan in it would not be safe (${violation.code} at ${violation.where}).`, path);
}
