import { Desk } from './desk';
import { atNight, expect, test } from './worker';

test('a new trouble on a known piece: three interactions and far less than 15 seconds', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
  const startedAt = Date.now();
  let interactions = 0;
  await page.keyboard.press('/');
  interactions += 1;
  await page.keyboard.type('fresh red wine damask cloth');
  interactions += 1;
  await expect(page.getByRole('option').first()).toContainText('red wine on the damask cloth');
  await page.keyboard.press('Enter');
  interactions += 1;
  const desk = new Desk(page);
  await expect(page.getByLabel('The facts', { exact: true })).toContainText(
    /There is red wine on the damask cloth, still wet, .*; it came just now\./,
  );
  await expect(desk.pass('coldFromBack')).toBeVisible();
  await expect(page.getByRole('region', { name: 'At once' })).toContainText('Blot a minute');
  expect(interactions).toBe(3);
  expect(Date.now() - startedAt).toBeLessThan(15_000);
});

atNight('blood and soup on a mattress make one plan; what is gone drops out', async ({ page }) => {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'blood');
  await desk.newPiece('mattress', 'mattress');
  await desk.usualFibres();
  await desk.choose('age', 'some days ago');
  await desk.openBlank('mark');
  await page.getByRole('button', { name: 'And another on the same piece' }).click();
  await page.getByRole('textbox', { name: /^Search:/ }).fill('soup');
  await desk.firstHit().click();
  await expect(page.getByLabel('The facts', { exact: true })).toContainText(
    'There is blood and soup on the mattress',
  );
  await desk.unfold('Keep in mind');
  await expect(page.getByText('One plan for all 2')).toBeVisible();
  await expect(desk.pass('detergentBlot')).toBeVisible();
  await desk.openBlank('left');
  await page.getByRole('button', { name: 'blood protein and iron' }).click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByLabel('The facts', { exact: true })).toContainText(
    'all but blood protein and iron left',
  );
  await expect(page.getByText('One plan for all 2')).toHaveCount(0);
});

test('three questions tell why it is yellow, and the plan follows the answer', async ({ page }) => {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'yellowed cause');
  await desk.find('piece', 'lawn petticoat');
  await page.getByRole('button', { name: 'In folds, along edges' }).click();
  await expect(page.getByRole('list', { name: 'Likely causes' }).locator('li').first()).toContainText(
    'yellowing from storage',
  );
  await expect(desk.pass('longOxygenSoak')).toBeVisible();
  await page.getByRole('button', { name: 'Evenly all over' }).click();
  await page.getByRole('button', { name: 'Yes', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Likely causes' }).locator('li').first()).toContainText(
    'iron in the water',
  );
  await expect(desk.pass('longOxygenSoak')).toHaveCount(0);
  await expect(desk.pass('citricSoak')).toBeVisible();
});

atNight('positions stand side by side, and one is followed in this plan alone', async ({ page }) => {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'indigo');
  await desk.find('piece', 'percale');
  await desk.alsoToBuy();
  await page.locator('[data-dispute="runWay"]').getByRole('button', { name: 'Side by side' }).click();
  const dialog = page.getByRole('dialog', { name: 'A dye run: how?' });
  await expect(dialog.locator('[data-school="dyeSuspendingFirst"]')).toContainText('this plan follows it');
  await dialog.getByRole('button', { name: 'Oxygen soak' }).click();
  await expect(dialog.locator('[data-school="oxygenOnRuns"]')).toBeVisible();
  await dialog.getByRole('button', { name: 'Reducer' }).click();
  await expect(dialog.locator('[data-compared="risk"]')).toContainText('safer');
  await dialog.getByRole('button', { name: 'Take B' }).click();
  await expect(desk.pass('reducerSoak')).toBeVisible();
  await expect(page.locator('[data-dispute="runWay"]')).toContainText('chosen for this plan');
});

