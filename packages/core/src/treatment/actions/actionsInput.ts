import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';

/** What the steps of one pass are built from. */
export interface ActionsInput {
  readonly eligible: EligibleMethod;
  readonly context: PlanContext;
  readonly passIndex: number;
  /** The pass is one of a round: what was done before it there. null = it stands by itself, with its own wash. */
  readonly inRound: InRound | null;
}

export interface InRound {
  /** Nothing at all has been done before it, or nothing that needs no water test. */
  readonly isFirst: boolean;
  /** Something wet has. */
  readonly wetted: boolean;
  /** A solvent has. */
  readonly solvent: boolean;
}
