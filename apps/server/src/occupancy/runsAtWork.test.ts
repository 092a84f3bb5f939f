import { expect, it, vi } from 'vitest';
import { ChangesFeed } from '../changes/changesFeed.js';
import { NO_OTHERS } from '../changes/newsLine.js';
import type { RunsRepository } from '../runs/runs.repository.js';
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
  await atWork.put(run('written'));
  feed.tell('run', 'one');
  const asked = [atWork.all(), atWork.all()];
  await vi.waitFor(() => expect(repository.find).toHaveBeenCalledTimes(2));
  // Written again while it is read: the reading, which says that it is gone, is old.
  await atWork.put(run('written again'));
  answer(null);
  repository.find.mockResolvedValue(null);
  expect(await asked[1]).toEqual([run('written again')]);
});

it('reads again where reading failed once', async () => {
  const active = vi.fn().mockRejectedValueOnce(new Error('busy')).mockResolvedValue([]);
  const atWork = new RunsAtWork({ active } as unknown as RunsRepository, new ChangesFeed(NO_OTHERS));
  await expect(atWork.all()).rejects.toThrow('busy');
  expect(await atWork.all()).toEqual([]);
});
