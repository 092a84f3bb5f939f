import {
  type Method,
  SCALD_WARNING_C,
  STANDING_ALARMS,
  STANDING_CAUTIONS,
  TONGS_C,
} from '@feverfew/knowledge';
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
    ...(agents.some((agent) => agent.attended) ? STANDING_CAUTIONS.attended : []),
    ...(hot > TONGS_C ? STANDING_CAUTIONS.scalding : hot >= SCALD_WARNING_C ? STANDING_CAUTIONS.hot : []),
    ...(method.wetting === 'immersion' && !method.inMachine ? STANDING_CAUTIONS.openSoak : []),
    ...(marks.some((work) => work.mark.bodyFluid) ? STANDING_CAUTIONS.bodyFluid : []),
    ...item.cautionIds,
    ...(agents.length > 0 ? [...STANDING_CAUTIONS.anyProduct, ...STANDING_CAUTIONS.mixing] : []),
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
