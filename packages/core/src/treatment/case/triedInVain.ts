import type { Agent } from '@feverfew/knowledge';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import type { PlanContext } from './planContext.js';

/**
 * A product that did nothing on this trouble before and that acts as one of these does; undefined where there is none.
 * @param agents what a way puts on the piece
 */
export const triedInVain = (
  agents: readonly Agent[],
  { facts, index }: Pick<PlanContext, 'facts' | 'index'>,
): TroubleFacts['tried'][number] | undefined =>
  facts.tried.find(({ agentId, effect }) => {
    const tried = index.agents.get(agentId);
    return effect === 'nothing' && tried !== undefined && agents.some((agent) => actsLike(agent, tried));
  });

/** The same product, or one of the same kind that has no way of working beyond it: colour-safe oxygen bleach. */
const actsLike = (agent: Agent, tried: Agent): boolean =>
  agent.id === tried.id ||
  (agent.mechanisms.length > 0 &&
    agent.chemistries.length === tried.chemistries.length &&
    agent.chemistries.every((chemistry) => tried.chemistries.includes(chemistry)) &&
    agent.mechanisms.every((mechanism) => tried.mechanisms.includes(mechanism)));
