import type { Mix, MixVerdict, NewSavedMix, SavedMix, TableAnswer, TableQuestion } from '@feverfew/contracts';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { request } from '../app/api/api';
import { useSaved } from './queryClient';

/** What the mix on the table is; the last answer stays on screen while the next is on its way. */
export const useJudgeMix = (mix: Mix | null) =>
  useQuery({
    queryKey: ['mix', mix],
    queryFn: ({ signal }) => request<MixVerdict>('POST', '/mixes/judge', mix, signal),
    enabled: mix !== null,
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    retry: false,
  });

/** One question of the table, asked once all its numbers are entered. */
export const useTableAnswer = (question: TableQuestion | null) =>
  useQuery({
    queryKey: ['tableAnswer', question],
    queryFn: ({ signal }) => request<TableAnswer>('POST', '/mixes/answer', question, signal),
    enabled: question !== null,
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    retry: false,
  });

export const useSavedMixes = () =>
  useQuery({
    queryKey: ['savedMixes'],
    queryFn: ({ signal }) => request<SavedMix[]>('GET', '/mixes', undefined, signal),
  });

export const useKeepMix = () =>
  useSaved((body: NewSavedMix) => request<SavedMix>('POST', '/mixes', body), ['savedMixes']);

export const useDropMix = () =>
  useSaved((id: string) => request<null>('DELETE', `/mixes/${id}`), ['savedMixes']);
