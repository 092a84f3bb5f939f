import { isNight, shareByDay } from '../testing/byDay';
import { Desk, Tub } from './desk';
import { firstView } from './firstView';
import { expect, type Page, test } from './worker';

/** Facts besides the words typed first. */
interface Told {
  readonly fibre?: string;
  readonly colour?: string;
  readonly tag?: readonly string[];
  readonly age?: string;
  readonly wetness?: string;
  readonly size?: string;
  readonly also?: readonly string[];
  readonly condition?: string;
  readonly waterTest?: string;
}

const COTTON_60 = {
  fibre: 'cotton',
  colour: 'white',
  tag: ['wash 60', 'oxygen only', 'tumble low'],
} as const;
const COTTON_40 = {
  fibre: 'cotton',
  colour: 'white',
  tag: ['wash 40', 'oxygen only', 'tumble low'],
} as const;
const ALL_OVER = { size: 'all over' } as const;

/** The jobs of the trade as people type them, and steps that must be on the page, in order. */
const JOBS: readonly (readonly [string, Told, readonly string[]])[] = [
  [
    'mud on the white sweatshirt, wet',
    { ...COTTON_40, age: 'just now' },
    ['brushOffDry', 'hotDetergentWash'],
  ],
  [
    'fish smell in the t-shirt',
    { ...COTTON_40, ...ALL_OVER, age: 'some days ago' },
    ['vinegarSoak', 'bioMachineWash'],
  ],
  ['dye run on the white towel', { ...COTTON_60, ...ALL_OVER, age: 'some weeks ago' }, ['dyeSuspendingSoak']],
  [
    'grass on the joggers, today',
    { ...COTTON_40, wetness: 'still wet', also: ['tomato', 'blackcurrant'] },
    ['enzymePretreat', 'hotDetergentWash'],
  ],
  [
    'motor oil on the white t-shirt, just now',
    { ...COTTON_60, wetness: 'still wet' },
    ['spiritsSpot', 'hotDetergentWash'],
  ],
  [
    'fresh red wine on the carpet',
    { fibre: 'polyamide', colour: 'pale' },
    ['coldBlot', 'vinegarDetergentBlot', 'weighDown'],
  ],
  [
    'fresh red wine on the carpet',
    { fibre: 'wool', colour: 'pale' },
    ['coldBlot', 'vinegarDetergentBlot', 'weighDown'],
  ],
  [
    'foundation on the white towel',
    { ...COTTON_60, age: 'some days ago', wetness: 'dry' },
    ['peroxideDetergentSpot', 'hotDetergentWash'],
  ],
  [
    'dried red wine on the white handkerchief',
    { ...COTTON_60, tag: ['wash 95', 'oxygen only', 'tumble low'], age: 'some days ago' },
    ['hotOxygenDip', 'hotDetergentWash'],
  ],
  ['yellowed white t-shirt', { ...COTTON_40, ...ALL_OVER }, ['longOxygenSoak', 'hotDetergentWash']],
  [
    'candle wax on the tablecloth, today',
    { ...COTTON_60, wetness: 'dry' },
    ['chillAndChip', 'ironThroughPaper', 'spiritsSpot'],
  ],
  [
    'greyed white loose cover',
    { ...COTTON_60, ...ALL_OVER },
    ['dryVacuum', 'oxygenSoak', 'hotDetergentWash'],
  ],
  [
    'sweaty smell in the sports top',
    {
      fibre: 'polyester',
      colour: 'mid-coloured',
      tag: ['wash 30', 'oxygen only', 'tumble low'],
      ...ALL_OVER,
    },
    ['bioSoak', 'bioMachineWash'],
  ],
  [
    'detergent build-up in the towel',
    { fibre: 'cotton', colour: 'dark', tag: ['wash 60', 'oxygen only', 'tumble low'], ...ALL_OVER },
    ['deepStrip', 'hotDetergentWash'],
  ],
  [
    'sweat on the cap',
    { fibre: 'as usual', colour: 'white', age: 'some weeks ago', wetness: 'dry' },
    ['sweatbandWipe'],
  ],
  [
    'wee on the mattress, today',
    { wetness: 'still wet', also: ['red wine'] },
    ['coldBlot', 'vinegarDetergentBlot'],
  ],
  [
    'own trim has run into the white dress',
    { ...COTTON_40, ...ALL_OVER, age: 'some days ago' },
    ['dyeSuspendingSoak'],
  ],
  [
    'musty smell on the lace',
    { fibre: 'as usual', colour: 'natural', condition: 'antique', ...ALL_OVER },
    ['airing'],
  ],
  [
    'fresh grape jelly on the couch',
    { fibre: 'polyester', colour: 'pale', waterTest: 'took water: no colour, no ring' },
    ['detergentBlot'],
  ],
];

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
/** Most words before any scrolling. Two fluids on a mattress are two paths; so much has to be said. */
const MAX_WORDS = { phone: 120, desk: 290 };
/** The rest of the facts, blank by blank. */
async function tellTheRest(page: Page, desk: Desk, told: Told): Promise<void> {
  for (const more of told.also ?? []) {
    await desk.openBlank('mark');
    await expect(page.getByRole('textbox', { name: /^Search:/ })).toBeVisible();
    // With several entered, a further one is added by itself.
    const another = page.getByRole('button', { name: 'And another on the same piece' });
    if (await another.isVisible()) await another.click();
    await page.getByRole('textbox', { name: /^Search:/ }).fill(more);
    await desk.firstHit().click();
  }
  if (told.fibre === 'as usual') await desk.usualFibres();
  // A piece that is in the linen book by now brings its fibres with it.
  else if (told.fibre && !(await desk.blank('fibres').textContent())?.includes(told.fibre))
    await desk.fibre(told.fibre);
  if (told.colour && (await desk.blank('colour').textContent()) !== told.colour)
    await desk.colour(told.colour);
  if (told.tag) await desk.tag(...told.tag);
  if (told.age) await desk.choose('age', told.age);
  for (const blank of ['condition', 'waterTest'] as const)
    if (told[blank]) await desk.choose(blank, told[blank]);
  if (told.wetness) await desk.choose('wetness', told.wetness);
  if (told.size === 'all over') {
    await desk.openBlank('size');
    await page.getByRole('button', { name: 'all over', exact: true }).click();
    const done = page.getByRole('button', { name: 'Done', exact: true });
    if (await done.isVisible()) await done.click();
  }
  await desk.alsoToBuy();
}