atNight(
  'a struck method says what would change that; a pass says why it stops where it stops',
  async ({ page }) => {
    const desk = new Desk(page);
    await desk.open();
    await desk.find('mark', 'beetroot');
    await desk.find('piece', 'damask');
    await desk.choose('age', 'today');
    await desk.choose('wetness', 'dry');
    const soak = desk.pass('oxygenSoak');
    await soak.getByRole('button', { name: /^Why step/ }).click();
    await expect(soak).toContainText('Not hotter than 60 °C: sewn-in label.');
    await expect(soak).toContainText('beetroot red');
    await desk.tag('no bleach');
    await desk.showAllLosers();
    await desk.lost('oxygenSoak').getByRole('button', { name: 'What would change that?' }).click();
    await expect(desk.lost('oxygenSoak')).toContainText('If its tag allowed oxygen bleach.');
  },
);

test('blend and tag are typed as they stand, and what is not read is said', async ({ page }) => {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'tea');
  await desk.newPiece('polo', 'T-shirt or polo');
  await desk.openBlank('fibres');
  await page.getByLabel('Blend, as on the tag').fill('60 co 35 pes 5 el');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(desk.blank('fibres')).toHaveText('cotton 60 % + polyester 35 % + elastane 5 %');
  await desk.openBlank('tag');
  await page.getByLabel('What the tag says').fill('40 no bleach tumble low, moonlight');
  await expect(page.getByText('not read: moonlight')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(desk.blank('tag')).toHaveAttribute('aria-label', 'Tag: 40°, no bleach, tumble low');
});

test('the reference is searched, linked across, and says where each fact comes from', async ({ page }) => {
  await page.goto('/reference/fibres');
  await page.getByLabel('Search the reference').fill('merino');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'wool', level: 1 })).toBeVisible();
  await expect(page.getByText('ASTM D1909, recalled')).toBeHidden();
  await page.getByRole('button', { name: 'Where from' }).click();
  await expect(page.getByText('ASTM D1909, recalled')).toBeVisible();
  await page.getByRole('link', { name: 'rug', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'rug', level: 1 })).toBeVisible();
  await page.goto('/reference/hazards');
  await page.getByRole('button', { name: /^hydrogen peroxide and acetone/ }).click();
  await expect(page.getByRole('status')).toContainText('can make explosive peroxides');
  await page.goto('/reference/marks/redWine');
  // A word of the trade says what it is on tap.
  await page.getByRole('button', { name: 'tannin', exact: true }).first().click();
  await expect(page.getByText('The bitter brown matter of tea')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'I have this: plan it' }).click();
  await expect(page.getByLabel('The facts', { exact: true })).toContainText(
    'There is red wine on some piece',
  );
  await page.goto('/reference/fibres/moonsilk');
  await expect(page.getByText('There is no such sheet.')).toBeVisible();
});

test('six troubles stand in one plan, and a seventh takes the place of none', async ({ page }) => {
  await page.goto('/trouble');
  await page
    .getByRole('textbox', { name: 'What happened?' })
    .fill('wee, blood, vomit, sweat, coffee and red wine on the mattress');
  await page.keyboard.press('Enter');
  const facts = page.getByLabel('The facts', { exact: true });
  await expect(facts).toContainText('urine, blood');
  const desk = new Desk(page);
  await desk.openBlank('mark');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('status')).toHaveText('6 in one plan at most: take one away first.');
  await expect(dialog.getByRole('option')).toHaveCount(0);
  await dialog.getByRole('button', { name: 'take vomit away' }).click();
  await dialog.getByRole('textbox').fill('mud');
  await page.keyboard.press('Enter');
  await expect(facts).toContainText(/urine, blood.* and mud on the mattress/);
  await expect(facts).not.toContainText('vomit');
});

test('a cause somebody is sure of is taken by a tap, and the plan is made for it', async ({ page }) => {
  await page.goto('/trouble');
  await page.getByRole('textbox', { name: 'What happened?' }).fill('yellowed white cotton shirt');
  await page.keyboard.press('Enter');
  const cause = page.getByRole('region', { name: 'What is the cause?' });
  await cause.getByRole('button', { name: 'yellowing from chlorine' }).click();
  await expect(page.getByLabel('The facts', { exact: true })).toContainText('yellowing from chlorine on the');
  await expect(cause).toHaveCount(0);
});
