import type { Problem } from '@feverfew/contracts';
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

/**
 * One JSON request to the server. Without a line, what may be read is answered by what this device keeps of it.
 * @throws ApiProblem
 */
export async function request<T>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
  signal?: AbortSignal,
): Promise<T> {
  const asked = { method, path, body };
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      ...(body === undefined
        ? {}
        : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
      ...(signal ? { signal } : {}),
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    const kept = await keptAnswer(asked);
    if (!kept) throw new ApiProblem(0, null);
    markConnectionLost(kept.at);
    return kept.answer as T;
  }
  setConnection({ cutSince: null, ...(response.status === SHUT_OUT ? { isShutOut: true } : {}) });
  const payload: unknown = await response.json().catch(() => null);
  if (!response.ok) throw new ApiProblem(response.status, payload as Problem | null, againAfterMs(response));
  void keepAnswer(asked, payload);
  return payload as T;
}

function againAfterMs({ headers }: Response): number | null {
  const seconds = Number(headers.get('retry-after') ?? Number.NaN);
  return Number.isFinite(seconds) && seconds >= 0 ? seconds * 1000 : null;
}

/** Not let in. */
const SHUT_OUT = 401;
