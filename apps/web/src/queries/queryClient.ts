import { QueryClient, type QueryKey, useMutation, useQueryClient } from '@tanstack/react-query';
import { ApiProblem } from '../app/api/api';

export const queryClient = new QueryClient({
  defaultOptions: {
    // A house answers without the internet, which is all a browser knows of.
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      retry: (count, error) => !(error instanceof ApiProblem && error.status >= 400) && count < 2,
      refetchOnWindowFocus: true,
    },
  },
});

/**
 * Shows the answer to a change at once. A fetch of the same in flight may have been answered before the change: its
 * answer is not shown, and it is sent again.
 */
export async function showAnswer(client: QueryClient, queryKey: QueryKey, answer: unknown): Promise<void> {
  const fetching = client.isFetching({ queryKey, exact: true }) > 0;
  await client.cancelQueries({ queryKey, exact: true });
  client.setQueryData(queryKey, answer);
  if (fetching) void client.invalidateQueries({ queryKey, exact: true });
}

export function useSaved<Body, Answer>(send: (body: Body) => Promise<Answer>, stale: readonly string[]) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => Promise.all(stale.map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}
