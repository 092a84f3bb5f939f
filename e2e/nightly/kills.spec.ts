import { expect, test } from '@playwright/test';
import { Tub } from '../desk';
import { HOOK_MS, OwnServer } from '../ownServer';

const server = new OwnServer(4888);
test.beforeAll(async () => {
  test.setTimeout(HOOK_MS);
  await server.start();
});
test.afterAll(() => server.end());

/** The kills of the crash test are many; here a page sees three of them. */
const ROUNDS = 3;

test('SIGKILL in the middle of a run loses nothing acknowledged', async ({ page }) => {
  test.setTimeout(300_000);
  const { running } = await server.ask<{ running: { id: string }[] }>('/today');
  const runId = running[0]?.id;
  const say = async (text: string) =>
    (
      await fetch(`${server.base}/api/runs/${runId}/events`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ key: crypto.randomUUID(), event: { kind: 'noted', text } }),
      })
    ).status;
  await page.goto(`${server.base}/runs/${runId}`);
  await expect(page.getByTestId('clock')).toBeVisible();

  const acknowledged: string[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const killAt = Date.now() + 400;
    // At least three taps are answered before it dies, however slow the machine is.
    for (let index = 0; Date.now() < killAt || acknowledged.length < 3 * (round + 1); index += 1) {
      const text = `round ${round} note ${index}`;
      if ((await say(text)) === 200) acknowledged.push(text);
    }
    const dying = say('on its way');
    await server.kill();
    await dying.catch(() => undefined);
    await server.start();
  }
  const run = await server.ask<{ state: { notes: { text: string }[]; timer: unknown } }>(`/runs/${runId}`);
  const kept = run.state.notes.map((note) => note.text);
  expect(kept).toEqual(expect.arrayContaining(acknowledged));
  expect(run.state.timer).not.toBeNull();

  await page.reload();
  await new Tub(page).tap('Check');
  await new Tub(page).tap('Most of it');
  await expect(page.getByRole('button', { name: 'Leave it in' })).toBeVisible();
});
