import type { Knowledge } from '@feverfew/knowledge';
import { ageBandOf, type UseCase } from '../evidence/evidence.js';
import { fibreFamilyOf } from '../evidence/fibreFamilyOf.js';
import { mainComponentOf } from '../evidence/mainComponentOf.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { replayTrial } from './replayTrial.js';
import type { TrialEvent, TrialSetup } from './trial.js';

/**
 * A finished trial as lines of the log, one per arm; none while it is under way, or with several troubles on the
 * piece.
 */
export function usesOfTrial(
  trialId: string,
  setup: TrialSetup,
  events: readonly TrialEvent[],
  facts: TroubleFacts,
  knowledge: Knowledge,
): UseCase[] {
  const replayed = replayTrial(setup, events);
  const [markId] = facts.markIds;
  const componentId = markId === undefined ? null : mainComponentOf(markId, knowledge);
  if (!replayed.ok || replayed.state.phase !== 'told' || facts.markIds.length !== 1) return [];
  if (markId === undefined || componentId === null) return [];
  return setup.arms.flatMap(({ methodId }, arm): UseCase[] => {
    const leftPct = replayed.state.leftPct[arm];
    if (leftPct === null || leftPct === undefined) return [];
    return [
      {
        id: `${trialId}:${arm}`,
        at: events.at(-1)?.at ?? '',
        methodId,
        markId,
        componentId,
        fibres: fibreFamilyOf(facts, knowledge),
        age: ageBandOf(facts.age),
        rounds: 1,
        leftPct,
        minutes: setup.dwellMin,
      },
    ];
  });
}
