import type { KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import type { FollowedPosition } from '../trouble/followedPositions.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import type { WorkMark } from '../trouble/workMarks.js';
import type { Limit } from './limit.js';
import { colourLimits } from './limits/colourLimits.js';
import { conditionLimits } from './limits/conditionLimits.js';
import { constructionLimits } from './limits/constructionLimits.js';
import { dryerLimits } from './limits/dryerLimits.js';
import { fibreLimits } from './limits/fibreLimits.js';
import { labelLimits } from './limits/labelLimits.js';
import { metalLimits } from './limits/metalLimits.js';
import { partLimits } from './limits/partLimits.js';
import { positionLimits } from './limits/positionLimits.js';
import { soilLimits } from './limits/soilLimits.js';

/** Every limit of the remaining marks, and of all marks entered, on this piece, in a fixed order of families. */
export function gatherLimits(
  facts: TroubleFacts,
  { marks, told }: { readonly marks: readonly WorkMark[]; readonly told: readonly WorkMark[] },
  positions: ReadonlyMap<string, FollowedPosition>,
  index: KnowledgeIndex,
): Limit[] {
  const item = facts.piece.itemId === null ? undefined : index.items.get(facts.piece.itemId);
  return [
    ...labelLimits(facts.piece, item?.coded ?? false),
    ...fibreLimits(facts.piece, index),
    ...partLimits(facts.piece, index),
    ...metalLimits(facts.piece),
    ...constructionLimits(facts.piece, item),
    ...colourLimits(facts.piece),
    ...conditionLimits(facts.piece),
    ...soilLimits(marks, told, facts, positions),
    ...dryerLimits(told, facts, index),
    ...positionLimits(positions, facts.piece.itemId),
  ];
}
