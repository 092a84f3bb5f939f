import { HEAT_FORBIDDING_CAUTIONS } from '@feverfew/knowledge';
import type { Plan } from '../treatment/plan/plan.js';
import type { RunState } from './runState.js';

/** True where heat before it is gone could hurt somebody, and not the piece alone: judged by the passes worked on. */
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
