import type { PlanContext } from '../context.js';
import type { Fit } from '../weigh.js';

/** What the steps of one rung are built from. */
export interface StepsInput {
  readonly fit: Fit;
  readonly context: PlanContext;
  readonly rungIndex: number;
}
