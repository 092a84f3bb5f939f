import type { NewTrial, NewTrialEvent, TrialView } from '@feverfew/contracts';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from '../app/api/api';
import { showAnswer, useSaved } from './queryClient';

export const useTrial = (id: string) =>
  useQuery({
    queryKey: ['trials', id],
    queryFn: ({ signal }) => request<TrialView>('GET', `/trials/${id}`, undefined, signal),
    refetchInterval: 60_000,
  });

export const useStartTrial = () =>
  useSaved((body: NewTrial) => request<TrialView>('POST', '/trials', body), ['today', 'trials']);

export function useSayToTrial(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: NewTrialEvent) => request<TrialView>('POST', `/trials/${id}/events`, body),
    onSuccess: async (trial) => {
      await showAnswer(client, ['trials', id], trial);
      void client.invalidateQueries({ queryKey: ['today'] });
    },
    onError: () => client.invalidateQueries({ queryKey: ['trials', id] }),
  });
}
