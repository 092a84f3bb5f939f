import type { Method, Substitution } from '@feverfew/knowledge';
import type { PlanContext } from '../case/planContext.js';

/** Whether a stand-in fits this method and this piece: way of working, dose, the groups of fibre it is meant for. */
export function mayStandIn(
  substitution: Substitution,
  method: Method,
  { facts, index }: PlanContext,
): boolean {
  if (substitution.notInMachine && method.inMachine) return false;
  if (method.agents.some((use) => use.agentId === substitution.useAgentId)) return false;
  const dose = method.agents.find((use) => use.agentId === substitution.wantedAgentId)?.dose;
  // Grams per part of a small mix say nothing of how much liquid would stand in for them.
  if (dose?.per === 'parts' && substitution.wantedUnit === 'g' && substitution.useUnit === 'mL') return false;
  if (substitution.onlyGroups.length === 0) return true;
  return (
    facts.piece.parts.length > 0 &&
    facts.piece.parts.every(
      (part) =>
        part.fibres.length > 0 &&
        part.fibres.every(({ fibreId }) => {
          const group = index.fibres.get(fibreId)?.group;
          return group !== undefined && substitution.onlyGroups.includes(group);
        }),
    )
  );
}
