import type { PlanContext } from '../case/planContext.js';
import { assessMethod, type EligibleMethod, type MethodAssessment } from './assessMethod.js';
import { isRelevant } from './isRelevant.js';

const known = new WeakMap<PlanContext, readonly MethodAssessment[]>();

/** Every method made for such a trouble that stands by itself, judged once a plan; the steps of courses are not among them. */
export function assessRelevant(context: PlanContext): readonly MethodAssessment[] {
  const before = known.get(context);
  if (before) return before;
  const made = context.knowledge.methods
    .filter((method) => !method.courseOnly && isRelevant(method, context))
    .map((method) => assessMethod(method, context));
  known.set(context, made);
  return made;
}

export const eligibleHere = (context: PlanContext): EligibleMethod[] =>
  assessRelevant(context).flatMap(({ eligible }) => eligible ?? []);
