import type { Knowledge } from '@feverfew/knowledge';
import { NO_EVIDENCE } from '../evidence/evidence.js';
import type { Finding } from '../finding/finding.js';
import type { Household } from '../household/household.js';
import { NOTHING_BUSY } from '../household/occupancy.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { usualTaken } from '../trouble/assumeUsual.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { assessMethod } from './assess/assessMethod.js';
import { isRelevant } from './assess/isRelevant.js';
import { openCase } from './case/openCase.js';

/**
 * Findings against a method by itself: a tenth of the time of a plan. Empty if there are none; null if it is
 * not made for such a trouble.
 */
export function standsAgainst(
  methodId: string,
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): readonly Finding[] | null {
  const index = indexKnowledge(knowledge);
  const method = index.methods.get(methodId);
  const usual = usualTaken(facts, index);
  const { context } = openCase(facts, household, knowledge, NO_EVIDENCE, NOTHING_BUSY, usual);
  if (!method || !context || !isRelevant(method, context)) return null;
  const { eligible, candidate } = assessMethod(method, context, method.courseOnly ? 0 : undefined);
  return eligible ? [] : (candidate?.findings ?? null);
}
