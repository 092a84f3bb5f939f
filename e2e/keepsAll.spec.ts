import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Desk, Tub } from './desk';
import { expect, test } from './worker';

const ROOT = new URL('..', import.meta.url).pathname;
const OWN_PORT = 4888;
const BASE = `http://127.0.0.1:${OWN_PORT}`;

/** A server of this test's own, to be killed. */
function startServer(dataDir: string, ...more: string[]): ChildProcess {
  const template = process.env.FEVERFEW_TEMPLATE ? ['--template', process.env.FEVERFEW_TEMPLATE] : [];
  return spawn(
    process.execPath,
    [
      'apps/server/dist/main.js',
      '--demo',
      '--port',
      String(OWN_PORT),
      '--data-dir',
      dataDir,
      ...template,
      ...more,
    ],
    { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] },
  );
}

async function isUp(): Promise<boolean> {
  return fetch(`${BASE}/api/catalogue`).then(
    (response) => response.ok,
    () => false,
  );
}

const output = (child: ChildProcess): Promise<{ code: number | null; text: string }> =>
  new Promise((resolve) => {
    let text = '';
    child.stdout?.on('data', (chunk) => (text += String(chunk)));
    child.stderr?.on('data', (chunk) => (text += String(chunk)));
    child.once('exit', (code) => resolve({ code, text }));
  });

test('a reload in the middle of a soak changes nothing', async ({ page }) => {
  const desk = new Desk(page);
  const tub = new Tub(page);
  await desk.open();
  await desk.find('mark', 'beetroot');
  await desk.find('piece', 'damask');
  await page.reload();
  await expect(page.getByLabel('The facts', { exact: true })).toContainText(
    'There is beetroot on the damask cloth',
  );
  await desk.choose('age', 'today');
  await desk.choose('wetness', 'dry');
  await page.getByRole('button', { name: /^Start(: |$)/ }).click();
  await tub.workTo('dwell');
  await tub.tap('Start the clock');
  const times = page.getByText(/^Started \d\d:\d\d, ready \d\d:\d\d, out by \d\d:\d\d/);
  const before = await times.textContent();
  await page.reload();
  await expect(times).toContainText((before ?? '').split(' · ')[0] ?? '');
  await expect(page.getByTestId('clock')).toHaveText(/^\d h \d\d min$/);
});

test('a phone that slept past the end is told so and what to do', async ({ page }) => {
  const desk = new Desk(page);
  const tub = new Tub(page);
  await desk.open();
  await desk.find('mark', 'beetroot');
  await desk.find('piece', 'damask');
  await page.getByRole('button', { name: /^Start(: |$)/ }).click();
  await tub.workTo('dwell');
  await tub.tap('Start the clock');
  await expect(page.getByTestId('clock')).toBeVisible();
  await page.clock.install({ time: Date.now() + 12 * 3_600_000 });
  await page.route('**/api/runs/*', async (route) => {
    const response = await route.fetch();
    const run = await response.json();
    await route.fulfill({
      json: { ...run, now: new Date(Date.parse(run.now) + 12 * 3_600_000).toISOString() },
    });
  });
  await page.reload();
  await expect(page.getByText(/By \d+ h.*rinse it/s)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Gone', exact: true })).toBeVisible();
  // One that is still on its way would fail the test after this one.
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('a clock that jumps is said on Today, what runs goes on as time passed, and it goes when the clock is right', async ({
  page,
  server,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  const left = page.getByRole('region', { name: 'Running' });
  await expect(left).toBeVisible();
  const before = await left.innerText();
  server.jump(25 * 60);
  try {
    await page.reload();
    await expect(page.getByText('The clock jumped.')).toBeVisible();
    await expect(page.getByText(/forward by 25 h/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'It is right now' })).toBeVisible();
    // A minute may have passed, and no day.
    expect((await left.innerText()).replace(/\d+/g, '#')).toBe(before.replace(/\d+/g, '#'));
  } finally {
    server.jump(0);
  }
  await page.reload();
  await expect(left).toBeVisible();
  await expect(page.getByText('The clock jumped.')).toHaveCount(0);
});

test('SIGKILL in the middle of a run loses nothing acknowledged; a second process is turned away', async ({
  page,
}) => {
  test.setTimeout(300_000);
  const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-kill-'));
  let server = startServer(dataDir);
  try {
    await expect.poll(isUp, { timeout: 90_000 }).toBe(true);
    const second = await output(startServer(dataDir, '--port', '4895'));
    expect(second.code).toBe(1);
    expect(second.text).toContain('Another Feverfew is using');

    const today = await (await fetch(`${BASE}/api/today`)).json();
    const runId = today.running[0].id;
    const say = async (text: string) =>
      (
        await fetch(`${BASE}/api/runs/${runId}/events`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ key: crypto.randomUUID(), event: { kind: 'noted', text } }),
        })
      ).status;
    await page.goto(`${BASE}/runs/${runId}`);
    await expect(page.getByTestId('clock')).toBeVisible();

    const acknowledged: string[] = [];
    // The kills of the crash test are many; here a page sees one of them, and three at night.
    const rounds = process.env.FEVERFEW_NIGHTLY ? 3 : 1;
    for (let round = 0; round < rounds; round += 1) {
      const killAt = Date.now() + 400;
      // At least three taps are answered before it dies, however slow the machine is.
      for (let index = 0; Date.now() < killAt || acknowledged.length < 3 * (round + 1); index += 1) {
        const text = `round ${round} note ${index}`;
        if ((await say(text)) === 200) acknowledged.push(text);
      }
      const dying = say('on its way');
      server.kill('SIGKILL');
      await dying.catch(() => undefined);
      server = startServer(dataDir);
      await expect.poll(isUp, { timeout: 90_000 }).toBe(true);
    }
    const run = await (await fetch(`${BASE}/api/runs/${runId}`)).json();
    const kept = run.state.notes.map((note: { text: string }) => note.text);
    expect(kept).toEqual(expect.arrayContaining(acknowledged));
    expect(run.state.timer).not.toBeNull();

    await page.reload();
    await new Tub(page).tap('Check');
    await new Tub(page).tap('Most of it');
    await expect(page.getByRole('button', { name: 'Leave it in' })).toBeVisible();
  } finally {
    server.kill('SIGKILL');
    rmSync(dataDir, { recursive: true, force: true });
  }
});

test('a busy port is said, and the next free one taken', async ({ server: busy }) => {
  test.setTimeout(120_000);
  const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-port-'));
  const { port } = new URL(busy.base);
  const server = startServer(dataDir, '--port', port);
  try {
    let text = '';
    server.stdout?.on('data', (chunk) => (text += String(chunk)));
    await expect.poll(() => text, { timeout: 90_000 }).toContain(`Port ${port} is busy; using `);
    const taken = /using (\d+)\./.exec(text)?.[1];
    expect(Number(taken)).toBeGreaterThan(Number(port));
    await expect.poll(() => text).toContain(`Feverfew is at http://127.0.0.1:${taken}`);
  } finally {
    server.kill('SIGKILL');
    rmSync(dataDir, { recursive: true, force: true });
  }
});
