import { HANDS_ON_MIN, type Knowledge } from '@feverfew/knowledge';
import { type Evidence, NO_EVIDENCE } from '../evidence/evidence.js';
import { finding } from '../finding/finding.js';
import type { Household } from '../household/household.js';
import { NOTHING_BUSY, type Occupancy } from '../household/occupancy.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { usualTaken } from '../trouble/assumeUsual.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { cupboardView } from './arrange/cupboardView.js';
import type { MethodAssessment } from './assess/assessMethod.js';
import { assessRelevant } from './assess/assessRelevant.js';
import { candidatesOf } from './candidatesOf.js';
import { holdsBack, onTheSpot, withoutAside } from './case/keptOff.js';
import { openCase } from './case/openCase.js';
import type { PlanContext } from './case/planContext.js';
import { dangerFindings, dangerRemarks, forNobodyBecause } from './dangerRemarks.js';
import { overallFindings } from './overallFindings.js';
import type { Plan, PositionView } from './plan/plan.js';
import { dangerFirst } from './rounds/dangerFirst.js';
import { type LaidOut, layOut, NOTHING_LAID_OUT } from './rounds/layOut.js';

/**
 * The treatment of the troubles on one piece: envelope, what it is, the first seconds, rounds, and every way looked at
 * with its findings.
 * The household's log moves what a method promises and may set a pass aside; it never widens a limit.
 * @param occupancy what is in use elsewhere: such a vessel is not chosen while another one does
 * Pure: equal input gives byte-equal output. Without a mark or an item the envelope still forms, and there are no
 * rounds.
 */
export function planTreatment(
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
  evidence: Evidence = NO_EVIDENCE,
  occupancy: Occupancy = NOTHING_BUSY,
): Plan {
  const usual = usualTaken(facts, indexKnowledge(knowledge));
  const start = openCase(facts, household, knowledge, evidence, occupancy, usual);
  const { frame } = start;
  if (!start.context) return { ...frame, ...nothingToTreat(start) };
  const context = onItsPlace(start.context) ?? start.context;
  const tested = afterWaterTest(start.context);
  const { usual: asked, ...laid } = layOut(context, tested && (onItsPlace(tested) ?? tested));
  const assessments = assessRelevant(context);
  const view = cupboardView(assessments);
  return {
    ...frame,
    envelope: context.envelope,
    ...laid,
    candidates: candidatesOf(laid, assessments, context),
    findings: overallFindings({ ...context, usual: asked }, laid, view, assessments.some(isWaiting)),
    cupboard: view,
    positions: positionsAtWork(laid, assessments, context),
  };
}

/** There is no trouble, or all of it is gone: what still threatens people is said all the same. */
function nothingToTreat({
  frame: { facts },
  item,
  gone,
}: ReturnType<typeof openCase>): Omit<Plan, keyof Frame> {
  const acts = gone ? dangerFirst(gone).acts : [];
  const because = gone && forNobodyBecause(gone);
  return {
    ...NOTHING_LAID_OUT,
    atOnce: {
      ...NOTHING_LAID_OUT.atOnce,
      actions: acts.map(({ note, verbs }) => ({ text: note.text, verbs })),
      handsOnMin: acts.length * HANDS_ON_MIN.lift,
    },
    candidates: [],
    findings: [
      ...(gone ? [...dangerRemarks(gone), ...dangerFindings(gone)] : []),
      ...(because ? [finding('professionalHand', { because })] : []),
      ...(gone || facts.markIds.length > 0 ? [finding('nothingLeft', {})] : [finding('markNeeded', {})]),
      ...(item ? [] : [finding('itemNeeded', {})]),
    ],
    cupboard: { now: null, ifBought: null },
    positions: [],
  };
}
type Frame = ReturnType<typeof openCase>['frame'];

/** The same case on the marked place alone, where what is sewn on at its side would forbid what the place bears. */
function onItsPlace(all: PlanContext): PlanContext | null {
  const { household, knowledge, evidence, occupancy, index, usual } = all;
  const facts = withoutAside(all.facts, index);
  const { context } = facts
    ? openCase(facts, household, knowledge, evidence, occupancy, usual)
    : { context: null };
  return context && holdsBack(all.envelope, context.envelope)
    ? { ...context, envelope: onTheSpot(context.envelope, all.envelope), keepsOff: true }
    : null;
}

/** The same case with the hidden water test passed, for pieces without a test and without a code. */
function afterWaterTest({
  facts,
  household,
  knowledge,
  evidence,
  occupancy,
  item,
}: PlanContext): PlanContext | null {
  const { code, waterTest } = facts.piece;
  if (!item.coded || (code !== null && code !== 'unknown') || (waterTest ?? null) !== null) return null;
  const tested = { ...facts, piece: { ...facts.piece, waterTest: 'passed' as const } };
  return openCase(tested, household, knowledge, evidence, occupancy).context;
}

/** Held back by nothing but the hidden water test. */
const isWaiting = ({ candidate }: MethodAssessment): boolean =>
  candidate?.findings.some((one) => one.code === 'afterWaterTest') ?? false;

/**
 * Disputes that are one for this trouble: methods of two views were looked at (of the only one, where the others
 * have none of their own), or a view was chosen for this plan, or it adds a step here.
 */
function positionsAtWork(
  { passes }: LaidOut,
  assessments: readonly MethodAssessment[],
  { positions, index, item }: PlanContext,
): PositionView[] {
  const taken = new Set(
    [
      ...passes.map(({ methodId }) => methodId),
      ...assessments.flatMap(({ eligible, candidate }) => eligible?.method.id ?? candidate?.methodId ?? []),
    ].flatMap((methodId) => index.methods.get(methodId)?.positionId ?? []),
  );
  const disputed = (dispute: string) => {
    const own = (index.positionsOf.get(dispute) ?? []).filter(({ id }) => index.methodsOfPosition.has(id));
    const seen = own.filter(({ id }) => taken.has(id)).length;
    return seen > 0 && seen >= Math.min(2, own.length);
  };
  return [...positions].flatMap(([dispute, { position, chosenBy }]) => {
    const { effect } = position;
    const acts =
      effect.kind !== 'methods' &&
      (!('itemIds' in effect) || effect.itemIds.length === 0 || effect.itemIds.includes(item.id));
    return disputed(dispute) || chosenBy === 'plan' || (acts && effect.kind === 'note')
      ? [{ dispute, positionId: position.id, chosenBy }]
      : [];
  });
}
