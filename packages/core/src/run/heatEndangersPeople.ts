import { HEAT_FORBIDDING_CAUTIONS } from '@feverfew/knowledge';
import type { Plan } from '../treatment/plan/plan.js';
import type { RunState } from './runState.js';

/** True if heat before it is gone could hurt a person, and not only the piece: judged by the passes so far. */
export function heatEndangersPeople(
  plan: Plan,
  { passIndex, times }: Pick<RunState, 'passIndex' | 'times'>,
): boolean {
  return plan.passes.some(
    (pass, index) =>
      (index === passIndex || (times[index] ?? 0) > 0) &&
      pass.cautionIds.some((id) => HEAT_FORBIDDING_CAUTIONS.has(id)),
  );
}
