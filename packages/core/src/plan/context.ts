import type { Agent, Item, Knowledge, Mark } from '@feverfew/knowledge';
import { WETTINGS } from '@feverfew/knowledge';
import type { Envelope } from './envelope.js';
import type { Household } from './household.js';
import type { TroubleFacts } from './troubleFacts.js';

/** Everything one planning run looks at. */
export interface PlanContext {
  readonly facts: TroubleFacts;
  readonly household: Household;
  readonly knowledge: Knowledge;
  readonly envelope: Envelope;
  readonly mark: Mark;
  readonly item: Item;
  readonly dryMassG: number;
  /** False for pieces that water cannot be drained through: carpets, upholstery, anything kept from immersion. */
  readonly rinsable: boolean;
}

export function agentById(knowledge: Knowledge, agentId: string): Agent {
  const agent = knowledge.agents.find((candidate) => candidate.id === agentId);
  if (!agent) throw new Error(`no agent ${agentId}`);
  return agent;
}

export const isRinsable = (item: Item, envelope: Envelope): boolean =>
  !item.surfaceOnly && WETTINGS.indexOf(envelope.wetting.most) >= WETTINGS.indexOf('immersion');
