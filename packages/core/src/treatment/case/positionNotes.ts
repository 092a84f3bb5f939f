import type { Agent, Method, Note } from '@feverfew/knowledge';
import { windowOf } from '../../envelope/envelope.js';
import { agentGates } from '../../gates/agentGates.js';
import { isInHouse } from './cupboard.js';
import type { PlanContext } from './planContext.js';

/** A line that a followed position adds to a step, with what goes in for it. */
export interface PositionNote {
  readonly note: Note;
  readonly agent: Agent | null;
}

/**
 * Notes of the positions followed for this kind of piece. An agent joins only where the piece bears it, it is in
 * the house, nothing protects people from it, and it may meet everything of the method and from before.
 */
export function positionNotes(
  step: 'wash' | 'dry' | 'mix',
  method: Method,
  context: PlanContext,
): PositionNote[] {
  const { positions, item, index, envelope, household, residues } = context;
  return [...positions.values()].flatMap(({ position: { effect } }): PositionNote[] => {
    if (effect.kind !== 'note' || effect.step !== step) return [];
    if (effect.itemIds.length > 0 && !effect.itemIds.includes(item.id)) return [];
    const agent = effect.agentId === null ? undefined : index.agents.get(effect.agentId);
    if (!agent) return [{ note: effect.note, agent: null }];
    const here = household.hasMachine && isInHouse(agent.id, context);
    const borne = agent.chemistries.every((chemistry) => windowOf(envelope, chemistry).verdict === 'allowed');
    const meets = index.factsOf(method).agents.some((other) => index.pairsBetween(agent, other).length > 0);
    const guarded = agentGates(agent, household, context.facts.piece, item).length > 0;
    const left = residues.some((tried) =>
      index.pairsBetween(tried, agent).some(({ apart }) => apart !== 'rinse'),
    );
    return here && borne && !meets && !guarded && !left ? [{ note: effect.note, agent }] : [];
  });
}
