import { isNight, shareByDay } from '../testing/byDay';
import { Desk, Tub, unfold } from './desk';
import { addresses, firstRunId, seriousOn, settled, waitingId } from './everyPage';
import { atNight, expect, type Page, test } from './worker';

test('axe finds nothing serious on any page, light or dark', async ({ page }) => {
  test.setTimeout(600_000);
  const paper = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const all = await addresses(page);
  // By day a sixth of the pages; the next test and the one of large text look at as many others.
  for (const [at, address] of shareByDay(all, 6).entries()) {
    await page.emulateMedia({ colorScheme: 'light' });
    await page.goto(address);
    await settled(page);
    expect(await seriousOn(page, 'all'), address).toEqual([]);
    // The same page in other colours; they are the same everywhere, so that by day some pages speak for the rest.
    if (!isNight && at % 3 !== 0) continue;
    const light = await paper();
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect.poll(paper).not.toBe(light);
    expect(await seriousOn(page, 'colours'), `${address}, dark`).toEqual([]);
  }
});

/** Everything on the page that is tapped and is smaller than a thumb, with its size. */
const smallTargets = (page: Page): Promise<string[]> =>
  page.evaluate((least) => {
    const targets = 'a, button, input, select, textarea, summary, [role=button], [role=option]';
    return [...document.querySelectorAll(targets)].flatMap((one) => {
      const box = one.getBoundingClientRect();
      const isShown = box.width > 1 && box.height > 1 && one.checkVisibility({ visibilityProperty: true });
      const name = one.getAttribute('aria-label') ?? one.textContent ?? '';
      // A name in running text is as wide as its letters; it is touched from above and below.
      const inText = one.tagName === 'A' && getComputedStyle(one).display === 'inline';
      const isSmall = box.height < least - 0.5 || (!inText && box.width < least - 0.5);
      return isShown && isSmall
        ? [`${Math.round(box.width)}×${Math.round(box.height)} ${name.slice(0, 40)}`]
        : [];
    });
  }, 44);

/** Opens what is folded on the page, so that it is measured too. */
async function openFolds(page: Page): Promise<void> {
  const folds = page.locator('main [aria-expanded=false]:not([aria-haspopup])');
  for (let opened = 0; opened < 40 && (await folds.locator('visible=true').count()) > 0; opened += 1)
    await folds.locator('visible=true').first().click();
}

test('each page has one heading and names its window; unfolded, no target is under 44 px on a phone, and nothing runs sideways there, at 320 px, or on a desk at 200 %', async ({
  page,
}) => {
  test.setTimeout(600_000);
  for (const address of shareByDay(await addresses(page), 6, 2)) {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(address);
    await settled(page);
    await expect(page.getByRole('heading', { level: 1 }), address).toHaveCount(1);
    await expect(page, address).toHaveTitle(/^.+ — Feverfew$/);
    await openFolds(page);
    expect(await smallTargets(page), address).toEqual([]);
    for (const [width, height] of [
      [390, 844],
      [320, 640],
      [640, 400],
    ] as const) {
      await page.setViewportSize({ width, height });
      // A chart is drawn again a moment after its size has changed.
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth), {
          message: `${address} at ${width}`,
        })
        .toBe(width);
    }
  }
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/runs/${await firstRunId(page)}`);
  await page.getByRole('button', { name: 'Check' }).click();
  await expect(page.getByRole('button', { name: 'Gone', exact: true })).toBeVisible();
  expect(await smallTargets(page)).toEqual([]);
});

atNight('the pickers of the sentence and Find have targets of 44 px too', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/trouble/${await waitingId(page, 'beetroot')}`);
  const desk = new Desk(page);
  await desk.openBlank('mark');
  const blanks = await page.locator('[data-blank]').evaluateAll((all) => all.map((one) => one.dataset.blank));
  for (const id of blanks) {
    if (!(await page.getByRole('dialog').isVisible())) await desk.openBlank(id ?? '');
    await expect(page.getByRole('dialog')).toBeVisible();
    expect(await smallTargets(page), id).toEqual([]);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await page.getByRole('button', { name: 'Find anything' }).click();
  await page.getByRole('textbox', { name: 'Find anything' }).fill('wine');
  await expect(page.getByRole('option').first()).toBeVisible();
  expect(await smallTargets(page)).toEqual([]);
});

atNight('every dialog has targets of 44 px on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/trouble/${await waitingId(page, 'egg')}`);
  const desk = new Desk(page);
  const measure = async (opener: string | RegExp) => {
    await page.getByRole('button', { name: opener }).first().click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await expect(page.getByText(/^Fetching /)).toHaveCount(0);
    expect(await smallTargets(page), String(opener)).toEqual([]);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  };
  await desk.unfold('Other ways');
  await measure('Try two side by side');
  await desk.start();
  const tub = new Tub(page);
  await tub.standing();
  await measure('Note');
  await measure('Use something else');
  await tub.goOn(['dry']);
  await measure('Heat all the same');
});

test('the first Tab leads past the places, and a move gives the focus to the heading', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'To the page' })).toBeFocused();
  await page.getByRole('link', { name: 'Linen', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Linen' })).toBeFocused();
});

