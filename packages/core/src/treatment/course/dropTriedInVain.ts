import { finding } from '../../finding/finding.js';
import type { PlanContext } from '../case/planContext.js';
import { triedInVain } from '../case/triedInVain.js';
import type { NotUsed } from '../plan/round.js';
import type { Placing } from './placement.js';

/**
 * The ways of a round without those whose product, or one like it, did nothing on this trouble before: another mechanism takes their
 * place. A way that the person has chosen stays. Where the first round has nothing else, its wash included, and nothing
 * else comes later, all stay.
 * @param later ways of the later round; null = something else is done in any case
 * @param notUsed ways that fall out are added, with the reason
 */
export function dropTriedInVain(
  list: readonly Placing[],
  later: readonly Placing[] | null,
  context: PlanContext,
  notUsed: NotUsed[],
): readonly Placing[] {
  const chosen = Object.values(context.choices.instead);
  const vainOf = ({ fitted: { eligible } }: Placing) =>
    chosen.includes(eligible.method.id) ? undefined : triedInVain(eligible.appliedAgents, context);
  if (later && [...list, ...later].every((one) => vainOf(one) !== undefined)) return list;
  return list.filter((one) => {
    const vain = vainOf(one);
    if (!vain) return true;
    const { agentId, times } = vain;
    notUsed.push({
      methodId: one.fitted.eligible.method.id,
      findings: [finding('triedInVain', { agentId, times })],
    });
    return false;
  });
}
