import type { TroubleFacts } from '@feverfew/contracts';
import { replaceEqualDeep } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { NavigationType, useLocation, useNavigationType, useSearchParams } from 'react-router';
import { ApiProblem } from '../../app/api/api';
import { draftToAddress, TOLD } from '../../facts/draftAddress';
import { draftFromAddress } from '../../facts/draftFromAddress';
import { type Draft, keepDraft } from '../../facts/factsDraft';
import { usePreview } from '../../queries/planQueries';
import { useStartAtTub } from './start/useStartAtTub';

/** The facts as they are being given, which stand in the address too, and the plan for them. */
export function useTroubleDesk(troubleId: string | undefined, start: Draft) {
  const { draft, setDraft } = useDraftInAddress(start);
  const preview = usePreview(draft.facts);
  const plan = useLastGood(preview.data);
  const action = useStartAtTub(troubleId, draft);
  const isNew = troubleId === undefined;
  useEffect(() => {
    if (isNew && isTold(draft)) keepDraft(draft);
  }, [draft, isNew]);
  const errors = useMemo(
    () => ({ ...fieldsOf(preview.error), ...fieldsOf(action.error) }),
    [preview.error, action.error],
  );
  const { reset } = action;
  const change = useCallback(
    (next: Draft) => {
      reset();
      setDraft(() => next);
    },
    [reset, setDraft],
  );
  const changeFacts = useCallback(
    (fields: Partial<TroubleFacts>) => {
      reset();
      setDraft((now) => ({ ...now, facts: { ...now.facts, ...fields } }));
    },
    [reset, setDraft],
  );
  return { draft, plan, preview, action, errors, change, changeFacts };
}

export const isTold = ({ pieceId, facts }: Draft): boolean =>
  pieceId !== null || facts.markIds.length > 0 || facts.piece.itemId !== null;

/**
 * The entered facts, mirrored into the address by replacing it, so that any other navigation (back, a
 * link, a key) is not ours and is followed. An unreadable address has no facts.
 * @param start the facts if the address has none: those of a saved trouble, or empty ones
 */
function useDraftInAddress(start: Draft) {
  const [params, setParams] = useSearchParams();
  const { key } = useLocation();
  const isOwn = useNavigationType() === NavigationType.Replace;
  const inAddress = params.get(TOLD);
  const [draft, setDraft] = useState(() => draftFromAddress(inAddress) ?? start);
  const first = useRef(true);
  const startText = draftToAddress(start);
  // biome-ignore lint/correctness/useExhaustiveDependencies: each move is looked at once
  useEffect(() => {
    if (!first.current && !isOwn) setDraft(draftFromAddress(inAddress) ?? start);
    first.current = false;
  }, [key]);
  const text = draftToAddress(draft);
  const wanted = text === startText ? null : text;
  const written = useRef(inAddress);
  useEffect(() => {
    if (wanted === written.current) return;
    const isTurn = wanted === null || written.current === null;
    written.current = wanted;
    const told = wanted === null ? {} : { [TOLD]: wanted };
    // The pages around this one depend only on whether there are facts: a typed letter renders none of them again.
    if (isTurn) setParams(told, { replace: true });
    else window.history.replaceState(window.history.state, '', `?${new URLSearchParams(told)}`);
  }, [wanted, setParams]);
  return { draft, setDraft };
}

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
