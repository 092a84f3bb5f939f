import type { Method } from '@feverfew/knowledge';
import type { PlanContext } from './planContext.js';

/** In the cupboard, and not something that may not be sold here. */
export const isInHouse = (agentId: string, { cupboard, household, index }: PlanContext): boolean =>
  index.agents.get(agentId)?.inEveryHouse ||
  (cupboard.has(agentId) && (household.boraxSold || !index.agents.get(agentId)?.restrictedSale));

export const missingAgents = (method: Method, context: PlanContext): string[] =>
  method.agents.flatMap(({ agentId }) => (isInHouse(agentId, context) ? [] : [agentId]));
