import { afterEach, beforeEach, expect, it, vi } from 'vitest';

/** A device's own store, as `idb-keyval` has it. */
const stored = new Map<string, unknown>();
let isShut = false;
const orShut = <Value>(value: () => Value): Promise<Value> =>
  isShut ? Promise.reject(new DOMException('shut', 'SecurityError')) : Promise.resolve(value());
vi.mock('idb-keyval', () => ({
  createStore: () => 'store',
  get: (name: string) => orShut(() => stored.get(name)),
  set: (name: string, value: unknown) => orShut(() => void stored.set(name, value)),
  keys: () => orShut(() => [...stored.keys()]),
  entries: () => orShut(() => [...stored.entries()]),
  delMany: (names: string[]) => orShut(() => names.forEach((name) => void stored.delete(name))),
  clear: () => orShut(() => stored.clear()),
}));

// Another file of tests may have loaded them with the store as it is.
vi.resetModules();
const { forgetAnswers, keepAnswer, keptAnswer } = await import('./keptAnswers');
const { request } = await import('../api/api');

const RUN = { method: 'GET', path: '/runs/a' } as const;
const plan = (markIds: string[]) => ({ method: 'POST', path: '/plans/preview', body: { markIds } }) as const;

beforeEach(() => {
  stored.clear();
  isShut = false;
});

afterEach(() => void vi.useRealTimers());

it('what was asked is answered again without a line, each by its own facts; nothing else is', async () => {
  const server = { isAway: false };
  vi.stubGlobal('fetch', async (path: string, { body = '' }: { body?: string }) => {
    if (server.isAway) throw new TypeError('no line');
    return new Response(JSON.stringify({ path, body }));
  });
  const told = [
    await request('GET', '/runs/a'),
    await request('POST', '/plans/preview', { markIds: ['wine'] }),
    await request('POST', '/plans/preview', { markIds: ['tea'] }),
  ];
  await request('GET', '/photos/x');
  await request('POST', '/runs/a/events', {});
  server.isAway = true;
  expect([
    await request('GET', '/runs/a'),
    await request('POST', '/plans/preview', { markIds: ['wine'] }),
    await request('POST', '/plans/preview', { markIds: ['tea'] }),
  ]).toEqual(told);
  await expect(request('POST', '/plans/preview', { markIds: ['ink'] })).rejects.toMatchObject({ status: 0 });
  await expect(request('GET', '/photos/x')).rejects.toMatchObject({ status: 0 });
  await expect(request('POST', '/runs/a/events', {})).rejects.toMatchObject({ status: 0 });
});

it('the clock of the house goes on in what it told', async () => {
  vi.useFakeTimers({ now: Date.UTC(2026, 5, 1, 20), toFake: ['Date'] });
  await keepAnswer(RUN, { now: '2026-06-01T18:00:00.000Z', state: 'soaking' });
  vi.setSystemTime(Date.UTC(2026, 5, 2, 5));
  expect((await keptAnswer(RUN))?.answer).toEqual({ now: '2026-06-02T03:00:00.000Z', state: 'soaking' });
});

it('the oldest are forgotten, all are when a device is put out, and a store that is shut is none', async () => {
  vi.useFakeTimers({ now: 0, toFake: ['Date'] });
  for (let n = 0; n < 120; n += 1) {
    vi.setSystemTime(n);
    await keepAnswer(plan([`${n}`]), n);
  }
  expect(stored.size).toBeLessThanOrEqual(80);
  expect(await keptAnswer(plan(['0']))).toBeUndefined();
  expect((await keptAnswer(plan(['119'])))?.answer).toBe(119);
  expect(await forgetAnswers()).toBe(true);
  expect(stored.size).toBe(0);
  expect(await forgetAnswers()).toBe(false);
  isShut = true;
  await keepAnswer(RUN, {});
  expect(await keptAnswer(RUN)).toBeUndefined();
  await forgetAnswers();
});