/** The whole first move is visible without scrolling, with few words around it. */
async function expectFirstView(page: Page, size: keyof typeof MAX_WORDS): Promise<void> {
  // What is said first gives way to the plan as it comes.
  await expect(async () => {
    const view = await firstView(page);
    expect(view.slateEnds ?? Number.POSITIVE_INFINITY, `slate on the ${size}`).toBeLessThan(
      page.viewportSize()?.height ?? 0,
    );
    expect(view.words, `words on the ${size}`).toBeLessThanOrEqual(MAX_WORDS[size]);
    expect(view.width).toBe(page.viewportSize()?.width);
  }).toPass({ timeout: 45_000 });
}

/** Every job is planned among the tests of the core; here each twelfth is typed, and all of them at night. */
const TYPED = shareByDay(JOBS, 12);

for (const [words, told, steps] of TYPED)
  test(`typed: ${words}, ${told.fibre}`, async ({ page }) => {
    page.setDefaultTimeout(30_000);
    const desk = new Desk(page);
    // On the phone: two taps to the first move.
    await page.setViewportSize(PHONE);
    await page.goto('/');
    await page.getByRole('textbox', { name: 'What happened?' }).fill(words);
    await page.getByRole('button', { name: 'Go', exact: true }).click();
    await expect(page.locator('[data-slate]')).toBeVisible();
    await expect(page).toHaveURL(/told=/);
    await expectFirstView(page, 'phone');

    await page.setViewportSize(DESK);
    await tellTheRest(page, desk, told);
    await desk.openRounds();
    for (const methodId of steps) await expect(desk.pass(methodId), methodId).toBeVisible();
    const order = () =>
      page
        .locator('[data-pass]')
        .evaluateAll((passes) => passes.map((pass) => pass.getAttribute('data-pass')));
    const ofJob = async () => (await order()).filter((id) => steps.includes(id ?? '')).slice(0, steps.length);
    expect(await ofJob()).toEqual(steps);

    // The same address, at both sizes.
    await page.reload();
    await expect(page.getByRole('list', { name: 'Steps of round 1' })).toBeVisible();
    await expectFirstView(page, 'desk');
    await page.setViewportSize(PHONE);
    await page.reload();
    await expect(page.getByRole('list', { name: 'Steps of round 1' })).toBeVisible();
    await expectFirstView(page, 'phone');
    // Carried out to the logged outcome; by day `mainJob.spec` does so.
    if (!isNight) return;

    const tub = new Tub(page);
    await desk.start();
    await tub.goOn(['finalLook'], 'A trace');
    await tub.tell('Gone');
    await tub.tap(/^Save: Gone/);
    await expect(tub.step('finished')).toHaveText('Gone');
  });
