import { Desk, unfold } from './desk';
import { atNight, expect, test } from './worker';

const PHONE = { width: 390, height: 844 };

test('a size is one tap, and amounts follow it; not told is a palm and says so', async ({ page }) => {
  const kept = await (await page.request.get('/api/household')).json();
  const measures = { temperature: 'C', system: 'metric' };
  await page.request.put('/api/household', { data: { ...kept, measures } });
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'ballpoint');
  await desk.newPiece('T-shirt', 'T-shirt or polo');
  await desk.fibre('cotton');
  await desk.colour('white');
  await expect(page.getByRole('button', { name: 'Assumed size: a palm, 8 × 8 cm' })).toBeVisible();
  const alcohol = desk.pass('alcoholSpot');
  await expect(alcohol).toContainText(/\(2\.5\s*mL\)/);
  await desk.openBlank('size');
  await page.getByRole('button', { name: 'a coin', exact: true }).click();
  await expect(desk.blank('size')).toHaveText('coin-sized');
  await expect(alcohol).toContainText(/8\s*drops a go/);
  await desk.openBlank('size');
  await page.getByRole('button', { name: 'all over', exact: true }).click();
  await expect(alcohol).toHaveCount(0);
  await desk.showAllLosers();
  await expect(desk.lost('alcoholSpot')).toContainText('Spot work, and the trouble is all over, or nearly.');
  // A reload in the middle forgets nothing.
  await page.reload();
  await expect(desk.blank('size')).toHaveText('all over');
});

atNight(
  'petrol told as tried: first of all what to do with it, and washed since lifts its ban',
  async ({ page }) => {
    await page.setViewportSize(PHONE);
    const desk = new Desk(page);
    await desk.open();
    await desk.find('mark', 'salad oil');
    await desk.newPiece('T-shirt', 'T-shirt or polo');
    await desk.fibre('cotton');
    await desk.openBlank('tried');
    await page.getByRole('textbox', { name: /^Search:/ }).fill('petrol');
    await page.getByRole('button', { name: 'petrol or lighter fluid', exact: true }).click();
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    const first = page.getByText(/Petrol or lighter fluid has been on it: outdoors until no smell is left/);
    await expect(first).toBeVisible();
    await desk.openBlank('tried');
    await page
      .getByRole('group', { name: 'Washed, or rinsed in two waters, since?' })
      .getByRole('button', { name: 'yes' })
      .click();
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(desk.blank('tried')).toContainText('washed out since');
    await expect(first).toHaveCount(0);
  },
);

test('who lives here keeps products out, and says who', async ({ page }) => {
  await page.goto('/household');
  await unfold(page, 'Who lives here');
  await page.getByRole('group', { name: 'Someone pregnant' }).getByRole('button', { name: 'yes' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved. New plans use it.')).toBeVisible();
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'motor oil');
  await desk.newPiece('T-shirt', 'T-shirt or polo');
  await desk.fibre('cotton');
  await desk.alsoToBuy();
  await desk.showAllLosers();
  await expect(desk.lost('spiritsSpot')).toContainText(
    'Mineral spirits is kept out: someone here is pregnant.',
  );
  await page.goto('/household');
  await unfold(page, 'Who lives here');
  await page.getByRole('group', { name: 'Someone pregnant' }).getByRole('button', { name: 'no' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved. New plans use it.')).toBeVisible();
});
