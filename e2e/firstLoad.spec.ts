import type { Browser } from '@playwright/test';
import { OwnServer } from './ownServer';
import { atNight, expect, type Page, test } from './worker';

const PHONE = { width: 390, height: 844 };
/** A slow line, bytes a second. */
const SLOW = 100_000;
/** Compressed bytes of scripts, of all but typefaces until the first page can be read, and of its typefaces. */
const MAX_SCRIPT = 200_000;
const MAX_BYTES = 310_000;
const MAX_FONTS = 75_000;
/** Four seconds on a machine with nothing else to do; this one works at two tests at a time. */
const MAX_MS = 6500;
/** The field of the page itself is there at once. */
const MAX_EARLY_MS = 3000;

interface FirstLoad {
  readonly scripts: number;
  readonly all: number;
  readonly fonts: number;
  /** null: nothing to read within the time a person would wait. */
  readonly tookMs: number | null;
  /** What had been asked for and not come, where there was nothing to read. */
  readonly open: readonly string[];
}

/** A browser on a phone that has fetched nothing yet, on a slow line. */
async function onSlowLine(browser: Browser, base: string) {
  const context = await browser.newContext({ viewport: PHONE, baseURL: base });
  const page = await context.newPage();
  const line = await context.newCDPSession(page);
  await line.send('Network.enable');
  await line.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 20,
    downloadThroughput: SLOW,
    uploadThroughput: SLOW,
  });
  return { context, page, line };
}

/** What the first page fetches there, and how soon it can be read. */
async function loadFirst(browser: Browser, base: string): Promise<FirstLoad> {
  const { context, page, line } = await onSlowLine(browser, base);
  const open = new Map<string, string>();
  const types = new Map<string, string>();
  const bytes = { scripts: 0, all: 0, fonts: 0 };
  line.on('Network.requestWillBeSent', ({ requestId, request }) => void open.set(requestId, request.url));
  line.on('Network.responseReceived', ({ requestId, type }) => void types.set(requestId, type));
  line.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    open.delete(requestId);
    const type = types.get(requestId);
    if (type === 'Font') bytes.fonts += encodedDataLength;
    else bytes.all += encodedDataLength;
    if (type === 'Script') bytes.scripts += encodedDataLength;
  });
  const began = Date.now();
  await page.goto('/', { waitUntil: 'commit' });
  const read = page.getByRole('region', { name: 'To do' }).getByText('beetroot').first();
  const isThere = await read.waitFor({ timeout: 12_000 }).then(
    () => true,
    () => false,
  );
  const tookMs = isThere ? Date.now() - began : null;
  const untilRead = { ...bytes };
  // The words stand in the device's own type until ours is there, so typefaces are waited for and counted apart.
  if (isThere) await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(500);
  await context.close();
  return { ...untilRead, fonts: bytes.fonts, tookMs, open: isThere ? [] : [...open.values()] };
}

test('the first page comes over a slow line with little to fetch, and is soon readable', async ({
  browser,
  server,
}) => {
  // What is fetched is the same each time; how long it takes is the machine's too, so the best of three counts.
  const loads: FirstLoad[] = [];
  do loads.push(await loadFirst(browser, server.base));
  while (loads.length < 3 && !loads.some(({ tookMs }) => tookMs !== null && tookMs < MAX_MS));
  test.info().annotations.push({ type: 'first load', description: JSON.stringify(loads) });
  const best = loads.at(-1);
  expect(best?.tookMs, JSON.stringify(loads)).not.toBeNull();
  expect(best?.tookMs, JSON.stringify(loads)).toBeLessThan(MAX_MS);
  expect(best?.scripts).toBeGreaterThan(50_000);
  expect(best?.scripts, 'scripts').toBeLessThan(MAX_SCRIPT);
  expect(best?.all, 'all but typefaces').toBeLessThan(MAX_BYTES);
  expect(best?.fonts, 'typefaces').toBeGreaterThan(20_000);
  expect(best?.fonts, 'typefaces').toBeLessThan(MAX_FONTS);
});

test('words are taken before any script is there, and nothing typed is lost', async ({ browser, server }) => {
  const { context, page } = await onSlowLine(browser, server.base);
  const began = Date.now();
  await page.goto('/', { waitUntil: 'commit' });
  const early = page.locator('#early input');
  await early.fill('blood on white cotton pillowcase');
  expect(Date.now() - began).toBeLessThan(MAX_EARLY_MS);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible({ timeout: 12_000 });
  await expect(early).toHaveCount(0);
  const field = page.getByRole('textbox', { name: 'What happened?' });
  await expect(field).toBeFocused();
  await expect(field).toHaveValue('blood on white cotton pillowcase');
  // Enter pressed early counts as well.
  await page.goto('/trouble', { waitUntil: 'commit' });
  await early.fill('blood on white cotton pillowcase');
  await early.press('Enter');
  await expect(page.locator('[data-slate]')).toBeVisible({ timeout: 15_000 });
  await context.close();
});

