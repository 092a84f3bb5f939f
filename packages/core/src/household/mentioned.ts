import type { KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import { answered, type PeopleFact } from './houseFacts.js';
import type { Household } from './household.js';

/** What a sentence about a trouble says of the household. */
export interface Mentioned {
  /** Who was mentioned: guarded in its plan, whatever the household says. */
  readonly people?: readonly PeopleFact[] | undefined;
  /** Products that were said to be there, by id: used in its plan like those of the cupboard. */
  readonly inHouse?: readonly string[] | undefined;
}

/**
 * The household with what was mentioned of it together with the trouble. People and animals count as there, and products
 * are in the cupboard, at the strength they are usually sold in. Nothing that the household has given is taken away.
 * @returns the same household where nothing was mentioned
 */
export function withMentioned(
  household: Household,
  { people = [], inHouse = [] }: Mentioned,
  { agents }: Pick<KnowledgeIndex, 'agents'>,
): Household {
  const guarded = people.length > 0 ? answered(household, 'people', 'some', null, people) : household;
  return inHouse.reduce((home, agentId) => {
    const agent = agents.get(agentId);
    if (!agent || home.cupboard.some((entry) => entry.agentId === agentId)) return home;
    return answered(home, 'agent', 'yes', { agentId, strengthPct: agent.strength?.recipe ?? null });
  }, guarded);
}
