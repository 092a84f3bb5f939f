import type { AskClashes, Clash, NewPhoto, RunView, StartTrouble } from '@feverfew/contracts';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from '../app/api';
import { useSaved } from './queryClient';

export const useRun = (id: string) =>
  useQuery({
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

/** What else would want the same vessel or the machine, were this pass begun now. */
export const useClashes = (asked: AskClashes | null) =>
  useQuery({
    queryKey: ['clashes', asked],
    queryFn: ({ signal }) => request<Clash[]>('POST', '/runs/clashes', asked, signal),
    enabled: asked !== null,
    placeholderData: keepPreviousData,
  });

export function useKeepPhoto(runId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: NewPhoto) => request<RunView>('POST', `/runs/${runId}/photos`, body),
    onSuccess: (run) => client.setQueryData(['runs', runId], run),
  });
}
