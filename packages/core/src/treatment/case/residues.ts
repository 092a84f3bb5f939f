import type { Agent } from '@feverfew/knowledge';
import type { KnowledgeIndex } from '../../lookup/knowledgeIndex.js';
import type { TriedProduct } from '../../trouble/troubleFacts.js';

/** Products put on it before that may still be in it: all that were not washed, or rinsed in two waters, since. */
export const residuesOf = (tried: readonly TriedProduct[], index: KnowledgeIndex): Agent[] =>
  tried.flatMap(({ agentId, washedOut }) => (washedOut === 'yes' ? [] : (index.agents.get(agentId) ?? [])));
