import { readFileSync } from 'node:fs';
import { Desk, Tub } from './desk';
import { atNight, expect, type Page, test } from './worker';

const pourIn = async (page: Page, name: string) => {
  await page.getByRole('button', { name: 'Pour something in' }).click();
  await page.getByRole('textbox', { name: 'Search: What is poured in?' }).fill(name);
  await page.keyboard.press('Enter');
};
const row = (page: Page, agentId: string) => page.locator(`[data-pour=${agentId}]`);
const answer = (page: Page) => page.locator('[data-answer]');
const ask = async (page: Page, question: string, numbers: Readonly<Record<string, string>>) => {
  await page.getByRole('button', { name: question }).click();
  for (const [label, value] of Object.entries(numbers))
    await page.getByLabel(label, { exact: true }).last().fill(value);
};

test('what a person asks at the tub is answered on the table, each in under 30 seconds', async ({ page }) => {
  await page.goto('/mix');
  const section = page.getByRole('region', { name: 'The other way round' });
  const timed = async (work: () => Promise<void>) => {
    const from = Date.now();
    await work();
    expect(Date.now() - from).toBeLessThan(30_000);
  };
  await timed(async () => {
    await ask(page, 'Make it weaker', { mL: '300', '% wanted': '3', '% on the bottle': '12' });
    await expect(answer(page)).toContainText('75 mL of the 12 % and 225 mL water');
  });
  await timed(async () => {
    await ask(page, 'Warm it up again', { litres: '40', '°C now': '45', '°C wanted': '60' });
    await expect(answer(page)).toContainText('11 kettles');
  });
  await timed(async () => {
    await ask(page, 'When is it cool?', { '°C now': '60' });
    await expect(answer(page)).toContainText(/Below 40\s°C after about \d/);
  });
  await timed(async () => {
    await ask(page, 'Another vessel', {});
    await section.getByRole('button', { name: 'One more product' }).click();
    await expect(section.getByLabel('product').nth(1)).toBeVisible();
    await section.getByLabel('product').nth(1).selectOption({ label: 'baking soda' });
    await expect(answer(page)).toContainText(/26\sg washing soda/);
    await expect(answer(page)).toContainText(/14 L is 47 % of 30 L/);
  });
  await timed(async () => {
    await ask(page, 'Enough for a spot', { 'cm²': '40' });
    await expect(answer(page)).toContainText(/mL product and .*\smL water/);
  });
});

test('borax is told not to be sold here, and no amount of it is given', async ({ page }) => {
  await page.goto('/mix');
  await ask(page, 'Another vessel', {});
  await page
    .getByRole('region', { name: 'The other way round' })
    .getByLabel('product')
    .selectOption({ label: 'borax' });
  await expect(answer(page)).toContainText('not sold to households here');
  await expect(answer(page)).not.toContainText(/\d g borax/);
});

test('pour, see strength, pH, warmth and oxygen; hold it against wool; reload keeps it all', async ({
  page,
}) => {
  await page.goto('/mix');
  await page.getByRole('button', { name: 'lidded 14 L bucket' }).click();
  await page.getByLabel('Water, L').fill('10');
  await page.getByRole('button', { name: '60 °C', exact: true }).click();
  await pourIn(page, 'oxygen bleach powder');
  await row(page, 'oxygenBleach').getByLabel('How much').fill('75');
  const figures = page.getByRole('region', { name: 'What the mix is' });
  await expect(figures).toContainText('7.5 g/L');
  await expect(figures).toContainText(/pH 1\d\.\d to 1\d\.\d, most likely/);
  await expect(figures).toContainText(/Active oxygen: 10\d\d mg\/L/);
  await expect(figures).toContainText(/below 40\s°C after \d/);
  await expect(page.getByRole('img', { name: /Warmth over eight hours/ })).toBeVisible();
  await page.getByRole('button', { name: 'Hold it against a piece or fibre' }).click();
  await page.getByRole('textbox', { name: 'Search: What goes in?' }).fill('wool');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Not on this piece.')).toBeVisible();
  await expect(page.getByLabel('Not on this piece')).toContainText(/pH .* lies outside 4.0–8.5/);
  await page.reload();
  await expect(figures).toContainText('7.5 g/L');
  await expect(page.getByLabel('Not on this piece')).toBeVisible();
});

atNight('what must not meet shows its reason and no recipe, in any order and unit', async ({ page }) => {
  for (const order of [
    ['peroxide', 'vinegar'],
    ['vinegar', 'peroxide'],
  ]) {
    await page.goto('/mix');
    for (const id of order)
      await pourIn(page, id === 'peroxide' ? 'hydrogen peroxide' : 'white distilled vinegar');
    await expect(page.getByRole('list', { name: 'Not mixed' })).toContainText('must not meet');
    await row(page, 'vinegar').getByRole('combobox').selectOption('usCup');
    await expect(page.getByText('No figures are given for what must not be mixed.')).toBeVisible();
    await expect(page.getByRole('region', { name: 'What the mix is' })).toHaveCount(0);
    await expect(page.getByRole('button', { name: 'Put it on the shelf' })).toHaveCount(0);
  }
});

