import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request as ask, createServer, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  type Browser,
  type BrowserContext,
  type BrowserContextOptions,
  chromium,
  expect,
  type Page,
  test,
} from '@playwright/test';
import { HOOK_MS, OwnServer } from './ownServer';
import config from './playwright.config';

/** Other devices, by a name of the household's network. */
const NAME = 'feverfew.home.arpa';
const [PORT, LAN_PORT] = [4895, 4940];
const PLAIN = `http://${NAME}:${LAN_PORT}`;
const SAFE = `https://${NAME}:${LAN_PORT + 1}`;
const server = new OwnServer(PORT, ['--demo', '--lan', '--lan-port', String(LAN_PORT), '--lan-name', NAME]);
const home = mkdtempSync(join(tmpdir(), 'feverfew-home-'));
let browser: Browser;

test.setTimeout(HOOK_MS);
test.use({ actionTimeout: 30_000 });
test.beforeAll(async () => {
  test.setTimeout(HOOK_MS);
  await server.start();
  await trustRoot();
  const { args = [], ...launch } = config.use?.launchOptions ?? {};
  browser = await chromium.launch({
    ...launch,
    args: [...args, `--host-resolver-rules=MAP ${NAME} 127.0.0.1`],
    env: { ...process.env, HOME: home } as Record<string, string>,
  });
});
test.afterAll(async () => {
  await browser?.close();
  await server.end();
  rmSync(home, { recursive: true, force: true });
});

/** Does on the device what its settings do: the root is among those this browser trusts. */
async function trustRoot(): Promise<void> {
  const store = join(home, '.pki', 'nssdb');
  const file = join(home, 'root.crt');
  mkdirSync(store, { recursive: true });
  const root = await fetch(`http://127.0.0.1:${LAN_PORT}/api/network/root.crt`);
  writeFileSync(file, Buffer.from(await root.arrayBuffer()));
  const certutil = (...args: string[]) => execFileSync('certutil', ['-d', `sql:${store}`, ...args]);
  certutil('-N', '--empty-password');
  certutil('-A', '-t', 'C,,', '-n', 'household', '-i', file);
}

const phone = (baseURL: string, more: BrowserContextOptions = {}): Promise<BrowserContext> =>
  browser.newContext({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
    baseURL,
    ...more,
  });

interface Let {
  readonly key: string;
  readonly code: string;
}
async function invite(role: string, name = 'Phone'): Promise<Let> {
  const answer = await fetch(`${server.base}/api/devices/invitations`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ role, name }),
  });
  return answer.json() as Promise<Let>;
}
interface Told {
  readonly running: readonly { readonly id: string; readonly pieceName: string }[];
  readonly waiting: readonly { readonly id: string; readonly markIds: readonly string[] }[];
}
const today = () => server.ask<Told>('/today');
interface Tapped {
  readonly kind: string;
  readonly at: string;
}
const eventsOf = async (id: string): Promise<Tapped[]> =>
  (await server.ask<{ events: Tapped[] }>(`/runs/${id}`)).events;
const note = async (page: Page, text: string): Promise<void> => {
  await page.getByRole('button', { name: 'Note', exact: true }).click();
  await page.getByRole('textbox', { name: 'Note' }).fill(text);
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
};

/** Writing goes on after an answer is on screen, and a page that is left before its end keeps nothing of it. */
const isKept = (page: Page, ...parts: readonly string[]) =>
  expect
    .poll(() =>
      page.evaluate(async (wanted) => {
        const names = await new Promise<string[]>((resolve) => {
          const opening = indexedDB.open('feverfew-kept-9');
          opening.onsuccess = () => {
            const asked = opening.result.transaction('answers').objectStore('answers').getAllKeys();
            asked.onsuccess = () => {
              opening.result.close();
              resolve(asked.result.map(String));
            };
          };
        });
        return names.some((name) => wanted.every((part) => name.includes(part)));
      }, parts),
    )
    .toBe(true);

