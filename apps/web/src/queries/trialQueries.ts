import type { NewTrial, NewTrialEvent } from '@feverfew/contracts';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../app/api/api';
import { showAnswer, useChange } from './queryClient';
import { keyOf, queryOf } from './routeQuery';

export const useTrial = (id: string) =>
  useQuery({ ...queryOf('readTrial', { params: { id } }), refetchInterval: 60_000 });

export const useStartTrial = () => useChange('startTrial', (body: NewTrial) => ({ body }));

export function useSayToTrial(id: string) {
  const client = useQueryClient();
  const queryKey = keyOf('readTrial', { params: { id } });
  return useMutation({
    mutationFn: (body: NewTrialEvent) => call('addTrialEvent', { params: { id }, body }),
    onSuccess: async (trial) => {
      await showAnswer(client, queryKey, trial);
      void client.invalidateQueries({ queryKey: keyOf('readToday') });
    },
    onError: () => client.invalidateQueries({ queryKey }),
  });
}
