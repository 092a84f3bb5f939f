import type { Knowledge } from '@feverfew/knowledge';
import { type Dwells, middleOf } from '../evidence/evidence.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { Pass } from '../treatment/plan/pass.js';

/** How long a round of it works in this plan, and usually. */
export function dwellsOfPass({ methodId, actions }: Pass, knowledge: Knowledge): Dwells | null {
  const method = indexKnowledge(knowledge).methods.get(methodId);
  const dwell = actions.find((step) => step.dwell)?.dwell;
  if (!method || method.inMachine || !dwell) return null;
  return { here: middleOf({ min: dwell.minMin, max: dwell.maxMin }), usual: middleOf(method.dwellMin) };
}
