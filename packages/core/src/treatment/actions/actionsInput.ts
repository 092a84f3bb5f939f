import type { Fit } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';

/** What the steps of one rung are built from. */
export interface StepsInput {
  readonly fit: Fit;
  readonly context: PlanContext;
  readonly rungIndex: number;
}
