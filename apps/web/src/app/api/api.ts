import {
  addressOf,
  type Problem,
  ROUTES,
  type RouteAnswer,
  type RouteInput,
  type RouteName,
} from '@feverfew/contracts';
import { markConnectionLost, setConnection } from '../offline/connection';
import { keepAnswer, keptAnswer } from '../offline/keptAnswers';

/** A failed request, with the server's problem details where it sent any. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem | null,
    /** When the server asks to be asked again, ms from its answer; null where it says nothing of it. */
    readonly againAfterMs: number | null = null,
  ) {
    super(problem?.detail ?? 'The server did not answer. Is it still running?');
  }

  /** Messages by field path. */
  get fields(): Readonly<Record<string, string>> {
    return Object.fromEntries((this.problem?.errors ?? []).map((error) => [error.path, error.message]));
  }
}

/** The input may be left out where the route takes nothing. */
export type CallArguments<Name extends RouteName> =
  object extends RouteInput<Name> ? [input?: RouteInput<Name>] : [input: RouteInput<Name>];

/**
 * Calls a route of the server. While the server cannot be reached, some reading routes are answered from what this
 * device has kept.
 * @throws ApiProblem
 * @example const piece = await call('updatePiece', { params: { id }, body });
 */
export const call = <Name extends RouteName>(
  name: Name,
  ...[input]: CallArguments<Name>
): Promise<RouteAnswer<Name>> => send(name, input);

/** The same, where a signal may end the request early. */
export async function send<Name extends RouteName>(
  name: Name,
  input: RouteInput<Name> | undefined,
  signal?: AbortSignal,
): Promise<RouteAnswer<Name>> {
  const { params, body, query } = input ?? {};
  let response: Response;
  try {
    response = await fetch(
      `${addressOf(name, params)}${query ? `?${new URLSearchParams({ ...query })}` : ''}`,
      {
        method: ROUTES[name].method,
        ...(body === undefined
          ? {}
          : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
        ...(signal ? { signal } : {}),
      },
    );
  } catch (error) {
    if (signal?.aborted) throw error;
    const kept = await keptAnswer(name, input);
    if (!kept) throw new ApiProblem(0, null);
    markConnectionLost(kept.at);
    return kept.answer;
  }
  setConnection({ cutSince: null, ...(response.status === SHUT_OUT ? { isShutOut: true } : {}) });
  const payload: unknown = await response.json().catch(() => null);
  if (!response.ok) throw new ApiProblem(response.status, payload as Problem | null, againAfterMs(response));
  // The server holds its answers to the shapes of the routes.
  const answer = payload as RouteAnswer<Name>;
  void keepAnswer(name, input, answer);
  return answer;
}

function againAfterMs({ headers }: Response): number | null {
  const seconds = Number(headers.get('retry-after') ?? Number.NaN);
  return Number.isFinite(seconds) && seconds >= 0 ? seconds * 1000 : null;
}

/** Not let in. */
const SHUT_OUT = 401;
