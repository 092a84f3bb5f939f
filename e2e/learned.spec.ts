import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { Desk, unfold } from './desk';
import { HOOK_MS, OwnServer } from './ownServer';
import { atNight } from './worker';

const server = new OwnServer(4897);
const empty = new OwnServer(4894, []);
test.beforeAll(async () => {
  test.setTimeout(HOOK_MS);
  await server.start();
});
test.afterAll(async () => {
  await server.end();
  await empty.end();
});

test('What works shows a method that left the passes because of the log, and why; the plan says so too', async ({
  page,
}) => {
  await page.goto(`${server.base}/what-works`);
  const changed = page.getByRole('region', { name: 'What it changed' });
  await changed
    .getByRole('button', { name: /towels/ })
    .first()
    .click();
  await expect(changed).toContainText(
    /Deep strip with washing soda: step 1 by usual figures, not used now\./,
  );
  await expect(changed).toContainText(
    /Set aside by your own results: 0 of 5 worked\. “Citric.*” does better with odds of \d+ in 100/,
  );
  await expect(changed).toContainText(/Citric.*: step 1 by your results, step 3 by usual figures/);
  const row = page.locator('[data-works="deepStrip stiffTowels"]');
  await expect(row).toContainText('0 of 5');
  await expect(row).toContainText('less than usual');
  await expect(row.getByRole('img')).toHaveAccessibleName(/Usual: \d+ to \d+ % a round\. Here: \d+ to \d+ %/);
  await changed.getByRole('link', { name: 'To its plan' }).first().click();
  await expect(page.locator('[data-pass=citricSoak]')).toContainText('from your own results: 2 of 2');
  await expect(page.locator('[data-pass=deepStrip]')).toHaveCount(0);
});

test('a trial side by side: refused where unfair, drawn and blind where fair, told plainly', async ({
  page,
}) => {
  const { waiting } = await server.ask<{ waiting: { id: string; markIds: string[] }[] }>('/today');
  const dialog = page.getByRole('dialog');
  const begin = async (markId: string, ways: readonly string[]) => {
    await page.goto(`${server.base}/trouble/${waiting.find((one) => one.markIds.includes(markId))?.id}`);
    await new Desk(page).unfold('Other ways');
    await page.getByRole('button', { name: 'Try two side by side' }).click();
    for (const name of ways) await dialog.getByRole('button', { name, exact: true }).click();
    await dialog.getByRole('button', { name: 'Begin the trial' }).click();
  };
  await begin('egg', ['Cool water, dripped through', 'Mild detergent in water']);
  await expect(dialog).toContainText('whole piece');
  // The wash that ends a round is for all alike: it is not offered.
  await expect(dialog.getByRole('button', { name: /wash/i })).toHaveCount(0);

  const ways = ['Dish detergent blot', 'Peroxide 3 %, dabbed'];
  await begin('mildew', ways);
  await expect(page.getByRole('heading', { name: 'Put each on its place' })).toBeVisible();
  await expect(page.getByText('One clock for all')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Start the one clock/ })).toBeDisabled();
  for (const place of ['the left part', 'the right part'])
    await page.getByRole('button', { name: `It is on ${place}` }).click();
  await page.getByRole('button', { name: /^Start the one clock/ }).click();
  await expect(page.getByTestId('clock')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Washed and dry/ })).toBeDisabled();
  server.pass(24 * 60);
  await page.reload();
  await page.getByRole('button', { name: /^Washed and dry/ }).click();
  await expect(page.getByText('The product that was put there is not shown now')).toBeVisible();
  for (const name of ways) await expect(page.locator('main')).not.toContainText(name);
  await page.getByRole('button', { name: 'Half' }).click();
  await page.getByRole('button', { name: 'Half' }).click();
  await expect(page.getByText(/Too little to tell, from one trial/)).toBeVisible();
});

const unsealed = (file: string): string => file.replaceAll(/"seal":"[^"]*"/g, '"seal":null');

atNight(
  'the household travels: out as a file, into an empty house, out again byte for byte',
  async ({ page }) => {
    await empty.start();
    await page.goto(`${server.base}/household`);
    await unfold(page, 'As a file');
    const taking = page.waitForEvent('download');
    await page.getByText('Export the household').click();
    const path = await (await taking).path();
    const before = readFileSync(path, 'utf8');
    await page.goto(`${empty.base}/household`);
    await unfold(page, 'As a file');
    await page.getByLabel('Household file').setInputFiles(path);
    await expect(page.getByRole('status').filter({ hasText: 'Read in' })).toContainText('21 pieces');
    // What another house goes on with becomes its own, with its own seal: nothing else is otherwise.
    const written = async () => unsealed(await (await fetch(`${empty.base}/api/household/file`)).text());
    expect(await written()).toBe(unsealed(before));

    const wrong = [
      ['cut.json', before.slice(0, before.length / 2), /does not read as JSON.*Nothing was changed/],
      ['foreign.json', '{"hello":"world"}', /not a household file of Feverfew\. Nothing was changed/],
      [
        'newer.json',
        before.replace(/"version":\d+/, '"version":9999'),
        /version 9999.*reads up to \d+\. Nothing was changed/,
      ],
    ] as const;
    for (const [name, text, words] of wrong) {
      await page
        .getByLabel('Household file')
        .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
      await expect(page.getByText(words)).toBeVisible();
    }
    expect(await written()).toBe(unsealed(before));
  },
);

test('a picture stays on the device until it is saved, small and without a word of where it was taken', async ({
  page,
}) => {
  const { running } = await server.ask<{ running: { id: string }[] }>('/today');
  await page.goto(`${server.base}/runs/${running[0]?.id}`);
  const png = await page.screenshot();
  await page
    .getByLabel('Choose a picture')
    .setInputFiles({ name: 'mark.png', mimeType: 'image/png', buffer: png });
  await expect(page.getByText('on this device only')).toBeVisible();
  expect(
    (await server.ask<{ state: { photos: unknown[] } }>(`/runs/${running[0]?.id}`)).state.photos,
  ).toEqual([]);
  await page.reload();
  await page.getByRole('region', { name: 'Pictures' }).getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('round 1, saved')).toBeVisible();
  const { state } = await server.ask<{ state: { photos: { photoId: string }[] } }>(`/runs/${running[0]?.id}`);
  const bytes = Buffer.from(
    await (await fetch(`${server.base}/api/photos/${state.photos[0]?.photoId}`)).arrayBuffer(),
  );
  expect(bytes.length).toBeLessThan(400_000);
  expect(bytes.includes('Exif')).toBe(false);
});
