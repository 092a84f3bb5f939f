import { addressOf, Desk } from './desk';
import { atNight, expect, type Page, test } from './worker';

const OIL_TEE = {
  itemId: 'tShirt',
  parts: [{ name: 'cloth', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }],
  colour: 'white',
  condition: 'sound',
};

async function beetroot(page: Page): Promise<Desk> {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'beetroot');
  await desk.find('piece', 'damask');
  await desk.choose('age', 'today');
  await desk.choose('wetness', 'dry');
  await expect(desk.pass('oxygenSoak')).toBeVisible();
  return desk;
}

test('another vessel is taken at its step: its water is worked out at once, and reload, back and a copied address keep it', async ({
  page,
  context,
}) => {
  const desk = await beetroot(page);
  const tiles = page.getByRole('group', { name: 'Made in' }).first();
  await tiles.getByRole('button', { name: / more$/ }).click();
  // Which one the plan takes hangs on what is in use: the next that would do is taken.
  const name =
    (await tiles
      .getByRole('button', { pressed: false })
      .first()
      .locator('span span')
      .first()
      .textContent()) ?? '';
  const taken = (where: Page) =>
    where.getByRole('group', { name: 'Made in' }).first().getByRole('button', { name, pressed: true });
  await expect(taken(page)).toHaveCount(0);
  const before = await desk.pass('oxygenSoak').textContent();
  await tiles.getByRole('button', { name }).click();
  await expect(taken(page)).toBeVisible();
  await expect(desk.pass('oxygenSoak')).not.toHaveText(before ?? '');
  const after = await desk.pass('oxygenSoak').locator('strong', { hasText: 'L at' }).first().textContent();
  await page.reload();
  await expect(taken(page)).toBeVisible();
  const copy = await context.newPage();
  await copy.goto(page.url());
  await expect(taken(copy)).toBeVisible();
  await expect(new Desk(copy).pass('oxygenSoak')).toContainText(after ?? '');
  await copy.close();
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  await page.goBack();
  await expect(taken(page)).toBeVisible();
});

atNight(
  'what is not told is assumed at its step, what must be bought has what there is beside it, a hidden test has a row',
  async ({ page }) => {
    const desk = new Desk(page);
    await page.goto(
      addressOf({ facts: { markIds: ['motorOil'], age: 'minutes', wetness: 'wet', piece: OIL_TEE } }),
    );
    const powder = desk.pass('absorbentDust');
    const amount = powder.locator('strong', { hasText: /mL|tsp|tbsp/ }).first();
    const before = await amount.textContent();
    await powder.getByRole('button', { name: 'Assumed size: a palm, 8 × 8 cm' }).click();
    await powder.getByRole('button', { name: 'a coin', exact: true }).click();
    await expect(amount).not.toHaveText(before ?? '');
    await expect(page.getByRole('button', { name: /^Assuming a palm/ })).toHaveCount(0);
    await expect(desk.blank('size')).toHaveText('coin-sized');

    await desk.alsoToBuy();
    const spirits = desk.pass('spiritsSpot');
    await expect(spirits).toContainText('to buy: mineral spirits');
    const have = spirits.getByRole('button', { name: /^With what you have: / });
    const name = /: (.*), \d/.exec((await have.textContent()) ?? '')?.[1] ?? '';
    await have.click();
    await expect(spirits).toHaveCount(0);
    await expect(page.getByRole('heading', { name: new RegExp(`^Step 2: ${name}`) })).toBeVisible();

    await expect(page.locator('[data-test-first]')).toHaveCount(0);
    await desk.choose('condition', 'antique');
    await expect(page.locator('[data-test-first]').first()).toContainText('Test a hidden spot first');
  },
);

test('what is usual is said; the tag answers it for good, another fibre changes the plan, another piece asks again', async ({
  page,
}) => {
  const desk = new Desk(page);
  const shirt = { itemId: 'shirt', colour: 'white' };
  const coffee = { markIds: ['coffee'], age: 'hours', wetness: 'dry', piece: shirt };
  await page.goto(addressOf({ facts: coffee }));
  const assumed = page.getByRole('group', { name: 'Assuming cotton, a tag of 40 °C' });
  await expect(assumed.getByText(/it is cotton.* and its tag allows 40 °C/)).toBeVisible();
  // Asked above the round, and not once more in it.
  await expect(page.getByText('Only if it is cotton')).toHaveCount(0);
  await assumed.getByRole('button', { name: 'Yes' }).click();
  const read = page.getByRole('button', { name: 'You read cotton, a tag of 40 °C' });
  await expect(read).toBeVisible();
  await expect(assumed).toHaveCount(0);
  await expect(page.getByRole('group', { name: 'What is it made of?' })).toHaveCount(0);
  await page.reload();
  await expect(read).toBeVisible();
  await expect(desk.pass('oxygenSoak')).toBeVisible();
  await read.click();
  await page.getByRole('button', { name: 'It is silk' }).click();
  await expect(read).toHaveCount(0);
  await expect(desk.pass('oxygenSoak')).toHaveCount(0);
  // A tag is that of the piece that was looked at.
  await page.goto(addressOf({ facts: { ...coffee, seen: { usualTag: true } } }));
  await expect(read).toBeVisible();
  await desk.find('piece', 'pillowcase');
  await expect(page.getByRole('group', { name: /^Assuming cotton/ })).toBeVisible();
});

