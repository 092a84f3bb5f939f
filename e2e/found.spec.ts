import type { Page } from '@playwright/test';
import { Desk } from './desk';
import { atNight, expect, test } from './worker';

async function ask(page: Page, words: string) {
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  await page.keyboard.press('/');
  await page.getByRole('textbox', { name: 'Find anything' }).fill(words);
}

atNight(
  'a sofa without a code: powder at once, everything wet after the hidden water test, both outcomes',
  async ({ page }) => {
    await ask(page, 'just now spilled red wine on the couch');
    await expect(page.getByRole('option').first()).toContainText('red wine on the armchair or sofa');
    await page.keyboard.press('Enter');
    const desk = new Desk(page);
    await expect(desk.pass('absorbentOnWet')).toBeVisible();
    await expect(
      page.getByText('No upholstery code entered: dry powder only, until a water test'),
    ).toBeVisible();
    await desk.unfold('Not used here');
    await expect(page.locator('[data-lost=coldBlot]')).toContainText('After the hidden water test');
    await desk.choose('waterTest', 'took water: no colour, no ring');
    await expect(desk.pass('coldBlot')).toBeVisible();
    await expect(page.getByText('No upholstery code entered')).toHaveCount(0);
    await desk.choose('waterTest', 'bled, ringed or crushed');
    await expect(page.getByText('The hidden water test was not passed')).toBeVisible();
    await expect(desk.pass('coldBlot')).toHaveCount(0);
    await page.reload();
    await expect(desk.blank('waterTest')).toHaveText('bled, ringed or crushed');
  },
);

test('screens and settings are found, and what nobody knows is not answered', async ({ page }) => {
  await ask(page, 'settings');
  await expect(page.getByRole('option').first()).toContainText('Your house');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/household$/);
  await ask(page, 'purple monkey dishwasher');
  await expect(page.getByText('Nothing like that; nearest:')).toBeVisible();
  await ask(page, 'qqqq xyxyx');
  await expect(page.getByText('Nothing by that word')).toBeVisible();
});

atNight('a bleach spot is told honestly: no cleaning, and what may help', async ({ page }) => {
  await ask(page, 'bleach spot on jeans');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Not at home' })).toContainText('No cleaning helps');
  await expect(page.getByText('this is no soil, and no cleaning helps')).toBeVisible();
  await expect(page.getByText('a fabric pen or dye of the same shade')).toBeVisible();
});

test('words and Enter typed before the field or what it knows has come are taken once it has', async ({
  page,
}) => {
  await page.route(/FindDialog.*\.js|\/api\/catalogue/, async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 2500));
    await route.continue();
  });
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  await page.keyboard.press('/');
  const field = page.getByRole('textbox', { name: 'Find anything' });
  await field.fill('bleach spot on jeans');
  await field.press('Enter');
  await expect(page.getByRole('region', { name: 'Not at home' })).toContainText('No cleaning helps');
  await expect(field).toHaveCount(0);
});

test('a stain nobody knows is narrowed down by look, feel and smell', async ({ page }) => {
  await ask(page, 'mystery stain on tablecloth');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Greasy, slippery' }).click();
  await page.getByRole('button', { name: 'Darker, as if wet; no colour of its own' }).click();
  await expect(page.getByText(/salad or cooking oil/).first()).toBeVisible();
});

test('a cold tag in °F is read as cold, and a label that allows oxygen says so against elastane', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'storage yellow');
  await desk.newPiece('tee', 'T-shirt or polo');
  await desk.openBlank('tag');
  await page
    .getByRole('textbox', { name: 'What the tag says' })
    .fill('machine wash cold 80 F, non-chlorine bleach');
  await page.keyboard.press('Enter');
  await expect(desk.blank('tag')).toContainText('30°');
});

atNight('a print on the front is told with one choice and keeps solvents off', async ({ page }) => {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'ballpoint');
  await desk.newPiece('tee', 'T-shirt or polo');
  await desk.openBlank('fibres');
  await page.getByRole('button', { name: /^As usual/ }).click();
  await expect(desk.pass('alcoholSpot')).toBeVisible();
  await desk.openBlank('fibres');
  await page.getByLabel('What else is on it').selectOption({ label: 'print, foil or flock' });
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(desk.pass('alcoholSpot')).toHaveCount(0);
  await desk.unfold('Not used here');
  await expect(page.locator('[data-lost=alcoholSpot]')).toContainText('print, foil or flock');
  await desk.openBlank('fibres');
  await page.getByRole('button', { name: 'Remove print, foil or flock' }).click();
  await expect(desk.pass('alcoholSpot')).toBeVisible();
});
