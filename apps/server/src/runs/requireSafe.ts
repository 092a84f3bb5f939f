import { checkPlan, type Household, type Plan } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { ServerError } from '../problems/serverError.js';

/**
 * A plan that is about to be started, checked again by today's knowledge and household, no matter which device made it.
 * @throws ServerError planRefused
 */
export function requireSafe(plan: Plan, household: Household, knowledge: Knowledge): void {
  if (plan.passes.some(({ passId }) => (passId ?? null) === null))
    throw new ServerError('planRefused', {
      message: 'This plan was made by an earlier version. Open the trouble: it is planned again there.',
    });
  const [violation] = checkPlan(plan, household, knowledge);
  if (violation)
    throw new ServerError('planRefused', {
      message: `By what is known today this plan would not be safe (${violation.code}). Plan it again.`,
    });
}
