import { readFileSync } from 'node:fs';
import { unfold } from './desk';
import { atNight, expect, test } from './worker';

test('hardness in any unit or by strip, a vessel by jugs and by sides, a product by its label', async ({
  page,
}) => {
  await page.goto('/household');
  const water = await unfold(page, 'Water');
  await water.getByLabel('Unit of hardness').selectOption('dH');
  await expect(water.getByLabel('Hardness', { exact: true })).toHaveValue('16.25');
  await water.getByLabel('Hardness', { exact: true }).fill('10');
  await water.getByLabel('Unit of hardness').selectOption('mgL');
  await expect(water.getByLabel('Hardness', { exact: true })).toHaveValue('178.5');
  await water.getByRole('button', { name: '3 fields' }).click();
  await expect(water.getByLabel('Hardness', { exact: true })).toHaveValue('312');
  await expect(water).toContainText('very hard');

  const vessels = await unfold(page, 'Vessels');
  await page.getByRole('button', { name: 'Measure 9 L basin' }).click();
  for (let jug = 0; jug < 8; jug += 1) await page.getByRole('button', { name: 'One jug in' }).click();
  await page.getByRole('button', { name: 'It is full: 8 L' }).click();
  await expect(vessels.getByLabel('Litres').first()).toHaveValue('8');
  await page.getByRole('button', { name: 'Measure stone sink' }).click();
  await page.getByRole('button', { name: 'measure its sides' }).click();
  await page.getByLabel('Depth, cm').fill('1');
  await expect(page.getByText('Between 2 and 250 cm.')).toBeVisible();
  await page.getByLabel('Depth, cm').fill('20');
  await page.getByRole('button', { name: /^Take \d/ }).click();

  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved. New plans use it.')).toBeVisible();

  await page.goto('/cupboard');
  const labels = await unfold(page, 'What their labels say');
  await labels.getByLabel('Add one of the cupboard').selectOption('bioDetergent');
  await labels.getByLabel('dose, mL').last().fill('60');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved. New plans use it.')).toBeVisible();
  await page.reload();
  await unfold(page, 'What their labels say');
  await expect(labels).toContainText('liquid detergent with enzymes');
  await page.goto('/household');
  await expect(water).toContainText('very hard');
  await unfold(page, 'Water');
  await expect(water.getByLabel('Hardness', { exact: true })).toHaveValue('312');
});

test('a wrong figure is named beside its field', async ({ page }) => {
  await page.goto('/household');
  const head = (await unfold(page, 'Water')).getByRole('button').first();
  await page.getByLabel('Room, °C').fill('60');
  // Folded away, it opens by itself where something is wrong in it.
  await head.click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const fault = page.getByRole('alert').filter({ hasText: 'A room is at most 40 °C.' });
  await expect(fault).toBeVisible();
  await page.getByLabel('Room, °C').fill('');
  await expect(fault).toHaveCount(0);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Give a number.' })).toBeVisible();
  await page.getByLabel('Room, °C').fill('18');
  await expect(page.getByText('Give a number.')).toHaveCount(0);
});

atNight('the household goes out as a file and comes in whole or not at all', async ({ page }) => {
  await page.goto('/household');
  await unfold(page, 'As a file');
  const download = page.waitForEvent('download');
  await page.getByText('Export the household').click();
  const path = await (await download).path();
  const text = readFileSync(path, 'utf8');
  const input = page.getByLabel('Household file');
  await input.setInputFiles({
    name: 'cut.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.slice(0, 200)),
  });
  await expect(page.getByText(/does not read as JSON/)).toBeVisible();
  await input.setInputFiles({
    name: 'foreign.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"a":1}'),
  });
  await expect(page.getByText(/not a household file/)).toBeVisible();
  const file = JSON.parse(text);
  file.settings.household.vessels[0].name = 'read-in basin';
  await input.setInputFiles({
    name: 'mine.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(file)),
  });
  await expect(page.getByText(/Read in: \d+ pieces.*\d+ vessels/)).toBeVisible();
  await expect((await unfold(page, 'Vessels')).getByLabel('Name').first()).toHaveValue('read-in basin');
});

test('step by step, each step may be kept or skipped', async ({ page }) => {
  await page.goto('/setup');
  await expect(page.getByText('Step 1 of 6: Who lives here.')).toBeVisible();
  await page.getByRole('button', { name: 'Skip' }).click();
  await expect(page.getByText('Step 2 of 6: Water.')).toBeVisible();
  await page.getByLabel('Hot tap, °C').fill('99');
  await page.getByRole('button', { name: 'Save and go on' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'at most 95 °C' })).toBeVisible();
  await page.getByLabel('Hot tap, °C').fill('54');
  await page.getByRole('button', { name: 'Save and go on' }).click();
  for (const step of ['Vessels', 'Measures', 'Cupboard', 'Labels']) {
    await expect(page.getByText(`: ${step}.`)).toBeVisible();
    await page.getByRole('button', { name: 'Skip' }).click();
  }
  await expect(page).toHaveURL(/\/$/);
});
