import type { Knowledge } from '@feverfew/knowledge';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import type { FibreFamily } from './evidence.js';

/** Group of the fibre that makes up most of the part the trouble is on. */
export function fibreFamilyOf(
  { piece, partIndex }: Pick<TroubleFacts, 'piece' | 'partIndex'>,
  knowledge: Knowledge,
): FibreFamily {
  const fibres = (piece.parts[partIndex] ?? piece.parts[0])?.fibres ?? [];
  const main = [...fibres].sort((a, b) => b.sharePct - a.sharePct)[0];
  return (main && indexKnowledge(knowledge).fibres.get(main.fibreId)?.group) ?? 'unknown';
}
