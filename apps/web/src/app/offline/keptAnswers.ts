import { clear, createStore, delMany, entries, get, keys, set, type UseStore } from 'idb-keyval';

/**
 * What the house answered last, kept on this device, so that the plan in hand, what runs and the look-up can be read
 * while there is no line. Only what was asked is kept, and of that the newest.
 */
interface Kept {
  readonly at: number;
  readonly answer: unknown;
}

/** Asked again without a line, these are answered by what is kept. Pictures and settings of devices are not. */
const KEPT = [
  'GET /(today|catalogue|reference|household|pieces|what-works|mixes|devices/me|wash|wash/line)$',
  'GET /(runs|troubles|plans|pieces|trials)/[^/]+$',
  'POST /plans/(preview|first-things|house-question)$',
  'POST /runs/clashes$',
].map((pattern) => new RegExp(`^${pattern}`));
/** A plan is some 100 kB: this is a few MB at most. */
const MOST = 60;
/** Forgetting is looked to once in so many answers. */
const TIDY_EVERY = 20;

const mayBeKept = (asked: string): boolean => KEPT.some((pattern) => pattern.test(asked));

let store: UseStore | null = null;
const kept = (): UseStore => {
  if (store) return store;
  // Answers of an earlier version have other names in them.
  globalThis.indexedDB?.deleteDatabase('feverfew-kept');
  store = createStore('feverfew-kept-9', 'answers');
  return store;
};

export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body?: unknown;
}

const nameOf = ({ body }: Asked, line: string): string =>
  body === undefined ? line : `${line} ${JSON.stringify(body)}`;

let answers = 0;

/** Keeps an answer; a device that has no room, or keeps nothing, does without. */
export async function keepAnswer(asked: Asked, answer: unknown): Promise<void> {
  const line = `${asked.method} ${asked.path}`;
  if (!mayBeKept(line)) return;
  try {
    await set(nameOf(asked, line), { at: Date.now(), answer } satisfies Kept, kept());
    answers += 1;
    if (answers % TIDY_EVERY === 0) await tidy();
  } catch {
    // Without it, a page asks for a line.
  }
}

/** @returns undefined where nothing is kept for it */
export async function keptAnswer(asked: Asked): Promise<{ at: number; answer: unknown } | undefined> {
  const line = `${asked.method} ${asked.path}`;
  if (!mayBeKept(line)) return undefined;
  try {
    const found = await get<Kept>(nameOf(asked, line), kept());
    return found && { at: found.at, answer: asOfNow(found) };
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
