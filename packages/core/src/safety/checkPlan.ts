import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { BATH_WORK_RULES } from './bathRules.js';
import { firstActFaults } from './firstActs.js';
import { HANDLING_WORK_RULES } from './handlingRules.js';
import { noteViolations } from './noteRules.js';
import { PEOPLE_TURN_RULES, PEOPLE_WORK_RULES } from './peopleRules.js';
import { PIECE_TURN_RULES, PIECE_WORK_RULES } from './pieceRules.js';
import { readCase } from './readCase.js';
import { readOpened, readWork } from './readWork.js';
import { LIST_RULES } from './sequenceRules.js';
import { factsAsTaken, usualFaults } from './usualRules.js';
import type { Violation } from './violation.js';
import type { WorkList } from './work.js';

/** Reads a finished plan as work, and says what is wrong with it. */
export function checkPlan(plan: Plan, household: Household, knowledge: Knowledge): Violation[] {
  const list = readWork(plan);
  const facts = onItsPlace(factsAsTaken(plan), plan, list, knowledge);
  const open = plan.rounds.some(({ passes }) => passes.some((pass) => pass.opensAfterTest));
  const tested = facts.piece.waterTest ?? null;
  const passed =
    tested === null ? { ...facts, piece: { ...facts.piece, waterTest: 'passed' as const } } : facts;
  return [
    ...checkWork(list, facts, household, knowledge),
    ...usualFaults(plan, list, { knowledge }, (some, others) =>
      checkWork(some, others, household, knowledge),
    ),
    // A pass behind the hidden water test is judged as if the test had been passed.
    ...(open ? checkWork(readOpened(plan), passed, household, knowledge) : []),
  ];
}

/**
 * A plan that keeps off what is sewn on at the side is judged without it, where that can stay dry. The mark lies
 * elsewhere, and nothing goes under water or into a drum.
 */
function onItsPlace(facts: TroubleFacts, plan: Plan, { work }: WorkList, knowledge: Knowledge): TroubleFacts {
  const { piece, partIndex } = facts;
  const marked = piece.parts[partIndex];
  const aside = knowledge.parts.filter((part) => part.aside).map(({ name }) => name);
  const isSaid = plan.findings.some(({ code }) => code === 'keepOffAside');
  const isSpread =
    facts.size === 'allOver' || work.some(({ soaks, programme }) => soaks || programme !== null);
  if (!isSaid || isSpread || !marked || aside.includes(marked.name)) return facts;
  const parts = piece.parts.filter(({ name }) => !aside.includes(name));
  return { ...facts, partIndex: parts.indexOf(marked), piece: { ...piece, parts } };
}

const WORK_RULES = [...PIECE_WORK_RULES, ...HANDLING_WORK_RULES, ...BATH_WORK_RULES, ...PEOPLE_WORK_RULES];
const TURN_RULES = [...PIECE_TURN_RULES, ...PEOPLE_TURN_RULES];

/**
 * Holds a list of work against the bare knowledge. Shares no code with the planner and takes nothing from it: every
 * limit is looked up again from fibres, parts, label, code, soil, pairs, and the people of the house.
 */
export function checkWork(
  list: WorkList,
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): Violation[] {
  const { work } = list;
  const read = readCase(facts, household, knowledge);
  const first = facts.markIds.length > 0 && read.item ? firstActFaults(list, read) : [];
  if (work.length === 0) return first;
  const turns = [...new Set(work.map((one) => one.turn))].map((turn) =>
    work.filter((one) => one.turn === turn),
  );
  return [
    ...first,
    ...work.flatMap((one, at) =>
      WORK_RULES.flatMap((rule) =>
        rule(one, read, work.slice(0, at)).map((code) => ({ code, where: one.where })),
      ),
    ),
    ...turns.flatMap((turn) =>
      TURN_RULES.flatMap((rule) =>
        rule(
          turn,
          read,
          work.filter((one) => one.turn < (turn[0]?.turn ?? 0)),
        ).map((code) => ({ code, where: turn[0]?.turnName ?? '' })),
      ),
    ),
    ...LIST_RULES.flatMap((rule) => rule(work, read)),
    ...noteViolations(list, read),
  ];
}
