import { unfold } from './desk';
import { expect, test } from './worker';

test('the course of a trouble: what it is, how on each cloth, kept in the address, leading on', async ({
  page,
}) => {
  await page.goto('/reference/courses');
  // A course is found by any name of its troubles.
  await page.getByLabel('Search the reference').fill('claret');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Red wine, berries, cherry, beetroot');
  // A line for each kind of cloth; none is open until it is asked for.
  await expect(page.getByRole('link', { name: 'white, sturdy', exact: true })).toContainText(
    'hot oxygen dip',
  );
  await page.getByRole('link', { name: 'white, sturdy', exact: true }).click();
  await expect(page.getByRole('region', { name: 'On white, sturdy cloth' })).toContainText('Hot oxygen dip');
  await page.getByRole('link', { name: 'wool and silk', exact: true }).click();
  await expect(page).toHaveURL(/cloth=protein/);
  const onWool = page.getByRole('region', { name: 'On wool and silk' });
  await expect(onWool).toContainText('Two full rinses.');
  await expect(onWool).not.toContainText('Hot oxygen dip');
  await page.reload();
  await expect(onWool).toContainText('The colour');
  await page.getByRole('link', { name: 'not to be wetted', exact: true }).click();
  await expect(page.getByRole('region', { name: 'On what may not be wetted' })).toContainText(
    'For a professional. Water rings it',
  );
  await expect(page.getByText('Cold water through from the back')).toHaveCount(0);

  await page.goto('/reference/marks/candleWax?cloth=white');
  await expect(page.getByRole('heading', { name: 'candle wax', level: 1 })).toBeVisible();
  const steps = page.getByRole('region', { name: 'On white, sturdy cloth' }).getByRole('listitem');
  await expect(steps.nth(0)).toContainText('Chill and chip');
  await expect(steps.nth(1)).toContainText('Warm iron through paper');
  await unfold(page, 'How to tell');
  await page.getByRole('link', { name: /Soot: tape first/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Soot, smuts, charcoal');

  await page.goto('/reference/courses/nosuch');
  await expect(page.getByText('There is no such sheet.')).toBeVisible();
  await page.goto('/reference/courses/blood?cloth=velvet');
  await expect(page.getByRole('link', { name: 'white, sturdy', exact: true })).toBeVisible();
  await expect(page.getByRole('region', { name: /^On / })).toHaveCount(0);
});

test('a course fits a phone, in degrees and measures of the household, and prints the cloth that was chosen', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/reference/courses/wineBerry?cloth=surface');
  await expect(page.getByRole('region', { name: 'On a carpet, seat or mattress' })).toContainText(
    'Weigh down a dry towel',
  );
  const wide = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(wide).toBe(0);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Kinds of cloth' })).toBeHidden();
  await expect(page.getByRole('region', { name: 'On a carpet, seat or mattress' })).toBeVisible();
});
