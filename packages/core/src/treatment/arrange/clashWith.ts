import { type Finding, finding } from '../../finding/finding.js';
import { mustKeepApart } from '../../lookup/mustKeepApart.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';

type Applied = Pick<EligibleMethod, 'method' | 'appliedAgents'>;

/**
 * Chlorine never shares a plan with its partners, nor does one solvent with another; on a surface that cannot be
 * rinsed through, a forbidden partner of an earlier pass stays out, and any partner of one that is only vacuumed off.
 * Rinsable pieces get a full rinse before each pass.
 */
export function clashWith(
  passes: readonly Applied[],
  eligible: Applied,
  { index, rinsable }: PlanContext,
): Finding | null {
  for (const pass of passes) {
    const isVacuumed = !rinsable && pass.method.rinse === 'vacuum';
    for (const earlier of pass.appliedAgents) {
      for (const agent of eligible.appliedAgents) {
        const pair = index
          .pairsBetween(earlier, agent)
          .find(
            (candidate) => mustKeepApart(candidate, rinsable) || (isVacuumed && candidate.apart === 'rinse'),
          );
        if (pair)
          return finding(
            'apartFromPass',
            { pairId: pair.id, passMethodId: pass.method.id, agentId: agent.id },
            pair.sourceIds,
          );
      }
    }
  }
  return null;
}
