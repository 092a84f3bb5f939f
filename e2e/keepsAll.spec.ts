import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Desk, Tub } from './desk';
import { atNight, expect, test } from './worker';

const ROOT = new URL('..', import.meta.url).pathname;
const SECOND_PORT = '4889';

/** A server of this file's own. */
function startServer(dataDir: string, port: string): ChildProcess {
  const template = process.env.FEVERFEW_TEMPLATE ? ['--template', process.env.FEVERFEW_TEMPLATE] : [];
  return spawn(
    process.execPath,
    ['apps/server/dist/main.js', '--port', port, '--data-dir', dataDir, ...template],
    { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] },
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
  await tub.workToStep(2, 'dwell');
  await tub.tap('Start the clock');
  const times = page.getByText(/^Started \d\d:\d\d, ready \d\d:\d\d, out by \d\d:\d\d/);
  const before = await times.textContent();
  await page.reload();
  await expect(times).toContainText((before ?? '').split(' · ')[0] ?? '');
  await expect(page.getByTestId('clock')).toHaveText(/^\d h \d\d min$/);
});

atNight('a phone that slept past the end is told so and what to do', async ({ page }) => {
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

atNight(
  'a busy port is said, and the next free one taken; a second process is turned away',
  async ({ server: busy }) => {
    const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-port-'));
    const { port } = new URL(busy.base);
    const server = startServer(dataDir, port);
    try {
      let text = '';
      server.stdout?.on('data', (chunk) => (text += String(chunk)));
      await expect.poll(() => text, { timeout: 90_000 }).toContain(`Port ${port} is busy; using `);
      const taken = /using (\d+)\./.exec(text)?.[1];
      expect(Number(taken)).toBeGreaterThan(Number(port));
      await expect.poll(() => text).toContain(`Feverfew is at http://127.0.0.1:${taken}`);

      const second = await output(startServer(dataDir, SECOND_PORT));
      expect(second.code).toBe(1);
      expect(second.text).toContain('Another Feverfew is using');
    } finally {
      server.kill('SIGKILL');
      rmSync(dataDir, { recursive: true, force: true });
    }
  },
);
