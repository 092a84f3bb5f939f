import { useMutation, useQueryClient } from '@tanstack/react-query';
import { request } from '../app/api/api';

/** Loads the demo into an empty house, or empties the demo house. All data is fetched again. */
function useMadeUp(method: 'POST' | 'DELETE') {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => request<null>(method, '/made-up-house'),
    onSuccess: () => client.invalidateQueries(),
  });
}

export const useFurnish = () => useMadeUp('POST');
export const useLeaveMadeUp = () => useMadeUp('DELETE');