test('where less motion is wanted, nothing moves', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(`/trouble/${await waitingId(page, 'beetroot')}`);
  await expect(page.locator('[data-pass]').first()).toBeVisible();
  const longest = await page.evaluate(() =>
    Math.max(
      ...[...document.querySelectorAll('*')].flatMap((one) => {
        const { transitionDuration, animationDuration } = getComputedStyle(one);
        return `${transitionDuration}, ${animationDuration}`
          .split(', ')
          .map((time) => Number.parseFloat(time));
      }),
    ),
  );
  expect(longest).toBeLessThan(0.01);
});

test('the main job by keyboard alone', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'Or tell it blank by blank' })).toBeVisible();
  const focused = () =>
    page.evaluate(
      () => document.activeElement?.getAttribute('data-blank') ?? document.activeElement?.textContent ?? '',
    );
  const tabTo = async (wanted: RegExp) => {
    for (let presses = 0; presses < 60 && !wanted.test(await focused()); presses += 1)
      await page.keyboard.press('Tab');
    expect(await focused()).toMatch(wanted);
  };
  const pickByWord = async (word: string) => {
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: /^Search:/ })).toBeFocused();
    await page.keyboard.type(word);
    await expect(page.getByRole('option').first()).toHaveAttribute('data-highlighted', '');
    await page.keyboard.press('Enter');
  };
  await tabTo(/^mark$/);
  await pickByWord('red wine');
  await expect.poll(focused).toBe('piece');
  await pickByWord('damask');
  await expect.poll(focused).toBe('wetness');
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('The facts', { exact: true })).toContainText(
    'There is red wine on the damask cloth',
  );
  // Past all the text: one key activates the button.
  await expect(new Desk(page).startButton).toBeEnabled();
  await page.keyboard.press('s');
  await expect(page.locator('h1[data-step]')).toBeVisible();
  await tabTo(/^Done$/);
  await page.keyboard.press('Enter');
  await expect(page.locator('h1[data-step]')).not.toHaveAttribute('data-step', 'firstAid');
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys).toBeVisible();
  // It listens for Escape once it has taken the focus.
  await expect.poll(() => keys.evaluate((node) => node.contains(document.activeElement))).toBe(true);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('degrees and measures follow the household everywhere', async ({ page }) => {
  await page.goto('/household');
  await unfold(page, 'How it is shown');
  await page.getByRole('button', { name: '°F' }).click();
  await page.getByRole('button', { name: 'US quarts and ounces' }).click();
  await page.goto(`/trouble/${await waitingId(page, 'beetroot')}`);
  const desk = new Desk(page);
  await expect(desk.pass('oxygenSoak')).toContainText('in 7.4 US qt at 140 °F');
  await page.getByRole('button', { name: 'All limits of the piece' }).click();
  await expect(page.getByRole('button', { name: 'Why 140 °F?' })).toBeVisible();
  await page.goto('/household');
  await unfold(page, 'How it is shown');
  await page.getByRole('button', { name: '°C' }).click();
  await page.getByRole('button', { name: 'litres and grams' }).click();
  await expect(page.getByRole('button', { name: 'litres and grams' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('a server that is gone is said, with a way on', async ({ page }) => {
  await page.route('**/api/today', (route) => route.abort());
  await page.goto('/');
  await expect(page.getByText('The server did not answer. Is it still running?')).toBeVisible();
  await page.unroute('**/api/today');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
});

/** What the page has noted of its own clock: ms from the last key to each question about the plan. */
interface Typed {
  waits: number[];
}

test('the preview is asked for soon after the last key', async ({ page }) => {
  await page.addInitScript(() => {
    const { fetch } = window;
    const waits: number[] = [];
    Object.assign(window, { waits });
    let typedAt = 0;
    addEventListener('input', () => (typedAt = performance.now()), true);
    window.fetch = (...asked) => {
      if (String(asked[0]).includes('/plans/preview')) waits.push(performance.now() - typedAt);
      return fetch(...asked);
    };
  });
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'beetroot');
  await desk.find('piece', 'damask');
  await expect(page.getByRole('heading', { name: 'Round 1', exact: true })).toBeVisible();
  await desk.openBlank('size');
  await page.getByLabel('Length in cm').fill('5');
  for (let width = 1; width <= 8; width += 1) {
    const answered = page.waitForResponse('**/api/plans/preview');
    await page.getByLabel('Width in cm').fill(String(width));
    expect((await answered).ok()).toBe(true);
  }
  // By the page's own clock, from the key to the question: how long the server takes is measured elsewhere. Other work
  // of the machine makes single questions late, so the soonest counts. A page that waits before it asks is late each time.
  const waits = await page.evaluate(() => (window as unknown as Typed).waits);
  expect(waits.length).toBeGreaterThanOrEqual(8);
  expect(Math.min(...waits)).toBeLessThan(100);
});

atNight(
  'the tub asks for notification only once a clock runs, and calls at the end',
  async ({ page, context }) => {
    await context.grantPermissions([]);
    const tub = new Tub(page);
    const desk = new Desk(page);
    await desk.open();
    await desk.find('mark', 'beetroot');
    await desk.find('piece', 'damask');
    await page.getByRole('button', { name: /^Start(: |$)/ }).click();
    await tub.workTo('dwell');
    await tub.tap('Start the clock');
    await expect(page.getByTestId('clock')).toBeVisible();
    await page.clock.install();
    await page.reload();
    await expect(page.getByTestId('clock')).toBeVisible();
    await page.clock.fastForward('08:01:00');
    await expect(page).toHaveTitle(/Long enough: check now/);
  },
);
