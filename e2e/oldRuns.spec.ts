import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { shareByDay } from '../testing/byDay';
import { Tub } from './desk';
import { HOOK_MS, OwnServer } from './ownServer';
import { atNight } from './worker';

/** A household of version 2, with a run in each state: each is finished here, as it was started there. */
const file = readFileSync(
  new URL('../apps/server/src/test/fixtures/household-v2.json', import.meta.url),
  'utf8',
);
const server = new OwnServer(4886, ['--restore', 'newest'], file);
test.beforeAll(async () => {
  test.setTimeout(HOOK_MS);
  await server.start();
});
test.afterAll(() => server.end());

atNight('runs under way of an old household are gone on with to their end', async ({ browser }) => {
  test.setTimeout(HOOK_MS);
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, baseURL: server.base });
  const page = await context.newPage();
  page.setDefaultTimeout(30_000);
  const tub = new Tub(page);
  const { running } = await server.ask<{ running: { id: string }[] }>('/today');
  expect(running.length).toBeGreaterThanOrEqual(18);
  // By day every fifth of them; that each is read at all is a test of the server.
  const seen = shareByDay(running, 5);
  for (const { id } of seen) {
    await page.goto(`/runs/${id}`);
    await tub.standing();
    // What waits for a choice is decided first, what is taken out put back.
    const back = page.getByRole('button', { name: 'Put it back' });
    if (await back.isVisible()) await back.click();
    const next = page.getByRole('group', { name: 'What next?' }).getByRole('button');
    if (await next.first().isVisible()) await next.first().click();
    await tub.goOn(['finalLook', 'finished'], 'Gone');
    const end = page.getByRole('button', { name: /^Save: / }).first();
    if (!(await end.isVisible())) await tub.tell('Gone');
    await end.click();
    await expect(tub.step('finished')).toBeVisible();
  }
  expect((await server.ask<{ running: unknown[] }>('/today')).running).toHaveLength(
    running.length - seen.length,
  );
});
