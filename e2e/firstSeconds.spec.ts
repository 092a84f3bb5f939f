import { expect, type Page, test } from './worker';

const SIZES = {
  phone: { width: 390, height: 844 },
  desk: { width: 1280, height: 800 },
} as const;

/** The whole slate is in the first view. */
async function inFirstView(page: Page): Promise<void> {
  const box = await page.locator('[data-slate]').boundingBox();
  const height = page.viewportSize()?.height ?? 0;
  expect(box && box.y + box.height).toBeLessThan(height);
}

for (const [size, viewport] of Object.entries(SIZES))
  test(`red wine on carpet, ${size}: from the first page to the first move in two taps, then two questions at most`, async ({
    page,
  }) => {
    await page.setViewportSize(viewport);
    await page.goto('/');
    const field = page.getByRole('textbox', { name: 'What happened?' });
    await field.fill('red wine on carpet');
    await page.getByRole('button', { name: 'Go', exact: true }).click();
    const slate = page.getByRole('region', { name: 'At once' });
    await expect(slate).toContainText('Press');
    await expect(slate).toContainText('no rubbing');
    await inFirstView(page);
    // Holds for every answer still open: no water on a pile of unknown fibre.
    await expect(slate).not.toContainText(/water/i);

    const when = page.getByRole('group', { name: 'When did it happen?' });
    await when.getByRole('button', { name: 'Just now, wet' }).click();
    await expect(when).toHaveCount(0);
    await expect(page.getByLabel('The facts', { exact: true })).toContainText(
      /still wet, .*; it came just now/,
    );
    await expect(page.getByRole('list', { name: 'Steps of round 1' })).toBeVisible();
    // Two are asked at most: after one more nothing is.
    const unsure = page.getByRole('button', { name: 'Not sure' });
    if (await unsure.isVisible()) await unsure.click();
    await expect(unsure).toHaveCount(0);
    await expect(page.getByRole('button', { name: 'Start: press' })).toBeVisible();
  });

test('an answer is told like any other fact: it stands in the sentence, and a reload keeps it', async ({
  page,
}) => {
  await page.goto('/trouble');
  await page.getByRole('button', { name: 'blood', exact: true }).click();
  const on = page.getByRole('group', { name: 'What is it on?' });
  await on.getByRole('button', { name: 'Carpet' }).click();
  await expect(page.getByLabel('The facts', { exact: true })).toContainText(
    'There is blood on the fitted carpet',
  );
  await expect(on).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel('The facts', { exact: true })).toContainText(
    'There is blood on the fitted carpet',
  );
});

test('words nobody knows are said so, and nothing is begun', async ({ page }) => {
  await page.goto('/trouble');
  const field = page.getByRole('textbox', { name: 'What happened?' });
  await field.fill('qqqq xyxyx');
  await expect(page.getByText('Nothing by that word.')).toBeVisible();
  await field.press('Enter');
  await expect(page).toHaveURL(/\/trouble$/);
  await field.fill('');
  await field.press('Enter');
  await expect(page).toHaveURL(/\/trouble$/);
});

test('what is understood stands under the field, and is taken by a tap', async ({ page }) => {
  await page.goto('/trouble');
  await page.getByRole('textbox', { name: 'What happened?' }).fill('grass jeans');
  const list = page.getByRole('list', { name: 'Understood as' });
  await list.getByRole('button', { name: /grass on the jeans/ }).click();
  await expect(page.getByLabel('The facts', { exact: true })).toContainText('There is grass on the jeans');
});
