import type { Mix, NewSavedMix, TableQuestion } from '@feverfew/contracts';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useChange } from './queryClient';
import { queryOf } from './routeQuery';

/** The last answer stays on screen while the next is on its way. */
const ASKED_AS_TYPED = { placeholderData: keepPreviousData, staleTime: 60_000, retry: false } as const;

/** What the mix on the table is; null asks nothing. */
export const useJudgeMix = (mix: Mix | null) =>
  useQuery({ ...queryOf('judgeMix', mix && { body: mix }), ...ASKED_AS_TYPED });

/** One question of the table, asked once all its numbers are entered. */
export const useTableAnswer = (question: TableQuestion | null) =>
  useQuery({ ...queryOf('answerMixQuestion', question && { body: question }), ...ASKED_AS_TYPED });

export const useSavedMixes = () => useQuery(queryOf('listMixes'));

export const useKeepMix = () => useChange('createMix', (body: NewSavedMix) => ({ body }));

export const useDropMix = () => useChange('deleteMix', (id: string) => ({ params: { id } }));
