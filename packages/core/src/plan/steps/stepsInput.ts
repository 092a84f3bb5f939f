import type { Method } from '@feverfew/knowledge';
import type { PlanContext } from '../context.js';
import type { WorkWindow } from '../workWindow.js';

/** What the steps of one rung are built from. */
export interface StepsInput {
  readonly method: Method;
  readonly window: WorkWindow;
  readonly context: PlanContext;
  readonly rungIndex: number;
  readonly hiddenTest: boolean;
}
