import type { AskClashes, ChangeCourse, NewPhoto, StartTrouble } from '@feverfew/contracts';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useAnswered, useChange } from './queryClient';
import { keyOf, queryOf } from './routeQuery';

/** @param id null asks nothing */
export const useRun = (id: string | null) =>
  useQuery({
    ...queryOf('readRun', id === null ? null : { params: { id } }),
    refetchInterval: 60_000,
    refetchIntervalInBackground: true,
  });

export const useStart = () => useChange('startTrouble', (body: StartTrouble) => ({ body }));

/** What else would need the same vessel or machine if this pass started now; null asks nothing. */
export const useClashes = (asked: AskClashes | null) =>
  useQuery({ ...queryOf('findClashes', asked && { body: asked }), placeholderData: keepPreviousData });

/** The alternatives to the current step, which depend on the state of the run. */
export const useOtherCourse = (runId: string, planId: string) => {
  const query = queryOf('findRunAlternatives', { params: { id: runId } });
  return useQuery({ ...query, queryKey: [...query.queryKey, planId], gcTime: 0 });
};

export const useChangeCourse = (id: string) =>
  useAnswered('updateRunCourse', (body: ChangeCourse) => ({ params: { id }, body }), runKey(id));

export const useKeepPhoto = (id: string) =>
  useAnswered('addRunPhoto', (body: NewPhoto) => ({ params: { id }, body }), runKey(id));

const runKey = (id: string) => keyOf('readRun', { params: { id } });
