import {
  type ChangeName,
  type ChangeNews,
  ROUTES,
  type RouteInput,
  type RouteName,
} from '@feverfew/contracts';
import { QueryClient, type QueryKey, useMutation, useQueryClient } from '@tanstack/react-query';
import { ApiProblem, send } from '../app/api/api';
import { staleAfter } from './staleAfter';

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

/** A change of several steps. What depends on the topics is fetched again after it. */
export function useSaved<Given, Answer>(
  save: (given: Given) => Promise<Answer>,
  topics: readonly ChangeNews['topic'][],
) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: save,
    onSuccess: () =>
      Promise.all(staleAfter(topics).map((resource) => client.invalidateQueries({ queryKey: [resource] }))),
  });
}

/**
 * A change through one route. What the route makes stale is fetched again after it.
 * @param inputOf from what the page gives to what is sent
 */
export const useChange = <Name extends ChangeName, Given>(
  name: Name,
  inputOf: (given: Given) => RouteInput<Name>,
) => useSaved((given: Given) => send(name, inputOf(given)), ROUTES[name].changes);

/** The same; the answer is shown at once where it was read before. */
export function useAnswered<Name extends RouteName, Given>(
  name: Name,
  inputOf: (given: Given) => RouteInput<Name>,
  shownAs: QueryKey,
) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (given: Given) => send(name, inputOf(given)),
    onSuccess: (answer) => showAnswer(client, shownAs, answer),
  });
}
