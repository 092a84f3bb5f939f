import { selectLadder } from '../arrange/selectLadder.js';
import { assessMethod, type EligibleMethod } from '../assess/assessMethod.js';
import { isRelevant } from '../assess/isRelevant.js';
import type { PlanContext } from '../case/planContext.js';
import { rankOf } from './phaseOf.js';
import { withoutWash } from './steps.js';

/** Most passes of a round that no course lays out. */
const MOST = 3;

/**
 * Where no course is left: what moves the soil and may be done here, arranged by kind of work. Not common practice,
 * and said so.
 * @param dryOnly nothing that wets the piece
 */
export function workedOut(context: PlanContext, dryOnly: boolean): EligibleMethod[] {
  const { chosen } = selectLadder(
    context.knowledge.methods
      .filter((method) => !method.courseOnly && (!dryOnly || method.wetting === 'dry'))
      .filter((method) => isRelevant(method, context))
      .flatMap((method) => assessMethod(withoutWash(method), context).eligible ?? []),
    context,
  );
  return [...chosen]
    .sort((a, b) => b.book.high - a.book.high)
    .slice(0, MOST)
    .sort((a, b) => rankOf(a, false, context) - rankOf(b, false, context));
}
