import { isNight, shareByDay } from '../testing/byDay';
import { CHROMIUM_ARGS } from './chromiumArgs';
import { addresses, seriousOn, settled } from './everyPage';
import { expect, type Page, test } from './worker';

// The text size of the browser set to twice the usual, as in its settings.
test.use({
  launchOptions: {
    executablePath: '/usr/bin/chromium-headless-shell',
    args: [...CHROMIUM_ARGS, '--blink-settings=defaultFontSize=32'],
  },
});

/** Height of all that stays at the foot of the window while the page moves, px. */
const footHeight = (page: Page): Promise<number> =>
  page.evaluate(() =>
    [...document.querySelectorAll('body *')].reduce((sum, one) => {
      const { top, bottom, height } = one.getBoundingClientRect();
      const stays = getComputedStyle(one).position === 'fixed' && bottom >= innerHeight - 1 && top > 0;
      return stays ? sum + height : sum;
    }, 0),
  );

test('text twice as large grows on every page; nothing runs sideways, no bar takes a quarter of the window, and axe finds nothing serious', async ({
  page,
}) => {
  test.setTimeout(600_000);
  for (const [at, address] of shareByDay(await addresses(page), 6, 4).entries()) {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(address);
    await settled(page);
    for (const [width, height] of [
      [390, 844],
      [1280, 800],
    ] as const) {
      await page.setViewportSize({ width, height });
      const where = `${address} at ${width} px`;
      const sizeOf = (name: string) =>
        page.evaluate(
          (one) => Number.parseFloat(getComputedStyle(document.querySelector(one) ?? document.body).fontSize),
          name,
        );
      expect(await sizeOf('main'), where).toBe(32);
      expect(await sizeOf('h1'), where).toBeGreaterThanOrEqual(32);
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: where })
        .toBeLessThanOrEqual(width);
      expect(await footHeight(page), where).toBeLessThan(height / 4);
    }
    // By day on every other of these pages: it takes the longest.
    if (isNight || at % 2 === 0) expect(await seriousOn(page, 'all'), address).toEqual([]);
  }
});
