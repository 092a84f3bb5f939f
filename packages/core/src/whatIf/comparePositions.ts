import type { Knowledge } from '@feverfew/knowledge';
import { type Evidence, NO_EVIDENCE } from '../evidence/evidence.js';
import type { Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';

/** One view of a dispute followed to the end, and what it makes of the plan. */
export interface ComparedPosition {
  readonly positionId: string;
  readonly isFollowed: boolean;
  readonly plan: Plan;
  /** Methods in this plan that are not in the plan of every other view. */
  readonly ownMethodIds: readonly string[];
  /** Work of the whole plan, each pass once. */
  readonly handsOnMin: number;
  readonly totalMin: { readonly low: number; readonly high: number };
  readonly worstRisk: Pass['risk'] | null;
  /** Best effect of one round anywhere in the plan. */
  readonly bestEffect: Pass['effect'] | null;
  readonly actions: number;
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
  const followed = facts.positions[dispute] ?? household.positions[dispute];
  const plans = positions.map((position) => ({
    position,
    plan: planTreatment(
      { ...facts, positions: { ...facts.positions, [dispute]: position.id } },
      household,
      knowledge,
      evidence,
    ),
  }));
  const everywhere = (methodId: string) =>
    plans.every(({ plan }) => plan.passes.some((pass) => pass.methodId === methodId));
  return plans.map(({ position, plan }) => ({
    positionId: position.id,
    isFollowed: followed === undefined ? position.isDefault : followed === position.id,
    plan,
    ownMethodIds: plan.passes.map((pass) => pass.methodId).filter((methodId) => !everywhere(methodId)),
    handsOnMin: sum(plan.passes, (pass) => pass.handsOnMin),
    totalMin: {
      low: sum(plan.passes, (pass) => pass.totalMin.low),
      high: sum(plan.passes, (pass) => pass.totalMin.high),
    },
    worstRisk: RISK_ORDER[Math.max(-1, ...plan.passes.map((pass) => RISK_ORDER.indexOf(pass.risk)))] ?? null,
    bestEffect: plan.passes.reduce<Pass['effect'] | null>(
      (best, pass) => (best && best.high >= pass.effect.high ? best : pass.effect),
      null,
    ),
    actions: sum(plan.passes, (pass) => pass.actions.length),
  }));
}

const sum = (passes: readonly Pass[], of: (pass: Pass) => number): number =>
  passes.reduce((total, pass) => total + of(pass), 0);
