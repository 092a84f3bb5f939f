import {
  addressOf,
  ROUTES,
  type Route,
  type RouteAnswer,
  type RouteInput,
  type RouteName,
} from '@feverfew/contracts';
import { clear, createStore, delMany, entries, get, keys, set, type UseStore } from 'idb-keyval';

/**
 * The last answers of the server, kept on this device: plan, runs and look-up can be read without a
 * connection. Only what was asked is kept, and of that the newest.
 */
interface Kept {
  readonly at: number;
  readonly answer: unknown;
}

/** A plan is some 100 kB: this is a few MB at most. */
const MOST = 60;
/** Forgetting is looked to once in so many answers. */
const TIDY_EVERY = 20;

let store: UseStore | null = null;
const kept = (): UseStore => {
  if (store) return store;
  // Answers of an earlier version have other names in them.
  globalThis.indexedDB?.deleteDatabase('feverfew-kept');
  store = createStore('feverfew-kept-9', 'answers');
  return store;
};

/** Under which name an answer is kept; null where answers of the route are not. */
function nameOf<Name extends RouteName>(name: Name, input: RouteInput<Name> | undefined): string | null {
  const route: Route = ROUTES[name];
  if (!route.isKept) return null;
  const line = `${route.method} ${addressOf(name, input?.params).slice('/api'.length)}`;
  return input?.body === undefined ? line : `${line} ${JSON.stringify(input.body)}`;
}

let answers = 0;

/** Keeps an answer. A device without room, or without storage, does without. */
export async function keepAnswer<Name extends RouteName>(
  name: Name,
  input: RouteInput<Name> | undefined,
  answer: RouteAnswer<Name>,
): Promise<void> {
  const keptAs = nameOf(name, input);
  if (keptAs === null) return;
  try {
    await set(keptAs, { at: Date.now(), answer } satisfies Kept, kept());
    answers += 1;
    if (answers % TIDY_EVERY === 0) await tidy();
  } catch {
    // Without storage, the page needs a connection.
  }
}

/** @returns undefined where nothing is kept for it */
export async function keptAnswer<Name extends RouteName>(
  name: Name,
  input?: RouteInput<Name>,
): Promise<{ at: number; answer: RouteAnswer<Name> } | undefined> {
  const keptAs = nameOf(name, input);
  if (keptAs === null) return undefined;
  try {
    const found = await get<Kept>(keptAs, kept());
    return found && { at: found.at, answer: asOfNow(found) as RouteAnswer<Name> };
  } catch {
    return undefined;
  }
}

/**
 * A device that is not let in any more keeps nothing of the house.
 * @returns whether there was anything
 */
export async function forgetAnswers(): Promise<boolean> {
  try {
    const hadAny = (await keys(kept())).length > 0;
    await clear(kept());
    return hadAny;
  } catch {
    return false;
  }
}

/** The clock of the house has gone on since it said what time it is. */
function asOfNow({ at, answer }: Kept): unknown {
  const now = (answer as { now?: unknown } | null)?.now;
  if (typeof now !== 'string') return answer;
  return { ...(answer as object), now: new Date(Date.parse(now) + Date.now() - at).toISOString() };
}

async function tidy(): Promise<void> {
  const all = (await entries<string, Kept>(kept())).sort(([, a], [, b]) => b.at - a.at);
  const old = all.slice(MOST).map(([name]) => name);
  if (old.length > 0) await delMany(old, kept());
}
