import type { Knowledge } from '@feverfew/knowledge';
import { ageBandOf, type FibreFamily, type UseCase } from '../evidence/evidence.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { RunState } from '../run/runState.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';

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

/** Group of the fibre that makes up most of the part the trouble is on. */
export function fibreFamilyOf(
  { piece, partIndex }: Pick<TroubleFacts, 'piece' | 'partIndex'>,
  knowledge: Knowledge,
): FibreFamily {
  const fibres = (piece.parts[partIndex] ?? piece.parts[0])?.fibres ?? [];
  const main = [...fibres].sort((a, b) => b.sharePct - a.sharePct)[0];
  return (main && indexKnowledge(knowledge).fibres.get(main.fibreId)?.group) ?? 'unknown';
}

/**
 * Lines of the log that a run gives: one per rung worked on and told mark, from the level before it to its last look.
 * Rounds nobody graded say nothing and are left out; so is a rung that went wrong, which is no measure of its effect.
 * @param methodIds methods of the plan's rungs, in order
 */
export function usesOf(
  runId: string,
  facts: TroubleFacts,
  methodIds: readonly string[],
  { looks, rungIndex }: Pick<RunState, 'looks' | 'rungIndex'>,
  knowledge: Knowledge,
): UseCase[] {
  // Of several troubles on one piece nobody can tell which one a level is of.
  const [markId] = facts.markIds;
  if (facts.markIds.length !== 1 || markId === undefined) return [];
  const componentId = mainComponentOf(markId, knowledge);
  if (componentId === null) return [];
  const rungs = [...new Set([...looks.map((look) => look.rungIndex), rungIndex])];
  let before = 100;
  return rungs.flatMap((index): UseCase[] => {
    const here = looks.filter((look) => look.rungIndex === index);
    const graded = here.filter((look) => look.leftPct !== null);
    const last = graded.at(-1);
    const methodId = methodIds[index];
    const from = before;
    if (last?.leftPct !== null && last?.leftPct !== undefined) before = last.leftPct;
    if (!last || last.leftPct === null || methodId === undefined || from <= 0) return [];
    if (here.some((look) => look.answer === 'wrong')) return [];
    return [
      {
        id: `${runId}:${index}`,
        at: last.at,
        methodId,
        markId,
        componentId,
        fibres: fibreFamilyOf(facts, knowledge),
        age: ageBandOf(facts.age),
        rounds: new Set(graded.map((look) => look.round)).size,
        leftPct: Math.min(100, Math.round((100 * last.leftPct) / from)),
      },
    ];
  });
}
