import type { Method } from '@feverfew/knowledge';
import { windowOf } from '../../../envelope/envelope.js';
import { type Finding, finding } from '../../../finding/finding.js';
import { toHundredth } from '../../../quantity/rounding.js';
import type { PlanContext } from '../../case/planContext.js';
import type { EligibleMethod } from '../assessMethod.js';
import { maxDose } from '../dose/maxDose.js';
import { pHWindowFor } from '../pHWindow.js';
import type { WorkWindow } from '../workWindow.js';

/** Why the recipe stops where it stops: heat, time, strength, rounds. */
export function limitReasons({ method, window }: EligibleMethod, context: PlanContext): Finding[] {
  return [
    ...(method.wetting === 'dry' ? [] : [heatReason(method, window, context)]),
    timeReason(method, window, context),
    ...strengthReasons(method, window, context),
    finding('notOftener', { rounds: window.maxRounds }, method.sourceIds),
  ];
}

function heatReason(method: Method, { tempC, bounds }: WorkWindow, { envelope }: PlanContext): Finding {
  if (bounds.maxTempC !== undefined && bounds.maxTempC === tempC.max && bounds.maxTempC < method.tempC.max)
    return finding('notHotterAgent', { maxC: tempC.max }, method.sourceIds);
  const limit = envelope.tempC.limits[0];
  return limit && limit.maxC === tempC.max
    ? finding('notHotter', { maxC: tempC.max, owner: limit.owner }, limit.sourceIds)
    : finding('notHotterMethod', { maxC: tempC.max }, method.sourceIds);
}

function timeReason(
  method: Method,
  { dwellMin, bounds }: WorkWindow,
  { envelope, index }: PlanContext,
): Finding {
  const owner =
    bounds.maxDwellMin !== undefined && bounds.maxDwellMin === dwellMin.max
      ? index
          .factsOf(method)
          .chemistries.flatMap((chemistry) => windowOf(envelope, chemistry).limits)
          .find((limit) => limit.bounds.maxDwellMin === bounds.maxDwellMin)
      : undefined;
  return owner
    ? finding('notLonger', { maxMin: dwellMin.max, owner: owner.owner }, owner.sourceIds)
    : finding('notLongerMethod', { maxMin: dwellMin.max }, method.sourceIds);
}

/** How strong: by the method, or by the pH that the piece bears. */
function strengthReasons(
  method: Method,
  { doseMost }: WorkWindow,
  { envelope, index }: PlanContext,
): Finding[] {
  const { max: maxPH, upperOf } = pHWindowFor(index.factsOf(method), envelope);
  const limit = envelope.pH.limits.find((candidate) => upperOf(candidate) === maxPH);
  return method.agents.flatMap(({ agentId, dose }) => {
    const agent = index.agents.get(agentId);
    if (dose.per !== 'litre' || !agent) return [];
    const top = maxDose(dose.amount, agent, doseMost);
    const facts = { agentId, highPerL: toHundredth(top), unit: dose.unit };
    return top < dose.amount.high && limit
      ? [finding('notStrongerPH', { ...facts, maxPH, owner: limit.owner }, limit.sourceIds)]
      : [finding('notStronger', facts, method.sourceIds)];
  });
}
