import type { Plan, TroubleFacts } from '@feverfew/contracts';
import { replaceEqualDeep } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { ApiProblem } from '../../app/api';
import { type Draft, dropDraft, EMPTY_DRAFT, keepDraft } from '../../facts/factsDraft';
import { usePreview } from '../../queries/planQueries';
import { useStartAtTub } from './useStartAtTub';

/** The facts as they are being given, the plan for them, and which pass of it is chosen. */
export function useTroubleDesk(troubleId: string | undefined, start: Draft) {
  const [draft, setDraft] = useState(start);
  const [picked, setChosen] = useState<number | null>(null);
  const preview = usePreview(draft.facts);
  const plan = useLastGood(preview.data);
  const chosen = chosenPass(plan, picked);
  const action = useStartAtTub(troubleId, draft);
  useEffect(() => {
    if (!troubleId) keepDraft(draft);
  }, [draft, troubleId]);
  const errors = useMemo(
    () => ({ ...fieldsOf(preview.error), ...fieldsOf(action.error) }),
    [preview.error, action.error],
  );
  const { reset } = action;
  const change = useCallback(
    (next: Draft) => {
      reset();
      setDraft(next);
    },
    [reset],
  );

  const changeFacts = useCallback(
    (fields: Partial<TroubleFacts>) => {
      reset();
      setDraft((now) => ({ ...now, facts: { ...now.facts, ...fields } }));
    },
    [reset],
  );
  const clear = () => {
    dropDraft();
    change(EMPTY_DRAFT);
    setChosen(null);
  };
  return { draft, plan, chosen, choose: setChosen, preview, action, errors, change, changeFacts, clear };
}

/** The step picked, else the first: what must be bought for it is said beside it. */
const chosenPass = (plan: Plan | undefined, picked: number | null): number =>
  Math.min(picked ?? 0, Math.max(0, (plan?.ladder.length ?? 0) - 1));

/** A plan that cannot be made just now leaves the last one standing, dimmed. */
function useLastGood<T>(value: T | undefined): T | undefined {
  const [kept, setKept] = useState(value);
  // What did not change keeps its identity, so that only the panels that did change are drawn again.
  const next = value === undefined ? kept : replaceEqualDeep(kept, value);
  if (next !== kept) setKept(next);
  return next;
}

const fieldsOf = (error: Error | null): Readonly<Record<string, string>> =>
  error instanceof ApiProblem ? error.fields : {};
