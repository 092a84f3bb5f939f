import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';

/** What the steps of one rung are built from. */
export interface ActionsInput {
  readonly fit: EligibleMethod;
  readonly context: PlanContext;
  readonly rungIndex: number;
}