atNight('degrees and volumes follow the household, also where they are typed', async ({ page, request }) => {
  const before = await (await request.get('/api/household')).json();
  await request.put('/api/household', { data: { ...before, measures: { temperature: 'F', system: 'us' } } });
  await page.goto('/mix?in=vessel*bucket&water=10000&warm=40&pour=oxygenBleach*50*g');
  await expect(page.getByLabel('at °F')).toHaveValue('104');
  await page.getByLabel('at °F').fill('122');
  await expect(page).toHaveURL(/warm=50/);
  await expect(page.getByRole('region', { name: 'What the mix is' })).toContainText('US');
  await request.put('/api/household', { data: before });
});

atNight('gas in a sprayer, and a bottle of unknown strength until it is entered', async ({ page }) => {
  await page.goto('/mix?in=sprayer&water=200&pour=oxygenBleach*5*g');
  await expect(page.getByRole('list', { name: 'Not mixed' })).toContainText(
    'in a closed sprayer the pressure bursts it',
  );
  await page.goto('/mix?in=cup&water=0');
  await pourIn(page, 'household ammonia');
  await expect(page.getByRole('list', { name: 'Not mixed' })).toContainText(
    'strength of your household ammonia is not known',
  );
  await page.goto('/mix?in=cup&water=100&pour=isopropanol*20*mL');
  await expect(page.getByRole('region', { name: 'What the mix is' })).toContainText('%');
});

test('wrong numbers say so and break nothing', async ({ page }) => {
  await page.goto('/mix?in=cup&water=100&pour=vinegar*50*mL');
  const amount = row(page, 'vinegar').getByLabel('How much');
  await amount.fill('abc');
  await expect(page.getByText('Not a number.')).toBeVisible();
  await amount.fill('-5');
  await expect(page.getByText('An amount is at least 0.01.').first()).toBeVisible();
  await amount.fill('50');
  await expect(page.getByRole('region', { name: 'What the mix is' })).toContainText('1.7 %');
  await ask(page, 'Make it weaker', { '% wanted': '30' });
  await expect(answer(page)).toContainText('12 % cannot become 30 %: water only makes weaker.');
});

test('a folk claim is answered in a line, with its working', async ({ page }) => {
  await page.goto('/mix?in=cup&water=100&pour=vinegar*100*mL&pour=bakingSoda*20*g');
  const claims = page.getByRole('list', { name: 'By the numbers' });
  await expect(claims).toContainText('The white distilled vinegar is used up');
  await claims.getByRole('button', { name: 'How this comes about' }).click();
  await expect(page.getByText(/6\.99 g baking soda use up the acid/)).toBeVisible();
});

test('a mix is kept, printed as a tag, laid out again and taken off the shelf', async ({ page }) => {
  await page.addInitScript(() => {
    window.print = () => {
      (window as unknown as { printed: string }).printed =
        document.querySelector<HTMLElement>('[data-print=only]')?.textContent ?? '';
    };
  });
  await page.goto('/mix?in=cup&water=225&pour=peroxide*75*mL*12');
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByText('Give the mix a name').first()).toBeVisible();
  await page.getByLabel('Name of the mix').fill('Peroxide, 3 %');
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  const shelf = page.getByRole('region', { name: 'On the shelf' });
  await expect(shelf).toContainText('Peroxide, 3 %');
  await page.getByRole('button', { name: 'Print its tag' }).click();
  const printed = await page.evaluate(() => (window as unknown as { printed: string }).printed);
  expect(printed).toMatch(/Peroxide, 3 %.*hydrogen peroxide 3 %.*Mix fresh. Do not close./s);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As Markdown' }).click();
  const file = await (await download).path();
  expect(readFileSync(file, 'utf8')).toMatch(/# Peroxide, 3 %.*\| hydrogen peroxide \|.*## Cautions/s);
  await page.getByRole('button', { name: 'Clear the table' }).click();
  const kept = shelf.getByRole('listitem').filter({ hasText: 'Peroxide, 3 %' });
  await kept.getByRole('button', { name: 'Use this mix' }).click();
  await expect(page.getByRole('region', { name: 'What the mix is' })).toContainText('3 %');
  await kept.getByRole('button', { name: /off the shelf/ }).click();
  await expect(kept).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(kept).toHaveCount(1);
});

test('from a step of a plan one tap opens the table filled in; at the tub a kept mix stands in for the recipe', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.open();
  await desk.find('mark', 'beetroot');
  await desk.find('piece', 'damask');
  await desk.choose('age', 'today');
  await desk.choose('wetness', 'dry');
  const pass = page.locator('[data-pass=oxygenSoak]');
  await pass.getByRole('button', { name: /^Why step/ }).click();
  await expect(pass).toContainText(/is at \d+\s°C with tub and piece in, pH/);
  await pass.getByRole('link', { name: 'On the mixing table' }).click();
  await expect(page).toHaveURL(/\/mix\?in=vessel/);
  await expect(row(page, 'oxygenBleach').getByLabel('How much')).toHaveValue(/^5\d/);
  await expect(page.getByRole('region', { name: 'What goes in' })).toContainText('damask cloth');
  await page.goBack();
  await pass.getByRole('button', { name: /^Why step/ }).click();
  await desk.start();
  await new Tub(page).workToStep(2, 'mix');
  const kept = page.getByRole('region', { name: 'Kept mixes' });
  await expect(kept.getByRole('button')).toHaveCount(1);
  await kept.getByRole('button', { name: 'Use “White soak for the bucket”' }).click();
  await expect(kept).toContainText('Made from “White soak for the bucket”');
  await page.reload();
  await expect(kept).toContainText('Made from “White soak for the bucket”');
});
