import type { Agent, Knowledge } from '@feverfew/knowledge';
import { indexKnowledge } from './knowledgeIndex.js';

export function agentById(knowledge: Knowledge, agentId: string): Agent {
  const agent = indexKnowledge(knowledge).agents.get(agentId);
  if (!agent) throw new Error(`no agent ${agentId}`);
  return agent;
}
