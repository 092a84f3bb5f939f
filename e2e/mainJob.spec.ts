import { Desk, Tub } from './desk';
import { expect, test } from './worker';

test('beetroot on linen, from a blank page to a logged outcome', async ({ page }) => {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'beetrot');
  await desk.newPiece('napkin', 'table linen');
  await desk.choose('age', 'today');
  await desk.choose('wetness', 'dry');
  await desk.size('6', '4');
  await desk.fibre('linen');
  await desk.colour('white');
  await desk.tag('wash 60', 'oxygen only', 'tumble low');
  await expect(page.getByLabel('The facts')).toContainText(
    'There is beetroot on the table linen, since today, dry, about 6 × 4 cm. It is linen, white, sound, with no ' +
      'metal on it; its tag says 60°, oxygen only, tumble low.',
  );

  await expect(page.getByRole('heading', { name: 'Three rungs, gentlest first' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Why 60 °C?' })).toContainText('60 °C — sewn-in label');
  await expect(desk.rung('oxygenSoak')).toContainText('3½ tbsp (53 g) oxygen bleach powder, in 7 L at 60 °C');
  await expect(desk.rung('oxygenSoak')).toContainText('takes out 50–90 % of what is left');
  await expect(page.getByRole('group', { name: 'Cautions' })).toContainText("Follow the product's own label");

  await page.getByRole('button', { name: 'Start with rung 1' }).click();
  const tub = new Tub(page);
  await tub.workTo('mix');
  await expect(page.getByText('delicate detergent').first()).toBeVisible();
  await tub.workTo('dwell');
  await tub.tap('Start the clock');
  await expect(page.getByTestId('clock')).toHaveText(/^(10:00|9:\d\d)$/);
  await tub.tap('Look in');
  await tub.tap('Most of it');
  await tub.tap('Leave it in');
  await expect(page.getByTestId('clock')).toBeVisible();
  await tub.tap('Look in');
  await tub.tap('Gone');
  await tub.tap(/go on$|wash it now$/);
  await expect(tub.step('look')).toBeVisible();
  await tub.tap('Gone');
  await tub.tap(/go on$|wash it now$/);
  await expect(tub.step('rinse')).toBeVisible();
  await tub.workTo('wash');
  await expect(page.getByText('Normal programme, 40 °C at most')).toBeVisible();
  await tub.workTo('finalLook');
  await tub.tap('Gone');
  await page.getByRole('button', { name: /Add a note/ }).click();
  await page.getByLabel(/Note for next time/).fill('Cold water from the back did most of it.');
  await tub.tap('Write down: Gone');
  await expect(tub.step('finished')).toHaveText('Gone');

  await tub.tap('Undo last tap');
  await expect(tub.step('finalLook')).toBeVisible();
  await tub.tap('Write down: Gone');
  await expect(tub.step('finished')).toBeVisible();

  await page.getByRole('link', { name: 'the table linen', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'table linen' })).toBeVisible();
  await expect(page.getByText('Cold flush, then detergent: Gone')).toBeVisible();
});

test('stalled leads to the next rung, something wrong leads to rinsing out', async ({ page }) => {
  const desk = new Desk(page);
  const tub = new Tub(page);
  await desk.open();
  await desk.find('mark', 'beetroot');
  await desk.find('piece', 'damask');
  await desk.choose('age', 'today');
  await desk.rung('machineOxygenWash').getByRole('button').first().click();
  await page.getByRole('button', { name: 'Start with rung 2' }).click();
  await tub.workTo('dwell');
  await tub.tap('Start the clock');
  await tub.tap('Look in');
  await tub.tap('Gone');
  await tub.tap(/go on$|wash it now$/);
  await tub.tap('All of it');
  await expect(page.getByText('change the mechanism, not the strength')).toBeVisible();
  await tub.tap(/^Next rung/);
  await expect(page.getByText('Rung 3 of 3')).toBeVisible();
  await tub.workTo('mix');
  await expect(page.getByRole('img', { name: /9 L basin, filled to 82 %/ })).toBeVisible();
  await expect(page.getByRole('group', { name: 'Cautions' })).toContainText('tongs, not hands');
  await tub.workTo('dwell');
  await tub.tap('Start the clock');
  await tub.tap('Look in');
  await tub.tap('Something is wrong');
  await tub.tap(/^Threads part/);
  await tub.tap('Stop and rinse it out');
  await expect(tub.step('rinse')).toBeVisible();
});

test('a kept trouble opens with its facts; Today and the linen book show the demo', async ({ page }) => {
  await page.goto('/');
  await expect(
    page.getByRole('link', { name: /9 L basin.*lawn petticoat.*Long oxygen soak/s }),
  ).toBeVisible();
  await page.getByRole('link', { name: /ceilidh waistcoat/ }).click();
  await expect(page.getByLabel('The facts')).toContainText(
    'There is ale or beer on the ceilidh waistcoat, on its shell, since some days ago',
  );
  await page.getByRole('link', { name: 'Linen book' }).click();
  await page.getByLabel('Search the linen book').fill('merino');
  await page.getByRole('link', { name: /merino layer/ }).click();
  await expect(page.getByText('One night under the porch roof was enough.')).toBeVisible();
  await page.getByRole('button', { name: 'New trouble on it' }).click();
  await expect(page.getByLabel('The facts')).toContainText('on the merino layer');
});
