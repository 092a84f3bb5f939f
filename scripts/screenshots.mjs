import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM, ensureChromium } from './chromium.mjs';
import { ROOT } from './setUp.mjs';

/** Takes the pictures in docs/screenshots from a freshly reset demo: npm run demo -- --reset, then this. */
const BASE = process.argv[2] ?? 'http://127.0.0.1:4870';
const DIR = join(ROOT, 'docs/screenshots');
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

ensureChromium();
mkdirSync(DIR, { recursive: true });
const ask = async (path) => (await fetch(`${BASE}/api${path}`)).json();
const today = await ask('/today');
const waiting = (markId) => today.waiting.find((trouble) => trouble.markIds.includes(markId)).id;
const soak = today.running.find((run) => run.pieceName === 'lawn petticoat').id;
const towels = (await ask('/pieces')).find((piece) => piece.name === 'bath towels').id;

const NOTHING_YET = { running: [], clashes: [], trials: [], waiting: [], settled: [], due: [], loads: [] };

const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: [
    '--no-sandbox',
    '--disable-dev-shm-usage',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
  ],
});

async function shoot(
  name,
  path,
  {
    viewport = DESK,
    colorScheme = 'light',
    timezoneId = 'UTC',
    act = async () => undefined,
    before = async () => undefined,
  } = {},
) {
  const page = await browser.newPage({ viewport, colorScheme, timezoneId, locale: 'en-GB' });
  await before(page);
  await page.goto(`${BASE}${path}`);
  // The line of changes never falls silent: what counts is that nothing is being fetched any more.
  await page.waitForFunction(() => !/^Fetching /m.test(document.body.innerText));
  await page.waitForTimeout(900);
  await act(page);
  await page.waitForTimeout(400);
  await page.screenshot({ path: join(DIR, `${name}.png`) });
  await page.close();
  console.log(name);
}

await shoot('today', '/');
await shoot('today-phone', '/', { viewport: PHONE });
await shoot('trouble', `/trouble/${waiting('beetroot')}`);
await shoot('danger-phone', '/danger/asbestos', { viewport: PHONE });
await shoot('at-once-phone', '/trouble', {
  viewport: PHONE,
  act: async (page) => {
    await page
      .getByRole('textbox', { name: 'What happened?' })
      .fill('red wine on the wool carpet, ten minutes ago');
    await page.keyboard.press('Enter');
    await page.locator('[data-slate]').waitFor();
    await page.waitForTimeout(1500);
  },
});
await shoot('wash', '/wash', {
  act: (page) => page.locator('[data-piece]').filter({ hasText: 'band T-shirts' }).click(),
});
await shoot('wash-phone', '/wash', { viewport: PHONE });
// A line is seen by day: the page stands in a place where it is morning.
const west = Math.min(12, new Date().getUTCHours() - 10);
await shoot('line', '/wash/line', {
  timezoneId: west === 0 ? 'UTC' : `Etc/GMT${west > 0 ? '+' : '-'}${Math.abs(west)}`,
  act: (page) => page.waitForTimeout(1500),
});
await shoot('trouble-phone', `/trouble/${waiting('beetroot')}`, { viewport: PHONE });
await shoot('tub-phone', `/runs/${soak}`, { viewport: PHONE });
await shoot('tub-look-phone-dark', `/runs/${soak}`, {
  viewport: PHONE,
  colorScheme: 'dark',
  act: (page) => page.getByRole('button', { name: 'Check' }).click(),
});
await shoot('first-start-phone', '/', {
  viewport: PHONE,
  // A house in which nothing has happened yet.
  before: (page) =>
    page.route('**/api/today', (route) =>
      route.fulfill({ json: { ...today, householdTold: false, ...NOTHING_YET } }),
    ),
});
await shoot('what-works', '/what-works');
await shoot('piece', `/pieces/${towels}`);
const soakOnWool = '/mix?in=vessel*bucket&water=10000&warm=60&pour=oxygenBleach*2.5*cap&fibre=wool';
const figures = (page) => page.getByRole('region', { name: 'What the mix is' });
await shoot('mixing-table', soakOnWool, {
  act: async (page) => {
    await figures(page).waitFor();
    await page.locator('.recharts-surface').first().waitFor();
  },
});
await shoot(
  'mixing-table-refused-dark',
  '/mix?in=vessel*bucket&water=10000&warm=40&pour=chlorineBleach*50*mL&pour=vinegar*100*mL',
  { colorScheme: 'dark', act: (page) => page.getByText('Not mixed.').waitFor() },
);
await shoot('household', '/household');
await shoot('course', '/reference/courses/wineBerry?cloth=white');
// The addresses of the computer that takes the picture are nobody's business: those of the demo stand there.
const AT_HOME = ['http://192.168.7.20:4880', 'http://linen-room.local:4880', 'https://linen-room.local:4881'];
await shoot('devices', '/devices', {
  before: (page) =>
    page.route('**/api/network', (route) =>
      route.fulfill({
        json: {
          isOpen: true,
          addresses: AT_HOME.map((url) => ({ url, isSafe: url.startsWith('https') })),
          rootFingerprint: Array.from({ length: 32 }, (_, n) =>
            ((n * 37) % 256).toString(16).padStart(2, '0'),
          ).join(':'),
          fault: null,
        },
      }),
    ),
  act: async (page) => {
    await page.getByLabel('Its name').fill('Phone at the tub');
    await page.getByRole('button', { name: 'The tub only' }).click();
    await page.getByRole('button', { name: 'Show the code' }).click();
  },
});
await browser.close();
