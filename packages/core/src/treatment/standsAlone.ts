import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { assessMethod } from './assess/assessMethod.js';
import { isRelevant } from './assess/isRelevant.js';
import { openCase } from './case/openCase.js';

/** Made for such a trouble, and nothing stands against it by itself: a tenth of the time a plan takes. */
export function standsAlone(
  methodId: string,
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): boolean {
  const method = indexKnowledge(knowledge).methods.get(methodId);
  const { context } = openCase(facts, household, knowledge);
  if (!method || !context || !isRelevant(method, context)) return false;
  return assessMethod(method, context, method.courseOnly ? 0 : undefined).eligible !== null;
}
