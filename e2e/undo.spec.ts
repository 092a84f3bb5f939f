import { atNight, expect, test } from './worker';

test('a trouble told by mistake is deleted and brought back; what was done on stays', async ({ page }) => {
  await page.goto('/');
  const todo = page.getByRole('region', { name: 'To do' });
  const mildew = todo.getByRole('link', { name: /mildew/ });
  await mildew.click();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  const gone = page.getByRole('status').filter({ hasText: /^Deleted: / });
  await expect(gone).toContainText('mildew');
  await expect(todo).toBeVisible();
  await expect(mildew).toHaveCount(0);
  await gone.getByRole('button', { name: 'Undo' }).click();
  await expect(mildew).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: /^Back: / })).toBeVisible();
  // Brought back once is enough: a reload offers it no second time.
  await page.reload();
  await expect(mildew).toHaveCount(1);
  await expect(page.getByRole('button', { name: 'Undo' })).toHaveCount(0);

  await page.getByRole('region', { name: 'Running' }).getByRole('link').first().click();
  await expect(page.getByRole('button', { name: 'Delete', exact: true })).toHaveCount(0);
});

test('a piece is renamed, found by its new name, and the linen stands in the order that is asked for', async ({
  page,
}) => {
  await page.goto('/pieces');
  const rows = page.locator('main li');
  const names = () => rows.locator('a > div:first-child > div > div:first-child').allTextContents();
  await expect(rows.first()).toBeVisible();
  const byName = await names();
  expect(byName).toEqual([...byName].sort((a, b) => a.localeCompare(b)));
  await page.getByRole('button', { name: 'most troubles' }).click();
  await expect(page).toHaveURL(/sort=troubles/);
  const counts = async () =>
    (await rows.allTextContents()).map((text) => Number(/(\d+) troubles?/.exec(text)?.[1] ?? 0));
  // The address has it a moment before the rows do.
  await expect
    .poll(async () => {
      const now = await counts();
      return now.length > 5 && now.every((count, at) => count <= (now[at - 1] ?? count));
    })
    .toBe(true);
  await page.getByRole('button', { name: 'was in trouble' }).click();
  await expect(page).toHaveURL(/show=troubled/);
  await expect(page).toHaveURL(/sort=troubles/);

  await rows.first().getByRole('link').click();
  const name = page.getByRole('textbox', { name: 'Name' });
  const before = await name.inputValue();
  await name.fill('   ');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert').first()).toBeVisible();
  await name.fill(`${before}, the good one`);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`${before}, the good one`);
  await page.goto('/pieces');
  await page.getByRole('textbox', { name: 'Search your linen' }).fill('the good one');
  await expect(rows).toHaveCount(1);
  await rows.first().getByRole('link').click();
  await name.fill(before);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(before);
});

/** The smallest picture a browser reads: one point. */
const POINT = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

test('a piece has a picture, also in the list, and loses it again', async ({ page }) => {
  await page.goto('/pieces');
  const row = page.getByRole('link', { name: /silk scarf/ });
  await expect(row.locator('img')).toHaveCount(0);
  await row.click();
  const picture = page.getByRole('region', { name: 'Picture' });
  const file = picture.getByLabel('Choose a picture of it');
  await file.setInputFiles({ name: 'no.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(picture.getByRole('alert')).toContainText('no picture that can be read');
  await file.setInputFiles({ name: 'scarf.png', mimeType: 'image/png', buffer: POINT });
  await expect(picture.getByRole('img', { name: 'silk scarf' })).toBeVisible();
  await page.goto('/pieces');
  await expect(row.locator('img')).toBeVisible();
  await row.click();
  await picture.getByRole('button', { name: 'No picture' }).click();
  await expect(picture.getByRole('img')).toHaveCount(0);
});

atNight('a piece entered twice becomes one, and is taken apart again by Undo', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByRole('link', { name: /merino layer/ }).click();
  await page.getByRole('button', { name: 'Entered twice? Merge' }).click();
  await page.getByRole('textbox', { name: 'Search: Which piece it is' }).fill('school polo');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'school polo' })).toBeVisible();
  const done = page.getByRole('status').filter({ hasText: 'are one piece now' });
  await expect(page.locator('main')).toContainText('bonfire smoke');
  await done.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Back: merino layer/ })).toBeVisible();
  await expect(page.locator('main')).not.toContainText('bonfire smoke');
  await page.goto('/pieces');
  await page.getByRole('link', { name: /merino layer/ }).click();
  await expect(page.locator('main')).toContainText('bonfire smoke');
});
