import type { AtOnce, OpenAnswer, Question } from '@feverfew/contracts';
import { useCallback, useState } from 'react';
import { type Draft, withItem } from '../../../facts/factsDraft';
import { useCatalogue } from '../../../queries/catalogueQueries';
import { useFirstThings } from '../../../queries/planQueries';

/** Asked of one trouble at most, whatever an answer opens. */
const MAX_ASKED = 2;
const NONE: readonly Question[] = [];

/**
 * First advice while few facts are known, and the questions that would change it most. At most two are asked for one
 * trouble, none of them twice. `first` is null when nothing is asked any more: the plan then says what is done at once.
 * `isLoading` while it is open whether there is a question.
 */
export function useFirstQuestions(draft: Draft, isAsking: boolean, change: (draft: Draft) => void) {
  const catalogue = useCatalogue().data;
  const trouble = draft.facts.markIds.join();
  const [asked, setAsked] = useState({ trouble, facts: [] as readonly string[] });
  const facts = asked.trouble === trouble ? asked.facts : [];
  const left = MAX_ASKED - facts.length;
  const { data: things, isLoading } = useFirstThings(draft.facts, isAsking && left > 0);
  const open =
    isAsking && left > 0 ? (things?.questions ?? NONE).filter(({ fact }) => !facts.includes(fact)) : NONE;
  const questions = open.slice(0, left);
  const answer = useCallback(
    (fact: Question['fact'], given: OpenAnswer | null) => {
      setAsked({ trouble, facts: [...facts, fact] });
      if (!given) return;
      const { piece, ...told } = given.told;
      const item = catalogue?.items.find(({ id }) => id === piece?.itemId);
      const placed = item ? withItem(draft, item) : draft;
      change({
        ...placed,
        facts: { ...placed.facts, ...told, piece: { ...placed.facts.piece, ...(item ? {} : piece) } },
      });
    },
    [trouble, facts, draft, catalogue, change],
  );
  const first: AtOnce | null = questions.length > 0 ? (things?.atOnce ?? null) : null;
  return { first, questions, answer, isLoading };
}
