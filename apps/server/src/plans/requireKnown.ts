import { DomainError, type Household, type TroubleFacts } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';

/**
 * Every id a request names must be one the knowledge has, and the part must exist.
 * @throws DomainError unknownReference with the field's path
 */
export function requireKnownFacts(facts: TroubleFacts, knowledge: Knowledge, root = ''): void {
  const need = (family: readonly { id: string }[], id: string | null, path: string): void => {
    if (id !== null && !family.some((record) => record.id === id))
      refuse(`${root}${path}`, `"${id}" is not a name this tool knows.`);
  };
  need(knowledge.marks, facts.markId, 'markId');
  need(knowledge.items, facts.piece.itemId, 'piece.itemId');
  facts.piece.parts.forEach((part, partIndex) => {
    part.fibres.forEach((share, index) => {
      need(knowledge.fibres, share.fibreId, `piece.parts.${partIndex}.fibres.${index}.fibreId`);
    });
  });
  facts.triedAgentIds.forEach((id, index) => {
    need(knowledge.agents, id, `triedAgentIds.${index}`);
  });
  if (facts.partIndex > 0 && facts.partIndex >= facts.piece.parts.length)
    refuse(`${root}partIndex`, 'The piece has no such part.');
}

export function requireKnownHousehold(household: Household, knowledge: Knowledge): void {
  household.cupboard.forEach((entry, index) => {
    if (!knowledge.agents.some((agent) => agent.id === entry.agentId))
      refuse(`household.cupboard.${index}.agentId`, `"${entry.agentId}" is not a name this tool knows.`);
  });
}

function refuse(path: string, message: string): never {
  throw new DomainError('unknownReference', { path, message });
}
