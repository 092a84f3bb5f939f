import type { Knowledge } from '@feverfew/knowledge';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';

/** Component that makes up most of a mark. @returns null for an unknown mark */
export function mainComponentOf(markId: string, knowledge: Knowledge): string | null {
  const components = indexKnowledge(knowledge).marks.get(markId)?.components ?? [];
  return (
    components.reduce<(typeof components)[number] | null>(
      (most, part) => (most && most.weight >= part.weight ? most : part),
      null,
    )?.componentId ?? null
  );
}
