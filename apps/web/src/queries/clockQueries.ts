import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from '../app/api/api';

/** The clock of the server is right: all data is fetched again. */
export function useConfirmClock() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call('confirmClock'),
    onSuccess: () => client.invalidateQueries(),
  });
}
