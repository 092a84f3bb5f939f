import type { PlanContext } from '../case/planContext.js';
import type { EligibleMethod } from './assessMethod.js';

/** It waits for a gentler product which neither comes before it nor was tried. */
export function isTooEarly(
  { method }: EligibleMethod,
  before: readonly EligibleMethod[],
  { facts }: PlanContext,
): boolean {
  const first = method.onlyAfterAgentIds;
  const used = [
    ...before.flatMap((pass) => pass.appliedAgents.map((agent) => agent.id)),
    ...facts.tried.map((product) => product.agentId),
  ];
  return first.length > 0 && !first.some((agentId) => used.includes(agentId));
}
