import { expect, it, vi } from 'vitest';
import { ChangesFeed } from '../changes/changesFeed.js';
import { NO_OTHERS } from '../changes/newsLine.js';
import type { RunsRepository } from '../runs/runs.repository.js';
import { LATE } from '../test/late.js';
import { type AtWork, RunsAtWork } from './runsAtWork.js';

const run = (note: string) => ({ id: 'one', note, state: { status: 'active' } }) as unknown as AtWork;

it('tells nobody what stood before a change, and lets no old reading take the place of what was written since', async () => {
  const feed = new ChangesFeed(NO_OTHERS);
  let answer: (run: null) => void = () => undefined;
  const repository = {
    active: vi.fn(async () => []),
    find: vi.fn(() => new Promise<null>((done) => (answer = done))),
  };
  const atWork = new RunsAtWork(repository as unknown as RunsRepository, feed);
  expect(await atWork.all()).toEqual([]);
  atWork.put(run('written'));
  expect(await atWork.all()).toEqual([run('written')]);
  // What is written here is not read for it.
  expect(repository.find).not.toHaveBeenCalled();
  feed.tell('run', 'one');
  const asked = [atWork.all(), atWork.all()];
  await vi.waitFor(() => expect(repository.find).toHaveBeenCalledTimes(2), LATE);
  // Written again while it is read: that reading is old, and it is read once more.
  atWork.put(run('written again'));
  repository.find.mockResolvedValue(null);
  answer(null);
  expect(await asked[1]).toEqual([]);
  expect(repository.find.mock.calls.length).toBeGreaterThan(2);
});

it('tells what was written here, also before anything was read', () => {
  const feed = new ChangesFeed(NO_OTHERS);
  const heard: unknown[] = [];
  feed.news.subscribe((news) => heard.push(news));
  new RunsAtWork({} as RunsRepository, feed).put(run('written'));
  expect(heard).toEqual([{ topic: 'run', id: 'one' }]);
});

it('reads again where reading failed once', async () => {
  const active = vi.fn().mockRejectedValueOnce(new Error('busy')).mockResolvedValue([]);
  const atWork = new RunsAtWork({ active } as unknown as RunsRepository, new ChangesFeed(NO_OTHERS));
  await expect(atWork.all()).rejects.toThrow('busy');
  expect(await atWork.all()).toEqual([]);
});
