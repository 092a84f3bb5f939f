import { useMutation, useQueryClient } from '@tanstack/react-query';
import { request } from '../app/api';

/** The clock of the server is right as it is now: all that was fetched is fetched anew. */
export function useClockIsRight() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => request<null>('POST', '/clock/is-right'),
    onSuccess: () => client.invalidateQueries(),
  });
}
