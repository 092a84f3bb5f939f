import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';

/** What the steps of one pass are built from. */
export interface ActionsInput {
  readonly eligible: EligibleMethod;
  readonly context: PlanContext;
  readonly passIndex: number;
}
