import { useMutation, useQueryClient } from '@tanstack/react-query';
import { request } from '../app/api';

/** Furnishes an empty house with what ships, or empties the furnished one; all that was fetched is fetched anew. */
function useMadeUp(method: 'POST' | 'DELETE') {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => request<null>(method, '/made-up-house'),
    onSuccess: () => client.invalidateQueries(),
  });
}

export const useFurnish = () => useMadeUp('POST');
export const useLeaveMadeUp = () => useMadeUp('DELETE');
