import type { Knowledge } from '@feverfew/knowledge';
import { ageBandOf, type UseCase } from '../evidence/evidence.js';
import { fibreFamilyOf } from '../evidence/fibreFamilyOf.js';
import { mainComponentOf } from '../evidence/mainComponentOf.js';
import type { RunState } from '../run/runState.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';

/**
 * Lines of the log that a run gives: one per pass worked on and told mark, from the level before it to its last look.
 * Rounds nobody graded say nothing and are left out; so is a pass that went wrong, which is no measure of its effect.
 * @param methodIds methods of the plan's passes, in order
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
