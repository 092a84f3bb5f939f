import type { Agent } from '@feverfew/knowledge';
import { type Finding, finding } from '../explain/finding.js';
import type { PlanContext } from './context.js';
import type { Household } from './household.js';
import { strengthFindings } from './strengthFindings.js';

/** What keeps an agent out of any recipe here, whatever the method: the household's gates, the piece's users and metal, its strength. */
export const agentGates = (agent: Agent, context: PlanContext): Finding[] => [
  ...agentGatesOf(agent, context.household),
  ...pieceGates(agent, context),
  ...strengthFindings(agent, context.household),
];

/** What this household has switched off, may not buy, or keeps out for someone's lungs. */
export function agentGatesOf(agent: Agent, household: Household): Finding[] {
  const allowed = agent.chemistries.includes('chlorine')
    ? household.allowChlorine
    : agent.chemistries.includes('ammonia')
      ? household.allowAmmonia
      : agent.chemistries.includes('oxalicAcid')
        ? household.allowOxalic
        : false;
  return [
    ...(agent.offByDefault && !allowed
      ? [finding('offByDefault', { agentId: agent.id }, agent.sourceIds)]
      : []),
    ...(agent.restrictedSale && !household.boraxSold
      ? [finding('notSoldHere', { agentId: agent.id }, agent.sourceIds)]
      : []),
    ...(agent.notWithAsthma && household.asthma
      ? [finding('notWithAsthma', { agentId: agent.id }, agent.sourceIds)]
      : []),
  ];
}

function pieceGates(agent: Agent, { facts, item }: PlanContext): Finding[] {
  return [
    ...(agent.notForChildren && item.childrens
      ? [finding('notForChildren', { agentId: agent.id }, agent.sourceIds)]
      : []),
    ...(agent.notWithMetalParts && facts.piece.metalParts
      ? [finding('metalParts', { agentId: agent.id }, agent.sourceIds)]
      : []),
  ];
}
