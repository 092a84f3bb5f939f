import { useCallback } from 'react';
import { useNavigate } from 'react-router';
import { ApiProblem } from '../../app/api';
import { type Draft, dropDraft } from '../../facts/factsDraft';
import { useStartRun } from '../../queries/runQueries';
import { useKeepTrouble } from '../../queries/troubleQueries';

/** Keeps the trouble with its plan, starts the run and goes to the tub. */
export function useStartAtTub(troubleId: string | undefined, draft: Draft) {
  const navigate = useNavigate();
  const keep = useKeepTrouble(troubleId);
  const startRun = useStartRun();
  const { reset: resetKeep } = keep;
  const { reset: resetStart } = startRun;
  const reset = useCallback(() => {
    resetKeep();
    resetStart();
  }, [resetKeep, resetStart]);
  const start = async (rungIndex: number) => {
    try {
      const trouble = await keep.mutateAsync({ pieceId: draft.pieceId, facts: draft.facts } as Parameters<
        typeof keep.mutateAsync
      >[0]);
      const run = await startRun.mutateAsync({
        key: crypto.randomUUID(),
        planId: trouble.planId,
        rungIndex,
      });
      dropDraft();
      await navigate(`/runs/${run.id}`);
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
    }
  };
  return {
    start: (rungIndex: number) => void start(rungIndex),
    isPending: keep.isPending || startRun.isPending,
    error: keep.error ?? startRun.error,
    reset,
  };
}
