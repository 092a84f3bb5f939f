import { HEAT_FORBIDDING_CAUTIONS } from '@feverfew/knowledge';
import type { Plan } from '../treatment/plan/plan.js';
import type { RunState } from './runState.js';

/** True if heat before it is gone could hurt a person, and not only the piece: judged by the passes so far. */
export function heatEndangersPeople(
  plan: Plan,
  { rungIndex, times }: Pick<RunState, 'rungIndex' | 'times'>,
): boolean {
  return plan.ladder.some(
    (pass, index) =>
      (index === rungIndex || (times[index] ?? 0) > 0) &&
      pass.cautionIds.some((id) => HEAT_FORBIDDING_CAUTIONS.has(id)),
  );
}
