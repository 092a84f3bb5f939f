import { type Browser, expect, type Locator, type Page, test } from '@playwright/test';
import { Tub } from './desk';
import { HOOK_MS, OwnServer } from './ownServer';

const PHONE = { width: 390, height: 844 };
const MIN_PX = 44;

interface Told {
  readonly running: { id: string; pieceName: string; hand: { what: string } }[];
  readonly waiting: { id: string; markIds: string[] }[];
}

const server = new OwnServer(4896, ['--demo'], undefined, true);
test.beforeAll(async () => {
  test.setTimeout(HOOK_MS);
  await server.start();
});
test.afterAll(() => server.end());

const runOf = async (piece: string): Promise<string> =>
  (await server.ask<Told>('/today')).running.find((run) => run.pieceName === piece)?.id ?? '';
const onPhone = async (browser: Browser): Promise<Page> =>
  (await browser.newContext({ viewport: PHONE, baseURL: server.base, hasTouch: true })).newPage();

/** Taps what is at least as large as a thumb. */
async function tapLarge(target: Locator): Promise<void> {
  await target.scrollIntoViewIfNeeded();
  const box = await target.boundingBox();
  const name = (await target.textContent()) ?? '';
  expect(box?.height, name).toBeGreaterThanOrEqual(MIN_PX);
  expect(box?.width, name).toBeGreaterThanOrEqual(MIN_PX);
  await target.tap();
}

