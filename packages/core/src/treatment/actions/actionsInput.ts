import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';

/** What the steps of one pass are built from. */
export interface ActionsInput {
  readonly eligible: EligibleMethod;
  readonly context: PlanContext;
  readonly inRound: InRound;
}

/** What was done in the round before the pass. */
export interface InRound {
  /** Nothing at all has been done before it, or nothing that needs no water test. */
  readonly isFirst: boolean;
  /** Something wet has. */
  readonly wetted: boolean;
  /** A solvent has. */
  readonly solvent: boolean;
  /** Wet goes of the round on what cannot be rinsed through, plain passes counted; 1 where it can. */
  readonly wetGoes: number;
}
