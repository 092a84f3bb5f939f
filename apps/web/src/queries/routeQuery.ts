import { type ReadName, ROUTES, type RouteAnswer, type RouteInput } from '@feverfew/contracts';
import { type QueryFunction, type QueryKey, skipToken } from '@tanstack/react-query';
import { type CallArguments, send } from '../app/api/api';

/**
 * The key of an answer: the kind of data first, since a change makes that stale as a whole.
 * @example keyOf('readRun', { params: { id: 'a' } }) // ['runs', 'readRun', { params: { id: 'a' } }]
 */
export const keyOf = <Name extends ReadName>(name: Name, input?: RouteInput<Name> | null): QueryKey => [
  ROUTES[name].reads,
  name,
  ...(input === undefined ? [] : [input]),
];

/**
 * Key and function of the query that calls a reading route.
 * @param args null instead of an input asks nothing
 */
export function queryOf<Name extends ReadName>(
  name: Name,
  ...args: CallArguments<Name> | [null]
): { readonly queryKey: QueryKey; readonly queryFn: QueryFunction<RouteAnswer<Name>> | typeof skipToken } {
  const [input] = args;
  return {
    queryKey: keyOf(name, input),
    queryFn: input === null ? skipToken : ({ signal }) => send(name, input, signal),
  };
}
