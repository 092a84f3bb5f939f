import { Desk } from './desk';
import { atNight, expect, test } from './worker';

test.beforeEach(async ({ page }) => new Desk(page).open());

atNight('blood on a wool blanket: cold, no protease, no percarbonate', async ({ page }) => {
  const desk = new Desk(page);
  await desk.find('mark', 'blood');
  await desk.newPiece('blanket', 'blanket');
  await desk.choose('age', 'today');
  await desk.fibre('wool');
  await desk.colour('pale');
  await desk.size('5', '5');
  await desk.allLimits();
  await expect(page.getByRole('button', { name: 'Why 30 °C?' })).toContainText('30 °C — wool 100 %');
  await expect(desk.pass('coolDripThrough')).toContainText('Cold, 3–10 min');
  await desk.showAllLosers();
  await expect(desk.lost('enzymePretreat')).toContainText('No protein-cutting enzymes: wool 100 %.');
  await expect(desk.lost('oxygenSoak')).toContainText('No oxygen bleach: wool 100 %.');
  await expect(desk.lost('oxygenSoak')).toContainText('Source:');
  await desk.unfold('Keep in mind');
  await expect(page.getByText('Cold only until no more lifts')).toBeVisible();
});

atNight('blackberry on a code-W armchair: blotted, nothing immersed', async ({ page }) => {
  const desk = new Desk(page);
  await desk.find('mark', 'blackberry');
  await desk.newPiece('armchair', 'armchair or sofa');
  await desk.choose('age', 'today');
  await desk.usualFibres();
  await desk.colour('pale');
  await desk.choose('code', 'code W · water-based foam or cleaner');
  await expect(desk.pass('vinegarDetergentBlot')).toBeVisible();
  await desk.openRounds();
  await desk.why('peroxideDab');
  await expect(desk.pass('peroxideDab')).toContainText('Hidden test first');
  await desk.allLimits();
  await expect(page.getByRole('button', { name: 'Why no soak?' })).toBeVisible();
  await page.getByRole('button', { name: 'Why no soak?' }).click();
  await expect(page.getByText('code W', { exact: false }).last()).toBeVisible();
  await page.keyboard.press('Escape');
  await desk.showAllLosers();
  await expect(desk.lost('coldFlush')).toContainText('Wets too much: soak, where surface damp is the most');
});

atNight('nail varnish on an acetate lining: both removers out, a professional named', async ({ page }) => {
  const desk = new Desk(page);
  await desk.find('mark', 'nail polish');
  await desk.find('piece', 'good coat');
  await desk.choose('part', 'lining');
  await expect(page.getByRole('heading', { name: 'Take it to a professional' })).toBeVisible();
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('blockquote')).toContainText('nail varnish on the good coat, on the lining');
  await desk.showAllLosers();
  await expect(desk.lost('acetoneSpot')).toContainText('No acetone: acetate 100 %, lining.');
  await expect(desk.lost('esterSpot')).toContainText(
    'No acetone-free varnish remover: acetate 100 %, lining.',
  );
  await expect(page.getByText('Its tag sends it to a professional')).toBeVisible();
  await expect(desk.startButton).toHaveCount(0);
});

atNight(
  'storage yellow on a petticoat with a 40 °C tag: 6–8 h at 40, amount for this basin',
  async ({ page }) => {
    const desk = new Desk(page);
    await desk.find('mark', 'storage yellow');
    await desk.find('piece', 'lawn petticoat');
    await expect(desk.pass('longOxygenSoak')).toContainText('40 mL (42 g) oxygen bleach powder');
    await desk.why('longOxygenSoak');
    await expect(desk.pass('longOxygenSoak')).toContainText('Best at 60 °C; held to 40 °C by sewn-in label.');
  },
);

atNight('fish-meal smell on a cotton overall: cold rinse, 1 to 1 vinegar, then wash', async ({ page }) => {
  const desk = new Desk(page);
  await desk.find('mark', 'fish meal');
  await desk.newPiece('overalls', 'overall, apron or smock');
  await desk.fibre('cotton');
  await desk.colour('mid-coloured');
  await desk.tag('wash 60');
  const pass = desk.pass('vinegarSpot');
  await desk.why('vinegarSpot');
  await expect(pass).toContainText('15–30 min');
  const steps = page.getByRole('list', { name: 'Steps of round 1' }).locator('[data-pass]');
  await expect(steps.last()).toHaveAttribute('data-pass', /Wash$/);
});

atNight(
  'chlorine in the cupboard: said where this plan uses what it must not meet, never used',
  async ({ page }) => {
    const desk = new Desk(page);
    await desk.find('mark', 'mildew');
    await desk.find('piece', 'bath towels');
    await desk.tag('any bleach');
    await expect(
      page.getByText(/Keep your .*chlorine bleach shut: dangerous with .*oxygen bleach powder/),
    ).toBeVisible();
    await desk.showAllLosers();
    await expect(desk.lost('chlorineSoak')).toContainText(
      'chlorine bleach is switched off in this household',
      {
        ignoreCase: true,
      },
    );
  },
);
