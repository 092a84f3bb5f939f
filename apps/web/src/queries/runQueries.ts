import type {
  AskClashes,
  ChangeCourse,
  Clash,
  NewPhoto,
  OtherCourseView,
  RunView,
  StartTrouble,
} from '@feverfew/contracts';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from '../app/api/api';
import { showAnswer, useSaved } from './queryClient';

/** @param id null asks nothing */
export const useRun = (id: string | null) =>
  useQuery({
    enabled: id !== null,
    queryKey: ['runs', id],
    queryFn: ({ signal }) => request<RunView>('GET', `/runs/${id}`, undefined, signal),
    refetchInterval: 60_000,
    refetchIntervalInBackground: true,
  });

export const useStart = () =>
  useSaved(
    (body: StartTrouble) => request<RunView>('POST', '/troubles/start', body),
    ['today', 'pieces', 'troubles'],
  );

/** What else would need the same vessel or machine if this pass started now. */
export const useClashes = (asked: AskClashes | null) =>
  useQuery({
    queryKey: ['clashes', asked],
    queryFn: ({ signal }) => request<Clash[]>('POST', '/runs/clashes', asked, signal),
    enabled: asked !== null,
    placeholderData: keepPreviousData,
  });

/** The alternatives to the current step. */
export const useOtherCourse = (runId: string, planId: string) =>
  useQuery({
    queryKey: ['runs', runId, 'course', planId],
    queryFn: ({ signal }) => request<OtherCourseView>('GET', `/runs/${runId}/course`, undefined, signal),
    // The alternatives depend on the state of the run.
    gcTime: 0,
  });

export function useChangeCourse(runId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: ChangeCourse) => request<RunView>('PUT', `/runs/${runId}/course`, body),
    onSuccess: (run) => showAnswer(client, ['runs', runId], run),
  });
}

export function useKeepPhoto(runId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: NewPhoto) => request<RunView>('POST', `/runs/${runId}/photos`, body),
    onSuccess: (run) => showAnswer(client, ['runs', runId], run),
  });
}
