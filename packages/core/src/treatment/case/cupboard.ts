import type { Method } from '@feverfew/knowledge';
import type { PlanContext } from './planContext.js';

/** In every house without being in a cupboard. */
const FREE_AGENTS: readonly string[] = ['water', 'sunAir', 'steam'];

/** On the shelf, and not something that may not be sold here. */
export const isInHouse = (agentId: string, { cupboard, household, index }: PlanContext): boolean =>
  FREE_AGENTS.includes(agentId) ||
  (cupboard.has(agentId) && (household.boraxSold || !index.agents.get(agentId)?.restrictedSale));

export const missingAgents = (method: Method, context: PlanContext): string[] =>
  method.agents.flatMap(({ agentId }) => (isInHouse(agentId, context) ? [] : [agentId]));