test('a house is opened on a page, and a phone comes in by the code that is shown', async () => {
  const context = await phone(server.base, { viewport: { width: 1280, height: 800 } });
  const desk = await context.newPage();
  await desk.goto('/devices');
  await desk.getByLabel('Its name').fill('Tub phone');
  await desk.getByRole('button', { name: 'The tub only' }).click();
  await desk.getByRole('button', { name: 'Show the code' }).click();
  const code = (await desk.locator('[data-code]').textContent()) ?? '';
  await expect(desk.getByText('To be read by a camera')).toBeAttached();

  const other = await phone(PLAIN);
  const page = await other.newPage();
  expect(await page.goto('/pieces').then((answer) => answer?.status())).toBe(200);
  await expect(page.getByRole('heading', { name: 'Connect' })).toBeVisible();
  // Nothing of the house is there to be seen.
  await expect(page.getByRole('navigation')).toHaveCount(0);
  await page.getByLabel('The code').fill('AAAA AAAA');
  await page.getByRole('button', { name: 'Connect', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('That code is wrong');
  await page.getByLabel('The code').fill(code.toLowerCase());
  await page.getByRole('button', { name: 'Connect', exact: true }).click();
  // It stays where it wanted to go.
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/linen/i);
  await expect(desk.getByText('Tub phone: the tub only')).toBeVisible();
  await expect(desk.getByLabel('Name of Tub phone')).toBeVisible();

  // Put out, it sees nothing more.
  const run = (await today()).running[0];
  await page.goto(`/runs/${run?.id}`);
  await expect(page.locator('h1[data-step], h1')).toBeVisible();
  await desk.getByRole('button', { name: 'Remove Tub phone' }).click();
  await desk.getByRole('button', { name: 'Remove it' }).click();
  await expect(desk.getByLabel('Name of Tub phone')).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'Connect' })).toBeVisible();
  await expect(page.getByText(run?.pieceName ?? '-', { exact: false })).toHaveCount(0);
  await other.close();
  await context.close();
});

test('the tub only, over plain http: taps count, nothing else is offered or done', async () => {
  const { key } = await invite('tub');
  const context = await phone(PLAIN);
  const page = await context.newPage();
  await page.goto(`/join#${key}`);
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  expect(page.url()).toBe(`${PLAIN}/`);
  expect(await page.evaluate(() => [window.isSecureContext, document.cookie])).toEqual([false, '']);
  const { running, waiting } = await today();
  const id = running[0]?.id ?? '';
  await page.goto(`/runs/${id}`);
  const before = (await eventsOf(id)).length;
  await note(page, 'lifted a corner');
  await expect.poll(async () => (await eventsOf(id)).length).toBe(before + 1);
  await page.goto(`/trouble/${waiting[0]?.id}`);
  await expect(page.getByText('This device may not start a treatment')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Start/ })).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Leave it|^Done/ })).toHaveCount(0);
  const [piece] = await server.ask<{ id: string }[]>('/pieces');
  await page.goto(`/pieces/${piece?.id}`);
  await expect(page.getByRole('region', { name: 'Next care' })).toBeVisible();
  await expect(
    page.getByRole('button', { name: /^(Delete|Entered twice|Save|Done|Washed|Change)/ }),
  ).toHaveCount(0);
  await expect(page.getByText('From a file')).toHaveCount(0);
  await page.goto('/household');
  await expect(page.getByText('This device may not change anything here')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toHaveCount(0);
  await page.goto('/devices');
  await expect(page.getByText('This device only carries out what is under way')).toBeVisible();
  expect(
    await page.evaluate(async () => {
      const put = { method: 'PUT', headers: { 'content-type': 'application/json' }, body: '{}' };
      return [(await fetch('/api/household', put)).status, (await fetch('/api/household/file')).status];
    }),
  ).toEqual([403, 403]);
  await context.close();
});

