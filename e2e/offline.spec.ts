import { type Browser, type BrowserContext, expect, type Page, test } from '@playwright/test';
import { HOOK_MS, OwnServer } from './ownServer';

/** Taps without a line: none lost, none counted twice. */
const server = new OwnServer(4885);
test.beforeAll(async () => {
  test.setTimeout(HOOK_MS);
  await server.start();
});
test.afterAll(() => server.end());
test.setTimeout(HOOK_MS);
test.use({ actionTimeout: 30_000 });

const onPhone = (browser: Browser): Promise<BrowserContext> =>
  browser.newContext({ viewport: { width: 390, height: 844 }, baseURL: server.base });

interface Told {
  readonly waiting: { readonly id: string; readonly markIds: readonly string[] }[];
}
/** A run that has just started, on a page of its own. */
async function begun(context: BrowserContext, markId: string): Promise<{ page: Page; id: string }> {
  const { waiting } = await server.ask<Told>('/today');
  const page = await context.newPage();
  await page.goto(`/trouble/${waiting.find((one) => one.markIds.includes(markId))?.id}`);
  await page.getByRole('button', { name: /^Start(: |$)/ }).click();
  await expect(page.locator('h1[data-step]')).toBeVisible();
  return { page, id: page.url().split('/').at(-1) ?? '' };
}

const eventsOf = async (id: string): Promise<{ kind: string; actionId?: string }[]> =>
  (await server.ask<{ events: { kind: string; actionId?: string }[] }>(`/runs/${id}`)).events;

/** Taps the step as done, or the hidden test as held, and waits until the page has gone on. */
async function done(page: Page): Promise<void> {
  const step = page.locator('h1[data-step]');
  const before = await step.textContent();
  await page.getByRole('button', { name: /^(Done|It held)$/ }).click();
  await expect(step).not.toHaveText(before ?? '');
}

test('two pages of one device while the server is down: both are told once it is up, each tap once', async ({
  browser,
}) => {
  const context = await onPhone(browser);
  const one = await begun(context, 'ballpoint');
  const two = await begun(context, 'propolis');
  const before = [await eventsOf(one.id), await eventsOf(two.id)];
  await server.kill();
  await done(one.page);
  await done(two.page);
  await done(one.page);
  await expect(two.page.getByText(/tap waits on this device/)).toBeVisible();
  // The page that was tapped last is closed: what it held, the other one sends.
  await one.page.close();
  await server.start();
  await expect.poll(async () => (await eventsOf(one.id)).length).toBe((before[0]?.length ?? 0) + 2);
  await expect.poll(async () => (await eventsOf(two.id)).length).toBe((before[1]?.length ?? 0) + 1);
  await expect(two.page.getByText(/taps? waits? on this device/)).toHaveCount(0);
  const steps = (await eventsOf(one.id)).flatMap(({ actionId }) => actionId ?? []);
  expect(new Set(steps).size).toBe(steps.length);
  // Nothing is left behind to be sent again.
  await two.page.reload();
  await expect(two.page.locator('h1[data-step]')).toBeVisible();
  expect(
    await two.page.evaluate(() => Object.keys(localStorage).filter((key) => /tap|outbox/.test(key))),
  ).toEqual([]);
  expect(await eventsOf(two.id)).toHaveLength((before[1]?.length ?? 0) + 1);
  await context.close();
});

for (const [name, markId, shut] of [
  [
    'shut',
    'beetroot',
    () => {
      Storage.prototype.setItem = () => {
        throw new DOMException('shut', 'SecurityError');
      };
    },
  ],
  [
    'full',
    'mildew',
    () => {
      let size = 1_000_000;
      while (size > 0)
        try {
          localStorage.setItem(`filler${localStorage.length}`, 'x'.repeat(size));
        } catch {
          size = Math.floor(size / 10);
        }
    },
  ],
] as const)
  test(`a storage that is ${name}: the page says so, and its taps arrive all the same`, async ({
    browser,
  }) => {
    const context = await onPhone(browser);
    const { page, id } = await begun(context, markId);
    const before = (await eventsOf(id)).length;
    await page.evaluate(shut);
    await context.setOffline(true);
    await done(page);
    await expect(page.getByText(/This device has no room for them: leave this page open/)).toBeVisible();
    await done(page);
    await context.setOffline(false);
    await expect.poll(async () => (await eventsOf(id)).length).toBe(before + 2);
    await expect(page.getByText(/This device has no room/)).toHaveCount(0);
    await context.close();
  });
