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

test('a piece is changed and found by its new name; the shelves take an order and show what needs a hand', async ({
  page,
}) => {
  await page.goto('/pieces');
  const shelved = page.locator('[data-on-shelf]');
  await expect(page.getByRole('region', { name: 'House linen' })).toBeVisible();
  await page.getByRole('button', { name: 'by name' }).click();
  await expect(page).toHaveURL(/sort=name/);
  await expect(page.getByRole('region', { name: 'House linen' })).toHaveCount(0);
  const names = await shelved.locator('> div:last-child > div:first-child').allTextContents();
  expect(names.length).toBeGreaterThan(10);
  expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
  // What does not need it is faded, and nothing moves.
  const count = await shelved.count();
  await page.getByRole('button', { name: /^open trouble \d+$/ }).click();
  await expect(page).toHaveURL(/show=trouble/);
  await expect(shelved).toHaveCount(count);
  await page.getByRole('button', { name: 'as a list' }).click();
  const rows = page.locator('main li');
  await expect.poll(() => rows.count()).toBeLessThan(count);
  // Arrows go from piece to piece.
  await page.goto('/pieces');
  await shelved.first().focus();
  await page.keyboard.press('ArrowRight');
  await expect(shelved.nth(1)).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(shelved.nth(1)).not.toBeFocused();

  await shelved.first().click();
  await page.getByRole('button', { name: 'Change' }).click();
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
  await expect(shelved).toHaveCount(1);
  await shelved.first().click();
  await page.getByRole('button', { name: 'Change' }).click();
  await name.fill(before);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(before);
});

test('a piece is entered before anything happens to it, by its kind alone', async ({ page }) => {
  await page.goto('/pieces');
  await expect(page.getByRole('link', { name: 'Add a piece' })).toBeVisible();
  await page.keyboard.press('a');
  await expect(page.getByRole('heading', { level: 1, name: 'A new piece' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeDisabled();
  await page.locator('[data-blank=piece]').click();
  await page.getByRole('dialog').getByRole('textbox').fill('tea towel');
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Name' }).fill('glass cloths');
  await page.getByRole('textbox', { name: 'Weighs dry, g' }).fill('0,5');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert').first()).toContainText('at least 5 g');
  await page.getByRole('textbox', { name: 'Weighs dry, g' }).fill('150');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'glass cloths' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Tag' })).toContainText('not entered');
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByRole('link', { name: /glass cloths/ })).toHaveCount(0);
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
  await page.getByRole('button', { name: 'Change' }).click();
  const picture = page.getByRole('region', { name: 'Picture' });
  const file = picture.getByLabel('Choose a picture of it');
  await file.setInputFiles({ name: 'no.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(picture.getByRole('alert')).toContainText('no picture that can be read');
  await file.setInputFiles({ name: 'scarf.png', mimeType: 'image/png', buffer: POINT });
  await expect(picture.getByRole('img', { name: 'silk scarf' })).toBeVisible();
  await page.goto('/pieces');
  await expect(row.locator('img')).toBeVisible();
  await row.click();
  await expect(page.getByRole('img', { name: 'silk scarf' })).toBeVisible();
  await page.getByRole('button', { name: 'Change' }).click();
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
