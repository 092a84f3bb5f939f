import { Desk } from './desk';
import { atNight, expect, test } from './worker';

test('an empty trouble says what to tell and offers nothing to start', async ({ page }) => {
  await new Desk(page).open();
  await expect(page.getByRole('textbox', { name: 'What happened?' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'At once' })).toHaveCount(0);
  await expect(new Desk(page).startButton).toHaveCount(0);
});

test('a blend of 140 % is marked at its blank, the last plan stays, and correcting it heals', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'tea');
  await desk.newPiece('polo', 'T-shirt or polo');
  // The plan that is to stay must be there first: on a slow machine the bad entry would overtake it.
  await expect(page.getByRole('list', { name: 'Steps of round 1' })).toBeVisible();
  await desk.openBlank('fibres');
  await page.getByLabel('Add a fibre to whole piece').selectOption({ label: 'cotton' });
  await page.getByLabel('Share of cotton in %').fill('80');
  await page.getByLabel('Add a fibre to whole piece').selectOption({ label: 'polyester' });
  await page.getByLabel('Share of polyester in %').fill('60');
  const complaint = 'The shares add up to 140 %. They should make 100 %';
  await expect(page.getByRole('dialog').getByText(complaint)).toBeVisible();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(desk.blank('fibres')).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByText(complaint)).toBeVisible();
  await expect(desk.startButton).toBeDisabled();
  await expect(page.getByRole('list', { name: 'Steps of round 1' })).toBeVisible();

  await desk.openBlank('fibres');
  await page.getByLabel('Share of polyester in %').fill('20');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText(complaint)).toHaveCount(0);
  await expect(desk.startButton).toBeEnabled();
});

atNight('a negative size is marked at its blank', async ({ page }) => {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'tea');
  await desk.newPiece('polo', 'T-shirt or polo');
  await desk.size('-3', '4');
  await expect(page.getByText('A size cannot be below zero.')).toBeVisible();
  await expect(desk.blank('size')).toHaveAttribute('aria-invalid', 'true');
});

atNight('an unknown strength keeps a bottle out until it is entered', async ({ page }) => {
  await page.goto('/cupboard');
  const strength = page.getByLabel('Strength of white distilled vinegar, % w/v');
  await strength.fill('');
  await expect(page.getByText('not known: kept out of recipes')).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved. New plans use it.')).toBeVisible();
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'fish');
  await desk.find('piece', 'bee smock');
  await desk.showAllLosers();
  await expect(desk.lost('vinegarSpot')).toContainText(
    'The strength of your white distilled vinegar is not known.',
  );
  await page.goto('/cupboard');
  await strength.fill('5');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved. New plans use it.')).toBeVisible();
});

test('addresses that lead nowhere say where to go', async ({ page }) => {
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'Nothing at this address' })).toBeVisible();
  await page.goto('/runs/11111111-1111-4111-8111-111111111111');
  await expect(page.getByText('There is no such run.')).toBeVisible();
  for (const address of ['/runs/none', '/trouble/none', '/pieces/none']) {
    await page.goto(address);
    await expect(page.getByRole('alert')).toContainText('There is nothing at this address.');
    await page.getByRole('link', { name: 'To Today' }).click();
    await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  }
  expect((await page.request.get('/assets/none.js')).status()).toBe(404);
  expect((await page.request.get('/api/none')).headers()['content-type']).toContain(
    'application/problem+json',
  );
});
