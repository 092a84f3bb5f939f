import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LATE } from '../../test/late';

const DAY_MS = 24 * 3_600_000;
const done = (actionId: string) => ({ kind: 'actionDone', actionId }) as const;
const tapOf = (key: string, tappedAt = 1) => ({ runId: 'run', key, event: done(key), tappedAt });

/** The module as one more page of the same device has it. */
const page = async () => {
  vi.resetModules();
  return import('./tapStore');
};
const keysOf = (store: Awaited<ReturnType<typeof page>>) => store.heldTaps().map(({ key }) => key);

beforeEach(() => localStorage.clear());
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('taps on a device', () => {
  it('of two pages lie beside each other, and what one has sent is gone for the other', async () => {
    const [one, other] = [await page(), await page()];
    one.keepTap(tapOf('a'));
    other.keepTap(tapOf('b'));
    one.keepTap(tapOf('c'));
    expect([keysOf(one), keysOf(other)]).toEqual([
      ['a', 'b', 'c'],
      ['a', 'b', 'c'],
    ]);
    other.dropTap('a');
    expect(keysOf(one)).toEqual(['b', 'c']);
  });
  it('keep their order though the clock was set back', async () => {
    const store = await page();
    store.keepTap(tapOf('first', 5000));
    store.keepTap(tapOf('second', 100));
    expect(keysOf(store)).toEqual(['first', 'second']);
  });
  it('live in the page where the storage is full, or shut', async () => {
    const store = await page();
    store.keepTap(tapOf('kept'));
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    store.keepTap(tapOf('unkept'));
    expect([keysOf(store), store.isAnyInMemory()]).toEqual([['kept', 'unkept'], true]);
    store.dropTap('unkept');
    expect([keysOf(store), store.isAnyInMemory()]).toEqual([['kept'], false]);
    vi.stubGlobal('localStorage', undefined);
    store.keepTap(tapOf('shut'));
    expect(keysOf(store)).toEqual(['shut']);
  });
  it('of a page of before are taken over from its list, what is no tap is left', async () => {
    localStorage.setItem('feverfew.outbox', JSON.stringify([tapOf('x', 9), tapOf('y', 3), 'no tap']));
    localStorage.setItem('feverfew.tap.broken', '{');
    const store = await page();
    expect(keysOf(store)).toEqual(['x', 'y']);
    store.keepTap(tapOf('z'));
    expect(keysOf(await page())).toEqual(['x', 'y', 'z']);
    expect(localStorage.getItem('feverfew.outbox')).toBeNull();
  });
});

