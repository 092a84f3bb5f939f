import type { Page } from '@playwright/test';
import { atNight, expect, test } from './worker';

test.beforeEach(({ server }) => server.asInTheDemo());

const drum = (page: Page, number: number) => page.getByRole('group', { name: `Drum ${number}`, exact: true });
const pieceIn = (page: Page, name: string | RegExp) => page.locator('[data-piece]').filter({ hasText: name });
/** The number of the drum a piece is drawn in. */
async function drumOf(page: Page, name: string): Promise<number> {
  const groups = page.getByRole('group', { name: /^Drum \d+$/ });
  for (let at = 0; at < (await groups.count()); at += 1)
    if ((await groups.nth(at).locator('[data-piece]').filter({ hasText: name }).count()) > 0) return at + 1;
  return 0;
}

test.describe('on a desk', () => {
  test.use({ viewport: { width: 1280, height: 800 } });

  test('says what each drum is washed at and who holds it; a piece that is lifted is answered by every drum', async ({
    page,
  }) => {
    await page.goto('/wash');
    await expect(page.getByRole('heading', { name: /drums$/ })).toBeVisible();
    await expect(page.getByText(/the fewest possible: proven/)).toBeVisible();
    await expect(page.getByText('Solvent has been on it: air it outdoors')).toBeVisible();
    await expect(drum(page, 1)).toContainText('Cotton 60 °C');
    await pieceIn(page, 'band T-shirts').click();
    await expect(drum(page, 1)).toContainText('May not');
    await expect(drum(page, 1)).toContainText('greys');
    await page.keyboard.press('Escape');
    await expect(page.getByText('May not')).toHaveCount(0);

    // The card for the machine: what is printed is caught before the printer has it.
    await drum(page, 1).getByRole('button', { name: 'Before, after and the dryer' }).click();
    await expect(drum(page, 1)).toContainText('no child, no cat');
    await expect(drum(page, 1)).toContainText('damask cloth (still marked)');
    await page.evaluate(() => {
      window.print = () => {
        document.body.dataset.card = [...document.querySelectorAll('[data-print=only]')]
          .map((one) => one.textContent)
          .join(' ');
      };
    });
    await drum(page, 1).getByRole('button', { name: 'Print a card' }).click();
    const card = await page.evaluate(() => document.body.dataset.card ?? '');
    expect(card).toMatch(/Cotton 60\s°C/);
    expect(card).toContain('bath towels');
    expect(card).toContain('Not in the dryer');
  });

  test('moves a piece by key, by button and by drag, and takes it back', async ({ page }) => {
    await page.goto('/wash');
    const napkins = pieceIn(page, 'napkins');
    await expect(napkins).toBeVisible();
    const from = await drumOf(page, 'napkins');
    await napkins.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText(/^Lifted napkins\. Drum 1: /)).toHaveCount(1);
    await page.keyboard.press('0');
    await expect(page.getByText('napkins is in a drum of its own.')).toBeVisible();
    await expect(page.getByText('as you arranged them')).toBeVisible();
    await expect(async () => expect(await drumOf(page, 'napkins')).not.toBe(from)).toPass();
    const own = await drumOf(page, 'napkins');
    await expect(drum(page, own).locator('[data-piece]')).toHaveCount(1);

    await napkins.click();
    await drum(page, from)
      .getByRole('button', { name: `Into drum ${from}` })
      .click();
    await expect(async () => expect(await drumOf(page, 'napkins')).toBe(from)).toPass();

    await napkins.click();
    await page.getByRole('button', { name: 'Leave it in the heap' }).click();
    await expect(page.getByText('left out by you')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).last().waitFor();
    await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('left out by you')).toHaveCount(0);

    // A drag to a drum that may not have it springs back, and the drum says why.
    const target = drum(page, (await drumOf(page, 'old jeans')) || 2);
    await napkins.scrollIntoViewIfNeeded();
    const start = await napkins.boundingBox();
    const end = await target.boundingBox();
    if (!start || !end) throw new Error('nothing to drag');
    await page.mouse.move(start.x + 60, start.y + 15);
    await page.mouse.down();
    await page.mouse.move(start.x + 120, start.y + 60, { steps: 4 });
    await page.mouse.move(end.x + 500, end.y + 60, { steps: 8 });
    await page.mouse.up();
    await expect(target).toContainText('May not');
    await expect(async () => expect(await drumOf(page, 'napkins')).toBe(from)).toPass();
  });

  atNight('each at its best takes more drums, and the wish is kept', async ({ page }) => {
    await page.goto('/wash');
    const drums = page.getByRole('group', { name: /^Drum \d+$/ });
    await expect(drums.first()).toBeVisible();
    const fewest = await drums.count();
    await page.getByLabel('From fewest drums to each at its best').focus();
    await page.keyboard.press('End');
    await expect(async () => expect(await drums.count()).toBeGreaterThan(fewest)).toPass();
    await page.reload();
    await expect(page.getByLabel('From fewest drums to each at its best')).toHaveValue('1');
    await page.getByLabel('From fewest drums to each at its best').focus();
    await page.keyboard.press('Home');
    await expect(drums).toHaveCount(fewest);
  });

  atNight(
    'a heap of 24 is told and sorted in far fewer than forty interactions',
    async ({ page, server }) => {
      await server.asInTheDemo({ heap: [], loads: [] });
      // Every tap, every field filled and every key counts, as the page itself has them.
      await page.addInitScript(() => {
        const told = window as unknown as { interactions: number };
        told.interactions = 0;
        for (const kind of ['pointerdown', 'input', 'keydown'])
          window.addEventListener(kind, () => (told.interactions += 1), true);
      });
      await page.goto('/wash');
      await expect(page.getByText('The heap is empty.')).toBeVisible();
      const linen = page.getByRole('button', {
        name: /^(damask cloth|viscose blouse|school polo|percale pillowcase|silk scarf)$/,
      });
      for (let at = 0; at < 5; at += 1) {
        await linen.nth(at).click();
        await expect(linen.nth(at)).toHaveAttribute('aria-pressed', 'true');
      }
      await page
        .getByLabel('By the handful')
        .fill(
          '2 sheets, 2 pillow slips, a duvet cover, 4 bath towels, 9 dark socks, 6 white underwear, 5 T-shirts, 2 jeans, ' +
            '8 tea towels, 6 napkins, a fleece, 3 dark leggings, 2 striped shirts, an apron, 2 pale blouses, 3 pyjamas, ' +
            '2 sweatshirts, a dressing gown, 10 nappies',
        );
      await page.keyboard.press('Enter');
      await expect(page.locator('[data-piece]')).toHaveCount(24);
      await expect(page.getByText('the fewest possible: proven')).toBeVisible();
      const counted = await page.evaluate(() => (window as unknown as { interactions: number }).interactions);
      expect(counted).toBeGreaterThanOrEqual(7);
      expect(counted).toBeLessThanOrEqual(40);
      await expect(page.getByText('Not understood')).toHaveCount(0);
      await page.getByLabel('By the handful').fill('3 gloobs');
      await page.keyboard.press('Enter');
      await expect(page.getByText('Not understood: 3 gloobs')).toBeVisible();

      // What stays because it is washed by hand goes to the line by a tap, and back.
      await page.getByRole('button', { name: 'Washed by hand: silk scarf' }).click();
      const filled = page.getByRole('region', { name: 'Filled' });
      await expect(filled.getByText(/^By hand: wet since/)).toBeVisible();
      await expect(pieceIn(page, 'silk scarf')).toHaveCount(0);
      await filled.getByRole('button', { name: 'Undo' }).click();
      await expect(pieceIn(page, 'silk scarf')).toBeVisible();
    },
  );

  test('from the drum to the line to dry, each step taken back once', async ({ page }) => {
    await page.goto('/wash/line');
    await expect(page.getByText('example forecast')).toBeVisible();
    await expect(page.getByRole('button', { name: /^hand towels, 3: / })).toBeVisible();
    await page.getByRole('button', { name: 'your own' }).click();
    await page.getByRole('button', { name: 'dry and windy' }).click();
    await expect(page.getByText('by hand', { exact: false }).first()).toBeVisible();
    await page.getByRole('button', { name: 'All 4 hung up' }).click();
    await page.getByRole('button', { name: /^handkerchiefs, 10: / }).click();
    const piece = page.getByRole('region', { name: 'Of handkerchiefs' });
    await piece.getByRole('button', { name: 'on an airer indoors' }).click();
    await expect(page.getByText('Two to three litres of water a load')).toBeVisible();
    await page.getByRole('button', { name: /^All is dry/ }).click();
    await expect(page.getByText('Nothing is wet.')).toBeVisible();

    await page.goto('/wash');
    const pieces = page.locator('[data-piece]');
    await expect(pieces).toHaveCount(25);
    await page.getByRole('button', { name: 'Fill drum 1', exact: true }).click();
    await expect(page.getByText(/to go, done at/)).toBeVisible();
    await expect(async () => expect(await pieces.count()).toBeLessThan(25)).toPass();
    await page.goto('/');
    await expect(page.getByText(/to go, done at/)).toBeVisible();
    await page.getByRole('button', { name: 'Unloaded' }).click();
    await expect(page.getByText(/to go, done at/)).toHaveCount(0);
    await page.goto('/wash');
    const filled = page.getByRole('region', { name: 'Filled' });
    await expect(filled.getByText(/out since/).first()).toBeVisible();
    await filled.getByRole('button', { name: 'Undo' }).first().click();
    await expect(page.getByText(/to go, done at/)).toBeVisible();
    await filled.getByRole('button', { name: 'Undo' }).first().click();
    await expect(pieces).toHaveCount(25);
  });

  test('a treatment that has come to its wash goes in with a load and comes out with it', async ({
    page,
    request,
  }) => {
    const { waiting } = await (await request.get('/api/today')).json();
    const { id } = waiting.find((one: { pieceName: string }) => one.pieceName === 'damask cloth');
    const { planId } = await (await request.get(`/api/troubles/${id}`)).json();
    const plan = await (await request.get(`/api/plans/${planId}`)).json();
    const passIndex = plan.passes.findIndex(
      ({ methodId }: { methodId: string }) => methodId === 'hotDetergentWash',
    );
    const key = crypto.randomUUID();
    expect((await request.post('/api/runs', { data: { key, planId, passIndex } })).status()).toBe(201);

    await page.goto(`/runs/${key}`);
    const joined = page.locator('[data-join]');
    await expect(joined).toContainText(
      /^In the heap\. Drum \d+: .* 40\s°C, with .*Held at 40\s°C by damask cloth/,
    );
    await joined.getByRole('button', { name: 'Out of the heap' }).click();
    await expect(joined).toContainText(/^Or with the heap\. Drum \d+: .* 40\s°C, with /);
    await joined.getByRole('button', { name: 'Into the heap' }).click();
    await expect(joined).toContainText(/^In the heap\./);
    const number = Number(/Drum (\d+)/.exec((await joined.textContent()) ?? '')?.[1]);
    await joined.getByRole('link', { name: 'See the loads' }).click();
    await expect(drum(page, number)).toContainText('damask cloth');
    await page.getByRole('button', { name: `Fill drum ${number}`, exact: true }).click();
    await expect(page.getByText(/^The machine is busy till \d\d:\d\d\.$/)).toBeVisible();

    await page.goto(`/runs/${key}`);
    await expect(joined).toContainText(/^In the drum with a load till \d\d:\d\d\./);
    await expect(page.locator('[data-step=dwell]')).toBeVisible();
    await page.goto('/wash');
    await page.getByRole('button', { name: 'Unloaded' }).click();
    await expect(page.getByText('Look in daylight before any heat: damask cloth (beetroot).')).toBeVisible();
    await page.goto(`/runs/${key}`);
    await expect(page.locator('[data-step=dry]')).toBeVisible();
    await expect(joined).toHaveCount(0);
  });

  atNight('where a second sorting is as good, both are drawn and one is taken', async ({ page, server }) => {
    await server.asInTheDemo({ heap: [], loads: [] });
    await page.goto('/wash');
    await page.getByLabel('By the handful').fill('8 bath towels, 4 hand towels, 6 sheets, 2 duvet covers');
    await page.keyboard.press('Enter');
    const both = page.getByRole('region', { name: 'Two sortings' });
    await expect(both.getByRole('button')).toHaveCount(2);
    await both.getByRole('button', { name: 'evenly full' }).click();
    await expect(page.getByText('as you arranged them')).toBeVisible();
    await expect(both).toHaveCount(0);
    await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
    await expect(both).toBeVisible();
  });

  atNight('a line is told more of, and the machine is the household’s own', async ({ page }) => {
    await page.goto('/wash');
    await page.getByRole('button', { name: 'Change band T-shirts' }).click();
    const edit = page.getByRole('region', { name: 'Of band T-shirts' });
    await edit.getByRole('button', { name: 'soaked with fuel, thinner or drying oil' }).click();
    await edit.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('into no machine and no dryer')).toBeVisible();

    await page.getByRole('button', { name: 'Change sweatshirts' }).click();
    await page.getByRole('button', { name: 'Out of the heap' }).click();
    await expect(page.getByText('sweatshirts is out of the heap.')).toBeVisible();
    await expect(page.locator('[data-piece]')).toHaveCount(24);
    await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-piece]')).toHaveCount(25);

    await page.goto('/wash/machine');
    await page.getByLabel('Holds, kg').first().fill('2');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('Kept. Every load is worked out from it.')).toBeVisible();
    await page.goto('/wash');
    await expect(page.getByText(/of 2\.0 kg/).first()).toBeVisible();
  });
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('one drum at a time; a piece is tapped and every drum answers with a button', async ({ page }) => {
    await page.goto('/wash');
    await expect(page.getByText('In this drum')).toBeVisible();
    await page.getByRole('button', { name: 'Drum 2', exact: true }).click();
    const first = page.locator('[data-piece]').first();
    const name = (await first.innerText()).split('\n')[0]?.split(',')[0] ?? '';
    await first.click();
    const answers = page.getByRole('region', { name: 'What the drums say' });
    await expect(answers.getByText('Is here')).toBeVisible();
    await expect(answers.getByText('May not').first()).toBeVisible();
    await answers.getByRole('button', { name: 'A drum of its own' }).click();
    await expect(page.getByText(`${name} is in a drum of its own.`)).toBeVisible();
    await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('the fewest possible')).toBeVisible();
    await page.getByRole('button', { name: 'Fill drum 2' }).click();
    await expect(page.getByText(/to go, done at/)).toBeVisible();
    const small = await page.evaluate(
      () =>
        [...document.querySelectorAll<HTMLElement>('main button')].filter(
          (button) => button.offsetParent !== null && button.getBoundingClientRect().height < 43,
        ).length,
    );
    expect(small).toBe(0);
  });
});
