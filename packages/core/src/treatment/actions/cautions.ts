import { type Method, SCALD_WARNING_C, TONGS_C } from '@feverfew/knowledge';
import type { WorkWindow } from '../assess/workWindow.js';
import type { PlanContext } from '../case/planContext.js';

/**
 * Every caution a recipe carries: its agents', its heat, its vessel, its trouble; always the label and the poison
 * line.
 */
export function methodCautions(
  method: Method,
  window: WorkWindow,
  { index, marks, item }: PlanContext,
): string[] {
  const { agents } = index.factsOf(method);
  const hot = method.wetting === 'dry' ? 0 : window.tempC.target;
  const ids = [
    ...agents.flatMap((agent) => agent.cautionIds),
    ...(agents.some((agent) => agent.attended) ? ['stayWithIt'] : []),
    ...(hot > TONGS_C ? ['tongs'] : hot >= SCALD_WARNING_C ? ['hotWater'] : []),
    ...(method.wetting === 'immersion' && !method.inMachine ? ['openSoak'] : []),
    ...(marks.some((work) => work.mark.bodyFluid) ? ['bodyFluids', 'gloves'] : []),
    ...item.cautionIds,
    ...(agents.length > 0 ? ['followLabel', 'poisonLine'] : []),
  ];
  return [...new Set(ids)];
}

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
      ...(facts.piece.colour === 'white' ? [] : ['dyeOnCloth', 'groundChanges']),
      ...(groups.includes('animalProtein') ? ['felting'] : []),
      ...(groups.includes('celluloseEster') ||
      groups.includes('synthetic') ||
      groups.includes(undefined) ||
      groups.length === 0
        ? ['sticky']
        : []),
      'holes',
      'fumes',
    ],
  };
}
