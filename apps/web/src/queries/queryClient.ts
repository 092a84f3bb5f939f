import { QueryClient, useMutation, useQueryClient } from '@tanstack/react-query';
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

export function useSaved<Body, Answer>(send: (body: Body) => Promise<Answer>, stale: readonly string[]) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => Promise.all(stale.map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}
