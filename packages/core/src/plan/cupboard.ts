import type { Method } from '@feverfew/knowledge';
import type { PlanContext } from './context.js';

/** In every house without being in a cupboard. */
const FREE_AGENTS: readonly string[] = ['water', 'sunAir', 'steam'];

export const isInHouse = (agentId: string, { cupboard }: Pick<PlanContext, 'cupboard'>): boolean =>
  cupboard.has(agentId) || FREE_AGENTS.includes(agentId);

export const missingAgents = (method: Method, context: PlanContext): string[] =>
  method.agents.flatMap(({ agentId }) => (isInHouse(agentId, context) ? [] : [agentId]));
