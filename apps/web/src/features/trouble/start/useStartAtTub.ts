import type { StartTrouble } from '@feverfew/contracts';
import { useNavigate } from 'react-router';
import { ApiProblem } from '../../../app/api/api';
import { type Draft, dropDraft } from '../../../facts/factsDraft';
import { useStart } from '../../../queries/runQueries';
import { dropStartKey, startKeyFor } from './startKey';

/** Keeps the trouble, plans it and begins in one request, then goes to the tub. */
export function useStartAtTub(troubleId: string | undefined, draft: Draft) {
  const navigate = useNavigate();
  const begin = useStart();
  const start = async (passIndex: number) => {
    const what = { troubleId: troubleId ?? null, pieceId: draft.pieceId, facts: draft.facts, passIndex };
    try {
      const run = await begin.mutateAsync({ key: startKeyFor(what), ...what } as StartTrouble);
      dropDraft();
      dropStartKey();
      // Back leads to the trouble that now has a run, not to facts that could start a second one.
      window.history.replaceState(window.history.state, '', `/trouble/${run.troubleId}`);
      await navigate(`/runs/${run.id}`);
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
    }
  };
  return {
    start: (passIndex: number) => void start(passIndex),
    isPending: begin.isPending,
    error: begin.error,
    reset: begin.reset,
  };
}
