import type { Agent, Item } from '@feverfew/knowledge';
import { type Finding, finding } from '../finding/finding.js';
import type { Household } from '../household/household.js';
import type { PieceFacts } from '../textile/piece.js';
import { strengthFindings } from './strengthFindings.js';

/**
 * What keeps an agent out of any recipe here, whatever the method: the household's gates, the piece's users and
 * metal, its strength.
 */
export const agentGates = (
  agent: Agent,
  household: Household,
  piece: PieceFacts,
  item: Item | undefined,
): Finding[] => [
  ...houseGates(agent, household),
  ...pieceGates(agent, piece, item),
  ...strengthFindings(agent, household),
];

/** What this household has switched off, may not buy, or keeps out for someone's lungs. */
export function houseGates(agent: Agent, household: Household): Finding[] {
  const allowed = agent.chemistries.includes('chlorine')
    ? household.allowChlorine
    : agent.chemistries.includes('ammonia')
      ? household.allowAmmonia
      : agent.chemistries.includes('oxalicAcid')
        ? household.allowOxalic
        : false;
  return [
    ...(agent.offByDefault && !allowed
      ? [finding('offByDefault', { agentId: agent.id }, agent.sourceIds)]
      : []),
    ...(agent.restrictedSale && !household.boraxSold
      ? [finding('notSoldHere', { agentId: agent.id }, agent.sourceIds)]
      : []),
    ...agent.notWith.flatMap((who) => {
      if (!household[who]) return [];
      return who === 'asthma'
        ? [finding('notWithAsthma', { agentId: agent.id }, agent.sourceIds)]
        : [finding('notWithSensitive', { agentId: agent.id, who }, agent.sourceIds)];
    }),
  ];
}

/** What the piece's users and its metal keep out. */
export function pieceGates(agent: Agent, piece: PieceFacts, item: Item | undefined): Finding[] {
  return [
    ...(agent.notForChildren && item?.childrens
      ? [finding('notForChildren', { agentId: agent.id }, agent.sourceIds)]
      : []),
    ...(agent.notWithMetalParts && piece.metalParts
      ? [finding('metalParts', { agentId: agent.id }, agent.sourceIds)]
      : []),
  ];
}
