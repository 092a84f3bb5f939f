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
await shoot('linen', '/pieces');
await shoot('piece', `/pieces/${towels}`);
await shoot('cupboard', '/cupboard', {
  act: (page) => page.getByRole('button', { name: /^white distilled vinegar/ }).click(),
});
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
await browser.close();
