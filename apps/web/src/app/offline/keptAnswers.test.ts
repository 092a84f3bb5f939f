import { EMPTY_FACTS } from '@feverfew/contracts';
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
const { forgetAnswers, keptAnswer } = await import('./keptAnswers');
const { call } = await import('../api/api');

const RUN = { params: { id: 'a' } } as const;
const facts = (...markIds: string[]) => ({ body: { ...EMPTY_FACTS, markIds } });
const EVENT = { ...RUN, body: { key: 'k', event: { kind: 'paused' }, heldMs: 0 } } as const;
/** Every request is answered with this. */
const answers = (answer: unknown) => vi.stubGlobal('fetch', async () => new Response(JSON.stringify(answer)));

beforeEach(() => {
  stored.clear();
  isShut = false;
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

it('what was asked is answered again without a line, each by its own facts; nothing else is', async () => {
  const server = { isAway: false };
  vi.stubGlobal('fetch', async (path: string, { body = '' }: { body?: string }) => {
    if (server.isAway) throw new TypeError('no line');
    return new Response(JSON.stringify({ path, body }));
  });
  const answered = () =>
    Promise.all([
      call('readRun', RUN),
      call('previewPlan', facts('wine')),
      call('previewPlan', facts('tea')),
    ]);
  const before = await answered();
  await call('findLoadOfRun', RUN);
  await call('addRunEvent', EVENT);
  server.isAway = true;
  expect(await answered()).toEqual(before);
  await expect(call('previewPlan', facts('ink'))).rejects.toMatchObject({ status: 0 });
  await expect(call('findLoadOfRun', RUN)).rejects.toMatchObject({ status: 0 });
  await expect(call('addRunEvent', EVENT)).rejects.toMatchObject({ status: 0 });
});

it('the clock of the house goes on in what it told', async () => {
  vi.useFakeTimers({ now: Date.UTC(2026, 5, 1, 20), toFake: ['Date'] });
  answers({ now: '2026-06-01T18:00:00.000Z', state: 'soaking' });
  await call('readRun', RUN);
  vi.setSystemTime(Date.UTC(2026, 5, 2, 5));
  expect((await keptAnswer('readRun', RUN))?.answer).toEqual({
    now: '2026-06-02T03:00:00.000Z',
    state: 'soaking',
  });
});

it('the oldest are forgotten, all are when a device is put out, and a store that is shut is none', async () => {
  vi.useFakeTimers({ now: 0, toFake: ['Date'] });
  for (let n = 0; n < 120; n += 1) {
    vi.setSystemTime(n);
    answers(n);
    await call('previewPlan', facts(`${n}`));
  }
  expect(stored.size).toBeLessThanOrEqual(80);
  expect(await keptAnswer('previewPlan', facts('0'))).toBeUndefined();
  expect((await keptAnswer('previewPlan', facts('119')))?.answer).toBe(119);
  expect(await forgetAnswers()).toBe(true);
  expect(stored.size).toBe(0);
  expect(await forgetAnswers()).toBe(false);
  isShut = true;
  await call('readRun', RUN);
  expect(await keptAnswer('readRun', RUN)).toBeUndefined();
  await forgetAnswers();
});