describe('the outbox', () => {
  interface Sent {
    readonly key: string;
    readonly heldMs: number;
  }
  /** A server that is away, loses its answer, refuses, or takes a tap; each key counts once. */
  function server() {
    const taken: Sent[] = [];
    const line = {
      mode: 'away' as 'away' | 'answerLost' | 'up' | 'refuses' | 'busy' | 'shutOut' | 'tooMuch',
      planId: 'plan',
      /** Seconds after which a busy server asks to be asked again. */
      again: 0,
    };
    const asked: string[] = [];
    vi.stubGlobal('fetch', async (path: string, { method, body }: { method: string; body: string }) => {
      asked.push(`${method} ${path}`);
      if (line.mode === 'away') throw new TypeError('no line');
      if (method === 'GET')
        return new Response(JSON.stringify({ id: 'run', planId: 'other', plan: 'the other' }));
      const sent = JSON.parse(body) as Sent;
      const status = { busy: 503, shutOut: 401, tooMuch: 429 }[line.mode as string];
      if (status)
        return new Response('{}', { status, headers: line.again ? { 'retry-after': `${line.again}` } : {} });
      if (line.mode === 'refuses')
        return new Response(JSON.stringify({ detail: 'not here' }), { status: 409 });
      if (taken.every(({ key }) => key !== sent.key)) taken.push(sent);
      if (line.mode === 'answerLost') throw new TypeError('cut');
      return new Response(JSON.stringify({ id: 'run', planId: line.planId, state: taken.length }));
    });
    return { taken, line, asked };
  }
  const opened = async () => {
    vi.resetModules();
    return { outbox: await import('./outbox'), store: await import('./tapStore') };
  };

  it('sends a week of taps once the line is back: all, in order, once, each with its age', async () => {
    vi.useFakeTimers({ now: Date.UTC(2026, 5, 1), toFake: ['Date', 'setTimeout', 'clearTimeout'] });
    const { taken, line } = server();
    const { outbox, store } = await opened();
    for (let day = 0; day < 7; day += 1) {
      outbox.tap('run', done(`${day}`));
      await outbox.flushOutbox();
      vi.setSystemTime(Date.now() + DAY_MS);
    }
    const keys = keysOf(store);
    expect(keys).toHaveLength(7);
    line.mode = 'answerLost';
    await outbox.flushOutbox();
    // Put out, or let in again only later: what was tapped waits.
    for (const mode of ['busy', 'shutOut', 'tooMuch'] as const) {
      line.mode = mode;
      await outbox.flushOutbox();
    }
    expect(keysOf(store)).toEqual(keys);
    line.mode = 'up';
    await outbox.flushOutbox();
    expect(taken.map(({ key }) => key)).toEqual(keys);
    expect(taken.map(({ heldMs }) => Math.round(heldMs / DAY_MS))).toEqual([7, 6, 5, 4, 3, 2, 1]);
    expect(keysOf(store)).toEqual([]);
  });
  it('sends what another page of the device left, and what this one could not keep', async () => {
    const { taken, line } = server();
    const left = await page();
    left.keepTap(tapOf('left'));
    const { outbox, store } = await opened();
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    outbox.tap('run', done('here'));
    await outbox.flushOutbox();
    expect(store.isAnyInMemory()).toBe(true);
    line.mode = 'up';
    await outbox.flushOutbox();
    expect(taken).toHaveLength(2);
    expect(taken[0]?.key).toBe('left');
    expect(store.heldTaps()).toEqual([]);
  });
  it('sends what is tapped while the lock is being let go of', async () => {
    const { taken, line } = server();
    line.mode = 'up';
    const { outbox } = await opened();
    let letGo = () => {};
    vi.stubGlobal('navigator', {
      ...navigator,
      locks: {
        request: async (_name: string, work: () => Promise<void>) => {
          await work();
          await new Promise<void>((resolve) => {
            letGo = resolve;
          });
        },
      },
    });
    outbox.tap('run', done('a'));
    await vi.waitFor(() => expect(taken).toHaveLength(1), LATE);
    outbox.tap('run', done('b'));
    letGo();
    await vi.waitFor(() => expect(taken).toHaveLength(2), LATE);
  });
  it('comes again when a busy server asks for it, and not before', async () => {
    vi.useFakeTimers({ now: Date.UTC(2026, 5, 1), toFake: ['Date', 'setTimeout', 'clearTimeout'] });
    const { taken, line, asked } = server();
    Object.assign(line, { mode: 'busy', again: 20 });
    const { outbox } = await opened();
    outbox.tap('run', done('x'));
    await outbox.flushOutbox();
    expect(asked).toHaveLength(1);
    line.mode = 'up';
    await vi.advanceTimersByTimeAsync(19_000);
    expect(asked).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(2_000);
    await vi.waitFor(() => expect(taken).toHaveLength(1), LATE);
  });
  it('asks for no plan it has, and fetches one that was changed meanwhile', async () => {
    const { line, asked } = server();
    line.mode = 'up';
    const { outbox } = await opened();
    const { queryClient } = await import('../../queries/queryClient');
    const { keyOf } = await import('../../queries/routeQuery');
    const queryKey = keyOf('readRun', { params: { id: 'run' } });
    queryClient.setQueryData(queryKey, { id: 'run', planId: 'plan', plan: 'as it is', state: 0 });
    outbox.tap('run', done('x'));
    await outbox.flushOutbox();
    expect(asked).toEqual(['POST /api/runs/run/events?plan=none']);
    expect(queryClient.getQueryData(queryKey)).toMatchObject({ plan: 'as it is', state: 1 });
    line.planId = 'other';
    outbox.tap('run', done('y'));
    await outbox.flushOutbox();
    expect(queryClient.getQueryData(queryKey)).toMatchObject({ planId: 'other', plan: 'the other' });
  });
  it('does not go back to the state that was read before the tap and arrives after it', async () => {
    const { line } = server();
    line.mode = 'up';
    const answerNow = globalThis.fetch;
    const late: (() => void)[] = [];
    vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
      if (init.method !== 'GET') return answerNow(path, init);
      return new Promise<Response>((resolve, reject) => {
        init.signal?.addEventListener('abort', () => reject(new DOMException('', 'AbortError')));
        const state = late.length;
        late.push(() =>
          resolve(new Response(JSON.stringify({ id: 'run', planId: 'plan', plan: '', state }))),
        );
      });
    });
    const { outbox } = await opened();
    const { queryClient } = await import('../../queries/queryClient');
    const { QueryObserver } = await import('@tanstack/react-query');
    const { keyOf, queryOf } = await import('../../queries/routeQuery');
    const input = { params: { id: 'run' } };
    const queryKey = keyOf('readRun', input);
    queryClient.setQueryData(queryKey, { id: 'run', planId: 'plan', plan: '', state: 0 });
    const observer = new QueryObserver(queryClient, queryOf('readRun', input));
    const states: unknown[] = [];
    const stop = observer.subscribe(({ data }) => states.push(data?.state));
    await vi.waitFor(() => expect(late).toHaveLength(1), LATE);
    outbox.tap('run', done('x'));
    await outbox.flushOutbox();
    late[0]?.();
    await vi.waitFor(() => expect(late.length === 2 || queryClient.isFetching() === 0).toBe(true), LATE);
    expect(queryClient.getQueryData(queryKey)).toMatchObject({ state: 1 });
    // What that reading may have been sent for is asked again.
    await vi.waitFor(() => expect(late).toHaveLength(2), LATE);
    late[1]?.();
    await vi.waitFor(() => expect(queryClient.isFetching()).toBe(0), LATE);
    stop();
    expect(queryClient.getQueryData(queryKey)).toMatchObject({ state: 1 });
    expect(states.slice(states.indexOf(1))).not.toContain(0);
  });
  it('lets go of what a run refuses, and of nothing else', async () => {
    const { taken, line } = server();
    const { outbox, store } = await opened();
    outbox.tap('run', done('a'));
    outbox.tap('run', done('b'));
    await outbox.flushOutbox();
    store.keepTap({ ...tapOf('other'), runId: 'other' });
    line.mode = 'refuses';
    const sending = outbox.flushOutbox();
    await vi.waitFor(() => expect(keysOf(store)).not.toContain('a'), LATE);
    line.mode = 'up';
    await sending;
    expect(taken.map(({ key }) => key).filter((key) => key !== 'other')).toEqual([]);
  });
});
