import type { Agent } from '@feverfew/knowledge';
import type { KnowledgeIndex } from '../../lookup/knowledgeIndex.js';
import type { TriedProduct } from '../../trouble/troubleFacts.js';
import type { PlanContext } from './planContext.js';
import { isVapour } from './vapourHere.js';

/** Products put on it before that may still be in it: all that were not washed, or rinsed in two waters, since. */
export const residuesOf = (tried: readonly TriedProduct[], index: KnowledgeIndex): Agent[] =>
  tried.flatMap(({ agentId, washedOut }) => (washedOut === 'yes' ? [] : (index.agents.get(agentId) ?? [])));

/** Flammable products put on it before, washed out or not: the dryer stays shut until no smell and no grease is left. */
export const solventsEver = ({ facts, index }: Pick<PlanContext, 'facts' | 'index'>): Agent[] =>
  facts.tried.flatMap(({ agentId }) => {
    const agent = index.agents.get(agentId);
    return agent && isVapour(agent) ? [agent] : [];
  });
