import { isDeepStrictEqual } from 'node:util';
import type { HouseholdFile } from '@feverfew/contracts';
import {
  checkPlan,
  type Household,
  type PieceFacts,
  type Plan,
  type RunSummary,
  replayTrial,
  type TroubleFacts,
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
    if (key === 'all' || isSealed(row?.plan, row?.seal, key)) known.add(String(row?.id).toLowerCase());
    await giveWay();
  }
  return known;
}

interface OfAFile {
  readonly file: HouseholdFile;
  readonly summaries: ReadonlyMap<string, RunSummary>;
  readonly sealed: ReadonlySet<string>;
  /** Its plans need neither seal nor comparison: it lies where this program alone writes. */
  readonly isOwnBackup: boolean;
  readonly home: Household;
  readonly knowledge: Knowledge;
  readonly giveWay: GiveWay;
}

/**
 * Which plans of a file may be followed here: those with this house's own seal that stand on the trouble they were made
 * for. The seal covers every figure and word of a plan; that it belongs to its trouble and its piece is compared. All
 * others are kept to be read; their troubles are planned again when somebody begins.
 * @throws DomainError brokenFile where a plan of today's knowledge that nobody has carried out would not be safe
 */
export async function ownPlans({
  file,
  summaries,
  sealed,
  isOwnBackup,
  home,
  knowledge,
  giveWay,
}: OfAFile): Promise<Set<string>> {
  const standsRight = isOwnBackup ? () => true : standsOnItsTrouble(file);
  const own = new Set<string>();
  const underWay = new Set(file.trials.filter(isUnderWay).map(({ planId }) => planId));
  const over = new Set<string>();
  for (const run of file.runs) {
    if (summaries.get(run.id)?.state.status === 'finished') over.add(run.planId);
    else underWay.add(run.planId);
  }
  for (const [index, row] of file.plans.entries()) {
    const { id, plan: given } = row;
    const plan = given as unknown as Plan;
    await giveWay();
    if (sealed.has(id) && standsRight(row)) own.add(id);
    else if (!underWay.has(id) && !over.has(id) && plan.knowledgeVersion === knowledge.version)
      requireSafePlan(plan, home, knowledge, `plans.${index}`);
  }
  return own;
}

type PlanRow = HouseholdFile['plans'][number];

/** Whether a plan was made from what the file tells of its trouble, and for the piece the trouble is on. */
function standsOnItsTrouble({ troubles, pieces }: HouseholdFile): (row: PlanRow) => boolean {
  const troubleOf = new Map(troubles.map((trouble) => [trouble.id, trouble]));
  const pieceOf = new Map(pieces.map((piece) => [piece.id, piece.facts]));
  return ({ troubleId, plan }) => {
    const trouble = troubleOf.get(troubleId);
    const piece = trouble && pieceOf.get(trouble.pieceId);
    const { facts } = plan as unknown as Plan;
    return (
      trouble !== undefined &&
      piece !== undefined &&
      isDeepStrictEqual(toldIn(facts), toldIn(trouble.facts)) &&
      isDeepStrictEqual(madeOf(facts.piece), madeOf(piece))
    );
  };
}

/** What was told of a trouble. What was done on it since, and what was chosen on the page, may have changed. */
function toldIn({
  done: _done,
  goneComponentIds: _gone,
  choices: _choices,
  schools: _schools,
  ...facts
}: TroubleFacts) {
  return JSON.parse(JSON.stringify({ ...facts, reach: null, markIds: [...facts.markIds].sort() }));
}

/** What a piece is, whatever else the linen book says of it. */
const madeOf = ({ itemId, parts }: Pick<PieceFacts, 'itemId' | 'parts'>) => ({ itemId, parts });

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
