import { Desk, Tub, unfold } from './desk';
import { atNight, expect, type Page, test } from './worker';

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
  await expect(page.getByLabel('The facts', { exact: true })).toContainText(
    'There is beetroot on the table linen, dry, about 6 × 4 cm; it came today. Cloth: linen, white; the tag ' +
      'says 60°, oxygen only.',
  );

  await expect(page.getByRole('heading', { name: 'Round 1', exact: true })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Round 1' })).toContainText('34 min yours');
  const slate = page.getByRole('region', { name: 'At once' });
  await expect(slate).toContainText('no soap bar');
  await slate.getByRole('button', { name: 'Why this first' }).click();
  await expect(slate).toContainText('No soap bar.');
  await page.getByRole('button', { name: 'All limits of the piece' }).click();
  await expect(page.getByRole('button', { name: 'Why 60 °C?' })).toContainText('60 °C — sewn-in label');
  await expect(desk.pass('oxygenSoak')).toContainText('3½ tbsp (53 g) oxygen bleach powder, in 7 L at 60 °C');
  await expect(desk.pass('oxygenSoak')).toContainText(/\d\d–\d\d % gone/);
  await expect(desk.pass('oxygenSoak')).toContainText('Goggles, gloves, no dust.');
  await expect(
    page.getByText('Product labels and local rules come first.').locator('visible=true'),
  ).toHaveCount(1);

  await page.getByRole('button', { name: /^Start(: |$)/ }).click();
  const tub = new Tub(page);
  await expect(tub.step('firstAid')).toBeVisible();
  await tub.workToStep(2, 'mix');
  await expect(page.getByText('oxygen bleach powder').first()).toBeVisible();
  await tub.workTo('dwell');
  await tub.tap('Start the clock');
  await expect(page.getByTestId('clock')).toHaveText(/^\d h \d\d min$/);
  await tub.tap('Check');
  await tub.tap('Most of it');
  await tub.tap('Leave it in');
  await expect(page.getByTestId('clock')).toBeVisible();
  await tub.tap('Check');
  await tub.tap('Gone');
  await tub.tap('Take it out and go on');
  // It was looked at a moment ago: do not ask twice.
  await expect(page.getByText('Round 1, step 3 of 3')).toBeVisible();
  await tub.workTo('dwell');
  await tub.tap('Start the clock');
  await tub.tap('The machine is done');
  await expect(tub.step('dry')).toBeVisible();
  await expect(page.getByText('No tumble, iron or hot wash yet')).toBeVisible();
  await tub.workTo('finalLook');
  await tub.tap('Gone');
  await page.getByRole('button', { name: /Add a note/ }).click();
  await page.getByLabel(/Note for next time/).fill('The soak did most of it.');
  await tub.tap('Save: Gone');
  await expect(tub.step('finished')).toHaveText('Gone');

  await tub.tap(/^Undo/);
  await expect(tub.step('finalLook')).toBeVisible();
  await tub.tap('Save: Gone');
  await expect(tub.step('finished')).toBeVisible();

  await page.getByRole('link', { name: 'the table linen', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'table linen' })).toBeVisible();
  await expect((await unfold(page, 'What happened to it')).getByText('Oxygen soak: Gone')).toBeVisible();
});

/** From a blank page to the first soak of beetroot on the damask cloth, its clock running. */
async function soakBeetroot(page: Page): Promise<Tub> {
  const desk = new Desk(page);
  const tub = new Tub(page);
  await desk.open();
  await desk.find('mark', 'beetroot');
  await desk.find('piece', 'damask');
  await desk.choose('age', 'today');
  await desk.choose('wetness', 'dry');
  await page.getByRole('button', { name: /^Start(: |$)/ }).click();
  await tub.workToStep(2, 'mix');
  // What is in use elsewhere is left alone: the bucket is the petticoat's.
  await expect(page.getByRole('img', { name: /filled to \d+ %/ })).not.toHaveAccessibleName(/bucket/);
  await expect(page.getByRole('group', { name: 'Cautions' })).toContainText('tongs, not hands');
  await tub.workTo('dwell');
  await tub.tap('Start the clock');
  return tub;
}

atNight('what has stalled goes on to the wash; the drum is waited for, not looked into', async ({ page }) => {
  const tub = await soakBeetroot(page);
  await tub.tap('Check');
  await tub.tap('All of it');
  await expect(page.getByText('something else comes next')).toBeVisible();
  await tub.tap('Take it out and go on');
  await expect(page.getByText('Round 1, step 3 of 3')).toBeVisible();
  await tub.workTo('dwell');
  await tub.tap('Start the clock');
  await expect(page.getByRole('button', { name: 'Check', exact: true })).toHaveCount(0);
  await tub.tap('The machine is done');
  await expect(tub.step('dry')).toBeVisible();
  // A wrong tap is taken back by its name, and brought again by it.
  await tub.tap('Undo: done');
  await expect(page.getByRole('button', { name: 'The machine is done', exact: true })).toBeVisible();
  await tub.tap('Redo: done');
  await expect(tub.step('dry')).toBeVisible();
});

atNight('something wrong leads to rinsing out', async ({ page }) => {
  const tub = await soakBeetroot(page);
  await tub.tap('Check');
  await tub.tap('Something is wrong');
  await tub.tap(/^Threads part/);
  await tub.tap('Stop and rinse it out');
  await expect(tub.step('rinse')).toBeVisible();
  await tub.tap('Done');
  await expect(tub.step('dry')).toBeVisible();
});

atNight('a pass is left out before it is on the piece', async ({ page }) => {
  const desk = new Desk(page);
  const tub = new Tub(page);
  await desk.open();
  await desk.find('mark', 'beetroot');
  await desk.find('piece', 'damask');
  await page.getByRole('button', { name: /^Start(: |$)/ }).click();
  await tub.workTo('mix');
  const name = page.locator('h1[data-step]');
  const first = await page.getByText(/^Round 1, step/).textContent();
  await tub.tap('Leave this step out');
  await expect(page.getByText(/^Round 1, step/)).not.toHaveText(first ?? '');
  await expect(name).toBeVisible();
});

test('a kept trouble opens with its facts; Today and the linen book show the demo', async ({ page }) => {
  await page.goto('/');
  await expect(
    page
      .getByRole('region', { name: 'Running' })
      .getByRole('link', { name: /lawn petticoat.*lidded 14 L bucket/is }),
  ).toBeVisible();
  await page
    .getByRole('link', { name: /ceilidh waistcoat/i })
    .first()
    .click();
  await expect(page.getByLabel('The facts', { exact: true })).toContainText(
    'There is ale or beer on the ceilidh waistcoat, on the shell',
  );
  await page.getByRole('link', { name: 'Linen', exact: true }).click();
  await page.getByLabel('Search your linen').fill('merino');
  await page.getByRole('link', { name: /merino layer/ }).click();
  const log = await unfold(page, 'What happened to it');
  await expect(log.getByText('One night under the porch roof was enough.')).toBeVisible();
  await page.getByRole('button', { name: 'New trouble on it' }).click();
  await expect(page.getByLabel('The facts', { exact: true })).toContainText('on the merino layer');
});