test('a step is left out and put back; telling another begins anew, and back brings this one again', async ({
  page,
}) => {
  const desk = await beetroot(page);
  await desk
    .pass('oxygenSoak')
    .getByRole('button', { name: /^Why step/ })
    .click();
  await desk.pass('oxygenSoak').getByRole('button', { name: 'Leave this step out' }).click();
  const putBack = page.getByRole('button', { name: 'Put back: Oxygen soak' });
  await expect(putBack).toBeVisible();
  await expect(
    page.getByRole('list', { name: 'Steps of round 1' }).locator('[data-pass=oxygenSoak]'),
  ).toHaveCount(0);
  await page.reload();
  await putBack.click();
  await expect(desk.pass('oxygenSoak')).toBeVisible();
  await page.getByRole('button', { name: 'Add another' }).click();
  await expect(page.getByRole('heading', { name: 'Or tell it blank by blank' })).toBeVisible();
  await expect(page.getByText('Started and not kept:')).toContainText('beetroot on the damask cloth');
  await page.goBack();
  await expect(desk.pass('oxygenSoak')).toBeVisible();
});

atNight(
  'a step is done with something else, which stands in its place, and is taken back',
  async ({ page }) => {
    const desk = await beetroot(page);
    await desk.why('oxygenSoak');
    const soak = desk.pass('oxygenSoak');
    await soak.getByRole('button', { name: 'Use something else' }).click();
    const other = soak.getByRole('button').filter({ hasText: '% gone after it' }).first();
    const name = ((await other.locator('span').first().textContent()) ?? '').trim();
    await other.click();
    await expect(page.getByRole('list', { name: 'Steps of round 1' })).toContainText(name);
    await expect(page.locator('[data-pass=oxygenSoak]')).toHaveCount(0);
    await page.reload();
    await page.getByRole('button', { name: `Oxygen soak again, not ${name}` }).click();
    await expect(desk.pass('oxygenSoak')).toBeVisible();
  },
);

test('an address that was cut tells nothing and breaks nothing', async ({ page }) => {
  await page.goto('/trouble?told=eyJmYWN0cyI6eyJtYXJr');
  await expect(page.getByRole('heading', { name: 'Or tell it blank by blank' })).toBeVisible();
});

test('limits, reasons, the next round and what is not used open in place; the look says where each answer leads', async ({
  page,
}) => {
  const desk = await beetroot(page);
  await page.getByRole('button', { name: 'All limits of the piece' }).click();
  await expect(page.getByRole('region', { name: 'What it can stand' })).toContainText(
    '60 °C — sewn-in label',
  );
  const round = page.getByRole('region', { name: 'Round 1' });
  for (const way of ['Fainter: ', 'Worse: stop']) await expect(round).toContainText(way);
  await expect(page.locator('[data-lost]')).toHaveCount(0);
  await desk.unfold('Not used here');
  await expect(page.locator('[data-lost]').first()).toContainText('Source:');
});

atNight('the round that may follow is an outline until it is asked for', async ({ page }) => {
  const armchair = {
    itemId: 'armchair',
    name: 'armchair',
    parts: [{ name: 'cover', fibres: [{ fibreId: 'polyester', sharePct: 100 }] }],
    colour: 'white',
    waterTest: 'passed',
  };
  await page.goto(
    addressOf({ facts: { markIds: ['redWine'], age: 'hours', wetness: 'dry', piece: armchair } }),
  );
  const round = page.getByRole('region', { name: 'Round 2' });
  await expect(page.getByRole('region', { name: 'Round 1' })).toContainText('No change: round 2');
  await expect(round).toHaveCount(0);
  await page.getByRole('button', { name: 'Open round 2' }).click();
  await expect(round.locator('[data-pass]').first()).toBeVisible();
  await page.getByRole('button', { name: 'Close round 2' }).click();
  await expect(round).toHaveCount(0);
});

test('what goes on paper: a card, the plan, and a text', async ({ page }) => {
  await beetroot(page);
  await page.evaluate(() => {
    window.print = () => {
      const sheet = document.querySelector('[data-print=only]');
      document.title = `printed: ${sheet?.querySelector('style')?.textContent ?? ''} ${sheet?.textContent ?? ''}`;
    };
  });
  await page.getByRole('button', { name: 'Print a card' }).click();
  await expect(page).toHaveTitle(
    /printed: @page \{ size: A6.*beetroot on the damask cloth.*No soap bar.*Oxygen soak/s,
  );
  await page.getByRole('button', { name: 'Print the plan' }).click();
  await expect(page).toHaveTitle(/printed: @page \{ size: A5.*Oxygen soak/s);
});

test('while the server does not answer, what was said at once stays, with a way to try again', async ({
  page,
}) => {
  const desk = await beetroot(page);
  await page.route('**/api/plans/preview', (route) => route.abort());
  await desk.choose('age', 'some weeks ago');
  await expect(page.getByRole('button', { name: 'Try again' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'At once' })).toBeVisible();
  await expect(desk.startButton).toBeDisabled();
  await page.unroute('**/api/plans/preview');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(desk.startButton).toBeEnabled();
});

atNight(
  'the address of a plan is copied, also where a browser keeps its clipboard from plain http',
  async ({ page }) => {
    await page.addInitScript(() => Object.defineProperty(navigator, 'clipboard', { value: undefined }));
    await beetroot(page);
    const copy = page.getByRole('button', { name: 'Copy its address' });
    await copy.click();
    await expect(copy.locator('xpath=following-sibling::*')).toHaveText('Copied.');
    const address = page.url();
    await page.goto('/trouble');
    const field = page.getByRole('textbox', { name: 'What happened?' });
    await field.focus();
    await page.keyboard.press('Control+V');
    await expect(field).toHaveValue(address);
  },
);
