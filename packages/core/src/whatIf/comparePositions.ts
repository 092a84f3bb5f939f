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
  /** Work of the whole ladder, each rung once. */
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
  const views = index.views.get(dispute) ?? [];
  const followed = facts.schools[dispute] ?? household.schools[dispute];
  const plans = views.map((school) => ({
    school,
    plan: planTreatment(
      { ...facts, schools: { ...facts.schools, [dispute]: school.id } },
      household,
      knowledge,
      evidence,
    ),
  }));
  const everywhere = (methodId: string) =>
    plans.every(({ plan }) => plan.ladder.some((rung) => rung.methodId === methodId));
  return plans.map(({ school, plan }) => ({
    schoolId: school.id,
    isFollowed: followed === undefined ? school.isDefault : followed === school.id,
    plan,
    ownMethodIds: plan.ladder.map((rung) => rung.methodId).filter((methodId) => !everywhere(methodId)),
    handsOnMin: sum(plan.ladder, (rung) => rung.handsOnMin),
    totalMin: {
      low: sum(plan.ladder, (rung) => rung.totalMin.low),
      high: sum(plan.ladder, (rung) => rung.totalMin.high),
    },
    worstRisk: RISK_ORDER[Math.max(-1, ...plan.ladder.map((rung) => RISK_ORDER.indexOf(rung.risk)))] ?? null,
    bestEffect: plan.ladder.reduce<Pass['effect'] | null>(
      (best, rung) => (best && best.high >= rung.effect.high ? best : rung.effect),
      null,
    ),
    steps: sum(plan.ladder, (rung) => rung.steps.length),
  }));
}

const sum = (ladder: readonly Pass[], of: (rung: Pass) => number): number =>
  ladder.reduce((total, rung) => total + of(rung), 0);
