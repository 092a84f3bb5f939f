import { type Method, SCALD_WARNING_C, STANDING_CAUTIONS, TONGS_C } from '@feverfew/knowledge';
import type { WorkWindow } from '../assess/workWindow.js';
import type { PlanContext } from '../case/planContext.js';

/**
 * Every caution a recipe carries: its agents', its heat, its vessel, its trouble; always the label and the poison
 * line.
 */
export function methodCautions(
  method: Method,
  window: WorkWindow,
  { index, told, item, household }: PlanContext,
): string[] {
  const { agents } = index.factsOf(method);
  const hot = method.wetting === 'dry' ? 0 : window.tempC.target;
  const ids = [
    ...agents.flatMap((agent) => agent.cautionIds),
    ...(agents.some((agent) => agent.attended) ? STANDING_CAUTIONS.attended : []),
    ...(hot > TONGS_C ? STANDING_CAUTIONS.scalding : hot >= SCALD_WARNING_C ? STANDING_CAUTIONS.hot : []),
    ...(method.wetting === 'immersion' && !method.inMachine ? STANDING_CAUTIONS.openSoak : []),
    ...(told.some((work) => work.isBodyFluid) ? STANDING_CAUTIONS.bodyFluid : []),
    ...item.cautionIds,
    ...(household.septicTank && agents.some((agent) => agent.notIntoSeptic)
      ? STANDING_CAUTIONS.septicTank
      : []),
    ...(agents.length > 0 ? [...STANDING_CAUTIONS.anyProduct, ...STANDING_CAUTIONS.mixing] : []),
  ];
  return [...new Set(ids)];
}