test('look only: the step is seen, and nothing on it can be tapped', async () => {
  const { key } = await invite('look');
  const context = await phone(PLAIN);
  const page = await context.newPage();
  await page.goto(`/join#${key}`);
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  const id = (await today()).running[0]?.id ?? '';
  const before = await eventsOf(id);
  await page.goto(`/runs/${id}`);
  await expect(page.getByText('This device only looks.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Stop here/ })).toBeDisabled();
  for (const name of ['Note', 'Picture'])
    await expect(page.getByRole('button', { name, exact: true })).toHaveCount(0);
  expect(await eventsOf(id)).toEqual(before);
  await page.goto('/reference/marks/beetroot');
  await expect(page.getByRole('heading', { name: /beetroot/i }).first()).toBeVisible();
  await context.close();
});

test('over https: a night out of reach, then back, and nothing is lost', async () => {
  const { key } = await invite('all', 'Safe phone');
  const context = await phone(SAFE, { serviceWorkers: 'allow', permissions: ['notifications'] });
  await context.addInitScript(() => {
    const seen = window as unknown as { locks: number; calls: string[] };
    seen.locks = 0;
    seen.calls = [];
    Object.defineProperty(navigator, 'wakeLock', {
      value: {
        request: async () => {
          seen.locks += 1;
          return { released: false, release: async () => undefined };
        },
      },
    });
    // Without windows, Chromium grants no notifications.
    Object.defineProperty(Notification, 'permission', { get: () => 'granted' });
    ServiceWorkerRegistration.prototype.showNotification = async (title: string) => {
      seen.calls.push(title);
    };
  });
  const page = await context.newPage();
  await page.clock.install();
  await page.goto(`/join#${key}`);
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  expect(await page.evaluate(() => window.isSecureContext)).toBe(true);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  const { waiting } = await today();
  const troubleOf = (markId: string) =>
    `/trouble/${waiting.find(({ markIds }) => markIds.includes(markId))?.id}`;
  const plan = troubleOf('ballpoint');
  await page.goto(plan);
  await expect(page.getByRole('button', { name: /^Start/ })).toBeVisible();
  await isKept(page, 'POST /plans/preview', 'ballpoint');
  await page.goto(troubleOf('beetroot'));
  await page.getByRole('button', { name: /^Start/ }).click();
  await expect(page.locator('h1[data-step]')).toBeVisible();
  const id = page.url().split('/').at(-1) ?? '';
  await expect
    .poll(() => page.evaluate(() => (window as unknown as { locks: number }).locks))
    .toBeGreaterThan(0);
  const before = await eventsOf(id);
  await isKept(page, `GET /runs/${id}`);
  await isKept(page, 'GET /reference');

  await context.setOffline(true);
  await page.reload();
  await expect(page.getByText('No connection')).toBeVisible();
  await note(page, 'in the evening');
  await expect(page.getByText(/1 tap waits on this device/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/1 tap waits on this device/)).toBeVisible();
  await page.goto(plan);
  await expect(page.getByRole('button', { name: /^Start/ })).toBeVisible();
  await page.goto('/reference/marks/beetroot');
  await expect(page.getByRole('heading', { name: /beetroot/i }).first()).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();

  // Nine hours pass, on the phone and in the house; its clocks call although nothing answers.
  await page.clock.fastForward('09:00:00');
  server.pass(9 * 60);
  await expect
    .poll(() => page.evaluate(() => (window as unknown as { calls: string[] }).calls.length))
    .toBeGreaterThan(0);
  await context.setOffline(false);
  await page.clock.fastForward('00:00:05');
  await expect.poll(async () => (await eventsOf(id)).length).toBe(before.length + 1);
  const noted = (await eventsOf(id)).at(-1);
  const { now } = await server.ask<{ now: string }>('/today');
  const hoursAgo = (Date.parse(now) - Date.parse(noted?.at ?? '')) / 3600_000;
  expect(noted?.kind).toBe('noted');
  expect(hoursAgo).toBeGreaterThan(8.9);
  expect(hoursAgo).toBeLessThan(9.2);
  await page.clock.fastForward('00:01:05');
  await expect(page.getByText('No connection')).toHaveCount(0);
  await context.close();
});

test('a newer one waits until it is taken, and a run is not touched by it', async () => {
  let isNewer = false;
  const between = await passOn(4899, (path, body) =>
    isNewer && path === '/sw.js' ? `${body}\n// newer` : body,
  );
  const context = await phone('http://127.0.0.1:4899', { serviceWorkers: 'allow' });
  const page = await context.newPage();
  await page.goto('/');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  const atTub = await context.newPage();
  await atTub.goto(`/runs/${(await today()).running[0]?.id}`);
  await atTub.getByRole('button', { name: 'Note', exact: true }).click();
  await atTub.getByRole('textbox', { name: 'Note' }).fill('half typed');
  isNewer = true;
  await page.reload();
  await page.evaluate(() =>
    navigator.serviceWorker
      .getRegistration()
      .then((one) => one?.update())
      .then(() => true),
  );
  const take = page.getByRole('button', { name: 'Take it now' });
  await expect(take).toBeVisible();
  const loaded = page.waitForEvent('load');
  await take.click();
  await loaded;
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  await expect(take).toHaveCount(0);
  await expect(atTub.getByRole('textbox', { name: 'Note' })).toHaveValue('half typed');
  await context.close();
  between.close();
  between.closeAllConnections();
});

/** A proxy between browser and server that may change answers. */
async function passOn(port: number, changed: (path: string, body: string) => string): Promise<Server> {
  const between = createServer((given, answer) => {
    const { url: path = '/', method, headers } = given;
    const isScript = path === '/sw.js';
    const asked = ask(
      {
        host: '127.0.0.1',
        port: PORT,
        path,
        method,
        headers: { ...headers, ...(isScript ? { 'accept-encoding': 'identity' } : {}) },
      },
      (said) => {
        if (!isScript) {
          answer.writeHead(said.statusCode ?? 502, said.headers);
          said.pipe(answer);
          return;
        }
        const parts: Buffer[] = [];
        said.on('data', (part: Buffer) => parts.push(part));
        said.on('end', () => {
          answer.writeHead(200, { 'content-type': 'text/javascript', 'cache-control': 'no-cache' });
          answer.end(changed(path, Buffer.concat(parts).toString()));
        });
      },
    );
    asked.on('error', () => answer.destroy());
    given.pipe(asked);
  });
  await new Promise<void>((listening) => between.listen(port, '127.0.0.1', listening));
  return between;
}
