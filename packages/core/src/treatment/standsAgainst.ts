import type { Knowledge } from '@feverfew/knowledge';
import type { Finding } from '../finding/finding.js';
import type { Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { assessMethod } from './assess/assessMethod.js';
import { isRelevant } from './assess/isRelevant.js';
import { openCase } from './case/openCase.js';

/**
 * What stands against a method by itself: a tenth of the time a plan takes. Empty where nothing does; null where it is
 * not made for such a trouble.
 */
export function standsAgainst(
  methodId: string,
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): readonly Finding[] | null {
  const method = indexKnowledge(knowledge).methods.get(methodId);
  const { context } = openCase(facts, household, knowledge);
  if (!method || !context || !isRelevant(method, context)) return null;
  const { eligible, candidate } = assessMethod(method, context, method.courseOnly ? 0 : undefined);
  return eligible ? [] : (candidate?.findings ?? null);
}