test.describe('a house with nothing in it', () => {
  const empty = new OwnServer(4893, []);
  test.beforeAll(() => empty.start());
  test.afterAll(() => empty.end());
  const open = async (page: Page) => {
    await page.setViewportSize(PHONE);
    await page.goto(`${empty.base}/`);
  };

  test('says what it does, asks nothing first, and an example is one tap from its first move', async ({
    page,
  }) => {
    await open(page);
    await expect(page.getByRole('heading', { level: 1, name: 'What happened?' })).toBeVisible();
    await expect(page.getByText('Tell it in a few words')).toBeVisible();
    const examples = page.getByRole('group', { name: 'For example' }).getByRole('button');
    await expect(examples).toHaveCount(3);
    for (const at of [0, 1, 2]) {
      await open(page);
      await examples.nth(at).click();
      await expect(page.locator('[data-slate]')).toBeVisible();
    }
  });

  atNight('is furnished by one tap and left by one, with all that was tried in it', async ({ page }) => {
    await open(page);
    await page.getByRole('button', { name: /^Look around in a made-up house/ }).click();
    await expect(page.getByRole('region', { name: 'Running' })).toBeVisible({ timeout: 120_000 });
    const own = page.getByRole('region', { name: 'A made-up house' });
    await page.reload();
    await own.getByRole('button').click();
    await expect(page.getByRole('heading', { level: 1, name: 'What happened?' })).toBeVisible();
    await page.goto(`${empty.base}/pieces`);
    await expect(page.getByRole('link', { name: /damask/ })).toHaveCount(0);
    expect((await (await fetch(`${empty.base}/api/pieces`)).json()) as unknown[]).toEqual([]);
  });

  test('who lives there is asked before a start that could hurt them; the page can be read before', async ({
    page,
  }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(`${empty.base}/trouble`);
    await page.getByRole('textbox', { name: 'What happened?' }).fill('mould on white cotton t-shirt');
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-slate]')).toBeVisible();
    const who = page.getByRole('group', { name: 'Who lives here?' });
    const start = page.getByRole('button', { name: /^Start/ });
    await expect(who).toHaveCount(1);
    await expect(start).toHaveCount(0);
    // Where the server does not answer what is to be asked, the people are asked about all the same.
    await page.route('**/plans/house-question', (route) => route.abort());
    await page.reload();
    await expect(page.locator('[data-slate]')).toBeVisible();
    await expect(who).toHaveCount(1);
    await expect(start).toHaveCount(0);
    await page.unroute('**/plans/house-question');
    await page.getByRole('button', { name: 'One question first' }).click();
    await expect(who).toBeInViewport();
    await who.getByRole('button', { name: 'Asthma' }).click();
    await who.getByRole('button', { name: 'Keep that in mind' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Noted' })).toBeVisible();
    await expect(start).toBeVisible();
    await page.reload();
    await expect(start).toBeVisible();
    await expect(who).toHaveCount(0);
    const { told, household } = await empty.ask<{ told: string[]; household: { asthma: boolean } }>(
      '/household',
    );
    expect([[...told].sort(), household.asthma]).toEqual([['asthma', 'baby', 'pets', 'pregnancy'], true]);
  });

  test('asks one thing about itself, where the plan hangs on it, says its guess, and goes by the answer', async ({
    page,
  }) => {
    await page.goto(`${empty.base}/trouble`);
    await page.getByRole('textbox', { name: 'What happened?' }).fill('yellowed white cotton t-shirt');
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-slate]')).toBeVisible();
    const asked = page.getByRole('group', { name: /^(Have you|How|What can you|Is |Are |Has ).*\?$/ });
    // What is asked of the trouble comes first, in rows with a heading; the cause has its own, which are left alone.
    const notSure = page
      .getByRole('group')
      .filter({ has: page.getByRole('heading') })
      .getByRole('button', { name: 'Not sure' })
      .first();
    await expect(async () => {
      if ((await asked.count()) === 0 && (await notSure.isVisible())) await notSure.click({ timeout: 1000 });
      await expect(asked).toContainText('Guessed: ', { timeout: 1000 });
    }).toPass({ timeout: 90_000 });
    const name = (await asked.getAttribute('aria-label')) ?? '';
    await asked.getByRole('button').first().click();
    await expect(page.getByRole('status').filter({ hasText: 'Noted' })).toBeVisible();
    await expect(asked).toHaveCount(0);
    await page.reload();
    await expect(page.locator('[data-slate]')).toBeVisible();
    await expect(page.getByRole('group', { name, exact: true })).toHaveCount(0);
    const { told } = await empty.ask<{ told: string[] }>('/household');
    // Who lives there was answered before.
    expect(told).toHaveLength(5);
  });
});
