import { useMutation, useQueryClient } from '@tanstack/react-query';
import { request } from '../app/api/api';

/** The clock of the server is right: all data is fetched again. */
export function useClockIsRight() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => request<null>('POST', '/clock/is-right'),
    onSuccess: () => client.invalidateQueries(),
  });
}
