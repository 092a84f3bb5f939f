import type { Knowledge } from '@feverfew/knowledge';
import { type Evidence, NO_EVIDENCE } from '../evidence/evidence.js';
import type { Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';

/** One view of a dispute followed to the end, and what it makes of the ladder. */
export interface ComparedPosition {
  readonly schoolId: string;
  readonly isFollowed: boolean;
  readonly plan: Plan;
  /** Methods on this ladder that are not on the ladder of every other view. */
  readonly ownMethodIds: readonly string[];
  /** Work of the whole ladder, each pass once. */
  readonly handsOnMin: number;
  readonly totalMin: { readonly low: number; readonly high: number };
  readonly worstRisk: Pass['risk'] | null;
  /** Best effect of one round anywhere on the ladder. */
  readonly bestEffect: Pass['effect'] | null;
  readonly steps: number;
}

const RISK_ORDER: readonly Pass['risk'][] = ['low', 'fair', 'high'];

/** The same trouble under every view of one dispute, in the order of the views; empty when there is no such dispute. */
export function comparePositions(
  dispute: string,
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
  evidence: Evidence = NO_EVIDENCE,
): ComparedPosition[] {
  const index = indexKnowledge(knowledge);
  const positions = index.positionsOf.get(dispute) ?? [];
  const followed = facts.schools[dispute] ?? household.schools[dispute];
  const plans = positions.map((position) => ({
    school: position,
    plan: planTreatment(
      { ...facts, schools: { ...facts.schools, [dispute]: position.id } },
      household,
      knowledge,
      evidence,
    ),
  }));
  const everywhere = (methodId: string) =>
    plans.every(({ plan }) => plan.ladder.some((pass) => pass.methodId === methodId));
  return plans.map(({ school: position, plan }) => ({
    schoolId: position.id,
    isFollowed: followed === undefined ? position.isDefault : followed === position.id,
    plan,
    ownMethodIds: plan.ladder.map((pass) => pass.methodId).filter((methodId) => !everywhere(methodId)),
    handsOnMin: sum(plan.ladder, (pass) => pass.handsOnMin),
    totalMin: {
      low: sum(plan.ladder, (pass) => pass.totalMin.low),
      high: sum(plan.ladder, (pass) => pass.totalMin.high),
    },
    worstRisk: RISK_ORDER[Math.max(-1, ...plan.ladder.map((pass) => RISK_ORDER.indexOf(pass.risk)))] ?? null,
    bestEffect: plan.ladder.reduce<Pass['effect'] | null>(
      (best, pass) => (best && best.high >= pass.effect.high ? best : pass.effect),
      null,
    ),
    steps: sum(plan.ladder, (pass) => pass.steps.length),
  }));
}

const sum = (ladder: readonly Pass[], of: (pass: Pass) => number): number =>
  ladder.reduce((total, pass) => total + of(pass), 0);
