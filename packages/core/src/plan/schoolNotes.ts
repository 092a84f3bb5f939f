import { agentGates } from './agentGates.js';
import type { PlanContext } from './context.js';
import { isInHouse } from './cupboard.js';
import { windowOf } from './envelope.js';
import type { Fit } from './weigh.js';

/**
 * Lines that followed schools add to a step on this kind of piece, and what goes in with them. An agent joins only
 * where the piece bears it, it is in the house, and nothing of the rung, wash included, may not meet it.
 */
export function schoolNotes(
  step: 'wash' | 'dry' | 'mix',
  { method }: Fit,
  context: PlanContext,
): { notes: string[]; agentIds: string[] } {
  const { schools, item, index, envelope, household } = context;
  const notes: string[] = [];
  const agentIds: string[] = [];
  const inRung = [...method.agents.map((use) => use.agentId), ...method.washAgentIds];
  for (const { school } of schools.values()) {
    const { effect } = school;
    if (effect.kind !== 'note' || effect.step !== step) continue;
    if (effect.itemIds.length > 0 && !effect.itemIds.includes(item.id)) continue;
    const agent = effect.agentId === null ? undefined : index.agents.get(effect.agentId);
    if (agent) {
      const here = household.hasMachine && isInHouse(agent.id, context);
      const borne = agent.chemistries.every(
        (chemistry) => windowOf(envelope, chemistry).verdict === 'allowed',
      );
      const meets = inRung.some((id) => {
        const other = index.agents.get(id);
        return other !== undefined && index.pairsBetween(agent, other).length > 0;
      });
      if (!here || !borne || meets || agentGates(agent, context).length > 0) continue;
      agentIds.push(agent.id);
    }
    notes.push(effect.text);
  }
  return { notes, agentIds };
}
