import type { Knowledge } from '@feverfew/knowledge';
import { type Cost, costOf, NO_PRICES, type Prices, sumOfCosts } from '../cost/costOf.js';
import type { ExpectedEffect } from '../effect/effectRange.js';
import { type Evidence, NO_EVIDENCE } from '../evidence/evidence.js';
import type { Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { TRACE_PCT } from '../run/look/stallView.js';
import { oddsToReach } from '../run/next/nextOptions.js';
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
  /** Share gone after its last round, 0–1, counted from the start; null where nothing can be done this way. */
  readonly gone: ExpectedEffect | null;
  /** Odds that a trace or less is left then, 0–1. */
  readonly oddsGone: number | null;
  /** Of all rounds: work by hand, and from the start to dry, minutes. */
  readonly handsOnMin: number;
  readonly totalMin: { readonly low: number; readonly high: number };
  /** Of all rounds, in the prices of the household. */
  readonly cost: Cost;
  readonly worstRisk: Pass['risk'] | null;
}

const RISK_ORDER: readonly Pass['risk'][] = ['low', 'fair', 'high'];

/**
 * The same trouble under every view of one dispute, in the order of the views; empty when there is no such dispute.
 * @param prices for what it costs; without them its cost is unknown
 */
export function comparePositions(
  dispute: string,
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
  evidence: Evidence = NO_EVIDENCE,
  prices: Prices = NO_PRICES,
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
    ...outcomeOf(plan),
    handsOnMin: sum(plan.rounds, ({ handsOnMin }) => handsOnMin),
    totalMin: {
      low: sum(plan.rounds, ({ totalMin, drying }) => totalMin.low + (drying?.minutes.low ?? 0)),
      high: sum(plan.rounds, ({ totalMin, drying }) => totalMin.high + (drying?.minutes.high ?? 0)),
    },
    cost: sumOfCosts(plan.rounds.flatMap(({ passes }) => passes).map((pass) => costOf(pass, prices))),
    worstRisk: RISK_ORDER[Math.max(-1, ...plan.passes.map((pass) => RISK_ORDER.indexOf(pass.risk)))] ?? null,
  }));
}

function outcomeOf({ rounds }: Plan): Pick<ComparedPosition, 'gone' | 'oddsGone'> {
  const gone = rounds.at(-1)?.passes.at(-1)?.gone.all ?? null;
  return { gone, oddsGone: gone && oddsToReach(TRACE_PCT, 100, gone) };
}

const sum = <Of>(all: readonly Of[], of: (one: Of) => number): number =>
  all.reduce((total, one) => total + of(one), 0);
