import type { Knowledge } from '@feverfew/knowledge';
import type { Limit } from './limit.js';
import { colourLimits } from './limits/colourLimits.js';
import { conditionLimits } from './limits/conditionLimits.js';
import { constructionLimits } from './limits/constructionLimits.js';
import { fibreLimits } from './limits/fibreLimits.js';
import { labelLimits } from './limits/labelLimits.js';
import { soilLimits } from './limits/soilLimits.js';
import type { TroubleFacts } from './troubleFacts.js';

/** Every limit that applies to this trouble on this piece, in a fixed order of families. */
export function gatherLimits(facts: TroubleFacts, knowledge: Knowledge): Limit[] {
  const item = knowledge.items.find((candidate) => candidate.id === facts.piece.itemId);
  const mark = knowledge.marks.find((candidate) => candidate.id === facts.markId);
  return [
    ...labelLimits(facts.piece, item?.coded ?? false),
    ...fibreLimits(facts.piece, knowledge),
    ...constructionLimits(facts.piece, item),
    ...colourLimits(facts.piece),
    ...conditionLimits(facts.piece),
    ...soilLimits(mark, knowledge),
  ];
}
