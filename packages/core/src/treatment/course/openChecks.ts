import type { CoursePass, NamedCheck } from '@feverfew/knowledge';
import type { EligibleMethod } from '../assess/assessMethod.js';
import { openConditions } from '../case/circumstances.js';
import type { PlanContext } from '../case/planContext.js';

/** What a person must look at before a pass, because the facts leave it open. @param before what was done before it */
export function openChecks(
  words: CoursePass | null,
  before: readonly EligibleMethod[],
  context: PlanContext,
): NamedCheck[] {
  if (!words) return [];
  const done = {
    agents: before.flatMap(({ appliedAgents }) => appliedAgents),
    wetted: before.some(({ method }) => method.wetting !== 'dry'),
  };
  return openConditions(words.when, context, done).flatMap(
    ({ checkId }) => context.index.checks.get(checkId) ?? [],
  );
}
