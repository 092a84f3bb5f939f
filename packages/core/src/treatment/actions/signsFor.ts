import { type Method, STANDING_ALARMS } from '@feverfew/knowledge';
import type { PlanContext } from '../case/planContext.js';

/** Signs to expect with this method on this trouble, and the alarms that always stop the work. */
export function signsFor(
  method: Method,
  { marks, knowledge, facts, index }: PlanContext,
): { expectedSignIds: string[]; alarmSignIds: string[] } {
  const used = method.agents.map((use) => use.agentId);
  const shows = (id: string) => {
    const sign = knowledge.signs.find((candidate) => candidate.id === id);
    return (
      sign !== undefined &&
      (sign.withAgentIds.length === 0 || sign.withAgentIds.some((agentId) => used.includes(agentId)))
    );
  };
  const expected = [
    ...marks.flatMap((work) => work.causes.flatMap((cause) => cause.mark.expectedSignIds)),
    ...method.expectedSignIds,
  ].filter(shows);
  const groups = facts.piece.parts.flatMap((part) =>
    part.fibres.map(({ fibreId }) => index.fibres.get(fibreId)?.group),
  );
  return {
    expectedSignIds: [...new Set(expected)],
    alarmSignIds: [
      ...(facts.piece.colour === 'white' ? [] : STANDING_ALARMS.colouredPiece),
      ...(groups.includes('animalProtein') ? STANDING_ALARMS.animalFibres : []),
      ...(groups.includes('celluloseEster') ||
      groups.includes('synthetic') ||
      groups.includes(undefined) ||
      groups.length === 0
        ? STANDING_ALARMS.softeningFibres
        : []),
      ...STANDING_ALARMS.anyPiece,
    ],
  };
}
