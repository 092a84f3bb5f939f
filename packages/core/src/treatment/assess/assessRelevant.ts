import { oncePerPlan } from '../case/oncePerPlan.js';
import type { PlanContext } from '../case/planContext.js';
import { assessMethod, type EligibleMethod, type MethodAssessment } from './assessMethod.js';
import { isRelevant } from './isRelevant.js';

/** Every method made for such a trouble, judged once per plan; the steps of courses are not among them. */
export const assessRelevant = oncePerPlan((context: PlanContext): readonly MethodAssessment[] =>
  context.knowledge.methods
    .filter((method) => !method.courseOnly && isRelevant(method, context))
    .map((method) => assessMethod(method, context)),
);

export const eligibleHere = (context: PlanContext): EligibleMethod[] =>
  assessRelevant(context).flatMap(({ eligible }) => eligible ?? []);