test('two soaks at once on a phone: hours pass, the server is killed, nothing is lost', async ({
  browser,
}) => {
  test.setTimeout(HOOK_MS);
  const page = await onPhone(browser);
  await page.goto('/');
  const row = (piece: string) => page.locator('[data-run]:visible', { hasText: piece });
  const basin = row('lawn petticoat');
  const bath = row('sofa covers');
  await expect(basin).toBeVisible();
  await expect(bath).toBeVisible();
  await expect(basin).toHaveAttribute('data-hand', 'working');

  server.pass(55);
  await page.reload();
  await expect(bath).toHaveAttribute('data-hand', /ready|lookDue/);
  await expect(bath).toContainText(/Ready|check now/);

  await server.kill();
  await server.start();
  server.pass(24 * 60);
  await page.reload();
  await expect(bath).toContainText(/Over by/);
  await expect(bath).toContainText(/Take it out now and rinse or blot it out|No harm done/);
  await expect(basin).toContainText(/Over by/);
  await bath.tap();
  await expect(page.getByText(/^Over time/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Gone', exact: true })).toBeVisible();
  await page.context().close();
});

test('a round on a phone: large targets only, not one key pressed', async ({ browser }) => {
  const page = await onPhone(browser);
  const tub = new Tub(page);
  const button = (name: string | RegExp) =>
    page.getByRole('button', { name, exact: typeof name === 'string' }).first();
  const { waiting } = await server.ask<Told>('/today');
  const pen = waiting.find((trouble) => trouble.markIds.includes('ballpoint'))?.id;
  await page.goto('/');
  await tapLarge(page.locator(`a[href="/trouble/${pen}"]`));
  await tapLarge(button(/^Start(: |$)/));
  const step = page.locator('h1[data-step]');
  const where = page.getByText(/^Round \d, step \d of \d/);
  // Once it is finished, it has no position in the plan.
  const placeNow = async () => ((await where.count()) > 0 ? ((await where.textContent()) ?? '') : '');
  const seen = new Set<string>();
  for (let taps = 0; taps < 90; taps += 1) {
    await expect(step).toBeVisible();
    const kind = (await step.getAttribute('data-step')) ?? '';
    const place = await placeNow();
    seen.add(`${place} ${kind}`);
    if (kind === 'finished') break;
    if (kind === 'dwell') {
      await tapLarge(button('Start the clock'));
      // A drum is not looked into: it says when it is done.
      const machine = button('The machine is done');
      await expect(machine.or(button('Check'))).toBeVisible();
      if (await machine.isVisible()) await tapLarge(machine);
      else {
        await tapLarge(button('Check'));
        await tapLarge(button('A little'));
        await tapLarge(button('Take it out and go on'));
      }
    } else if (kind === 'look') {
      await tapLarge(button('Half'));
      await tapLarge(button(/[Gg]o on$/));
    } else if (kind === 'finalLook') {
      await tapLarge(button('Gone'));
      await expect(page.locator('[data-heat=open]')).toBeVisible();
      await tapLarge(button('Save: Gone'));
    } else await tapLarge(button(kind === 'hiddenTest' ? 'It held' : 'Done'));
    await expect
      .poll(async () => `${await placeNow()} ${await step.getAttribute('data-step')}`)
      .not.toBe(`${place} ${kind}`);
  }
  for (const place of ['1', '2', '3']) expect([...seen]).toContain(`Round 1, step ${place} of 3 dwell`);
  await expect(tub.step('finished')).toHaveText('Gone');
  for (const one of await page.locator('main button').all())
    expect((await one.boundingBox())?.height, (await one.textContent()) ?? '').toBeGreaterThanOrEqual(MIN_PX);
  await page.context().close();
});

test('two devices stay in step without a reload, and a double tap counts once', async ({ browser }) => {
  const id = await runOf('lawn petticoat');
  const [one, two] = [await onPhone(browser), await onPhone(browser)];
  await one.goto(`/runs/${id}`);
  await two.goto(`/runs/${id}`);
  await expect(two.getByText(/^Over time/)).toBeVisible();
  await one.getByRole('button', { name: 'A little', exact: true }).dblclick();
  await expect(one.getByRole('group', { name: 'What next?' })).toBeVisible();
  await expect(two.getByRole('group', { name: 'What next?' })).toBeVisible();
  const { state } = await server.ask<{ state: { looks: unknown[] } }>(`/runs/${id}`);
  expect(state.looks).toHaveLength(1);
  await two.getByRole('button', { name: /^Take it out/ }).tap();
  await expect(one.locator('h1[data-step=dwell]')).toHaveCount(0);
  await two.goto('/');
  // A page that has just heard of the other's tap may still be moving under the finger: what the tap did is asked.
  await expect(async () => {
    await one.getByRole('button', { name: /^Undo/ }).tap();
    // A slow answer is waited for: tapped again too soon, it would take back one tap more.
    await expect(one.locator('h1[data-step=dwell]')).toHaveCount(1);
  }).toPass({ timeout: 120_000 });
  await expect(two.locator('[data-run]:visible', { hasText: 'lawn petticoat' })).toHaveAttribute(
    'data-hand',
    'decide',
  );
  await one.context().close();
  await two.context().close();
});

test('without a line the work goes on, and each tap is told with its own time', async ({ browser }) => {
  const { waiting } = await server.ask<Told>('/today');
  const trouble = waiting.find((one) => one.markIds.includes('propolis'))?.id;
  const page = await onPhone(browser);
  await page.goto(`/trouble/${trouble}`);
  await page.getByRole('button', { name: /^Start(: |$)/ }).tap();
  const step = page.locator('h1[data-step]');
  await expect(step).toBeVisible();
  const id = page.url().split('/').at(-1) ?? '';
  const before = await server.ask<{ events: unknown[] }>(`/runs/${id}`);
  await page.context().setOffline(true);
  const tapped: number[] = [];
  for (let taps = 0; taps < 2; taps += 1) {
    const kind = await step.getAttribute('data-step');
    tapped.push(Date.now());
    await page.getByRole('button', { name: 'Done', exact: true }).tap();
    await expect(step).not.toHaveAttribute('data-step', kind ?? '');
  }
  await expect(page.getByText(/2 taps wait on this device/)).toBeVisible();
  expect((await server.ask<{ events: unknown[] }>(`/runs/${id}`)).events).toHaveLength(before.events.length);
  await page.waitForTimeout(2500);
  await page.context().setOffline(false);
  const given = async () => (await server.ask<{ events: unknown[] }>(`/runs/${id}`)).events.length;
  await expect.poll(given).toBe(before.events.length + 2);
  await expect(page.getByText(/taps? waits? on this device/)).toHaveCount(0);
  const after = await server.ask<{ events: { at: string }[]; now: string }>(`/runs/${id}`);
  expect(after.events).toHaveLength(before.events.length + 2);
  // The server's clock is ahead of ours by whole minutes that this test let pass.
  const aheadMs = Math.round((Date.parse(after.now) - Date.now()) / 60_000) * 60_000;
  for (const [index, event] of after.events.slice(-2).entries())
    expect(Math.abs(Date.parse(event.at) - aheadMs - (tapped[index] ?? 0))).toBeLessThan(1500);
  await page.context().close();
});

test('a soak can wait, be put back, run longer, and calls on any page', async ({ browser }) => {
  const page = await onPhone(browser);
  const { waiting } = await server.ask<Told>('/today');
  const beetroot = waiting.find((trouble) => trouble.markIds.includes('beetroot'))?.id;
  await page.goto(`/trouble/${beetroot}`);
  await page.getByRole('button', { name: /^Start(: |$)/ }).tap();
  await new Tub(page).workToStep(2, 'dwell');
  await page.getByRole('button', { name: 'Start the clock' }).tap();
  const times = page.getByText(/^Started \d\d:\d\d, ready/);
  const first = await times.textContent();
  await page.getByRole('button', { name: 'Pause' }).tap();
  await expect(page.getByTestId('clock')).toHaveText('Waiting');
  await page.getByRole('button', { name: 'Put it back' }).tap();
  await expect(page.getByTestId('clock')).not.toHaveText('Waiting');
  await page.getByRole('button', { name: '30 min longer' }).tap();
  await expect(times).not.toHaveText(first ?? '');
  await page.clock.install();
  await page.goto('/pieces');
  await expect(page.getByRole('heading', { name: 'Linen' })).toBeVisible();
  await page.waitForTimeout(500);
  server.pass(391);
  await page.clock.fastForward('06:31:00');
  await expect(page).toHaveTitle(/● /);
  await page.context().close();
});
