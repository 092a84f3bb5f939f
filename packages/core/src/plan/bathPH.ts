import type { Method } from '@feverfew/knowledge';
import { agentById, type PlanContext } from './context.js';

/** pH range of a method's working liquid: stated for mixtures, else the widest of its agents; null when nothing wet is used. */
export function bathPH(method: Method, { knowledge }: PlanContext): { low: number; high: number } | null {
  if (method.pH) return method.pH;
  const agents = method.agents.map((use) => agentById(knowledge, use.agentId));
  if (agents.length === 0 || method.wetting === 'dry') return null;
  return {
    low: Math.min(...agents.map((agent) => agent.pH.low)),
    high: Math.max(...agents.map((agent) => agent.pH.high)),
  };
}
