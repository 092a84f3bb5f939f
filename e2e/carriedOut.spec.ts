import { type Browser, expect, type Page, test } from '@playwright/test';
import { addressOf, Desk, machine, Tub, unfold } from './desk';
import { HOOK_MS, OwnServer } from './ownServer';
import { atNight } from './worker';

/** Whole jobs on a phone, at night: from typed words to the outcome in the linen book. */
const server = new OwnServer(4887);
test.beforeAll(async () => {
  test.setTimeout(HOOK_MS);
  await server.start();
});
test.afterAll(() => server.end());
test.use({ actionTimeout: 30_000 });

async function onPhone(browser: Browser): Promise<{ page: Page; desk: Desk; tub: Tub }> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    baseURL: server.base,
    hasTouch: true,
  });
  const page = await context.newPage();
  return { page, desk: new Desk(page), tub: new Tub(page) };
}

const start = async ({ page, tub }: { page: Page; tub: Tub }) => {
  await page.getByRole('button', { name: /^Start(: |$)/ }).click();
  await tub.standing();
};

/** The last word, as saved in the linen book. */
async function ends({ page, tub }: { page: Page; tub: Tub }, outcome: string): Promise<void> {
  await tub.page.getByRole('button', { name: new RegExp(`^Save: ${outcome}`) }).click();
  await expect(tub.step('finished')).toHaveText(outcome);
  await page.locator('main a[href^="/pieces/"]').last().click();
  await expect((await unfold(page, 'What happened to it')).getByText(`: ${outcome}`).first()).toBeVisible();
}

/** The address holds what is to be treated: the pickers have tests of their own. */
async function trouble({ page }: { page: Page }, markIds: readonly string[], piece: object): Promise<void> {
  const facts = { age: 'hours', wetness: 'dry', size: { length: 6, width: 4 }, piece, markIds };
  await page.goto(addressOf({ facts }));
}

const cloth = (fibreId: string) => [{ name: 'cloth', fibres: [{ fibreId, sharePct: 100 }] }];

/** An armchair of polyester, which took water in its hidden test, its dye untried. */
const armchair = (colour: string) => ({
  itemId: 'armchair',
  parts: cloth('polyester'),
  colour,
  waterTest: 'passed',
});

const NAPKIN = {
  itemId: 'tableLinen',
  name: 'napkin',
  parts: cloth('linen'),
  colour: 'white',
  label: machine(60),
};

atNight(
  'a bath that is gone early goes on to the wash, and to the drying with heat allowed',
  async ({ browser }) => {
    const phone = await onPhone(browser);
    await trouble(phone, ['beetroot'], NAPKIN);
    await start(phone);
    const { page, tub } = phone;
    await tub.workToStep(2, 'dwell');
    await tub.tap('Start the clock');
    // A wrong tap, twice, taken back by name.
    await tub.tap('Pause');
    await tub.tap('Undo: out for now');
    await tub.tap('Pause');
    await tub.tap('Undo: out for now');
    await tub.tap('Check');
    await tub.tell('Gone');
    await tub.tap('Take it out and go on');
    // It was looked at a moment ago: do not ask again.
    await expect(tub.step('dwell')).toHaveCount(0);
    await expect(tub.step('look')).toHaveCount(0);
    const seen = await tub.goOn(['finalLook']);
    expect(seen.some((one) => one.endsWith(' dwell'))).toBe(true);
    await tub.tell('Gone');
    await expect(page.locator('[data-heat=open]')).toBeVisible();
    await ends(phone, 'Gone');
    await page.context().close();
  },
);

atNight('a surface whose hidden test fails leaves out what brings the same product', async ({ browser }) => {
  const phone = await onPhone(browser);
  await trouble(phone, ['redWine'], armchair('mid'));
  await start(phone);
  const { page, tub } = phone;
  await tub.goOn(['hiddenTest']);
  const before = await tub.standing();
  await tub.tap('Colour came off, or it changed');
  await expect(page.getByText('The hidden test spoke against that step')).toBeVisible();
  expect((await tub.standing()).place).not.toBe(`${before.place}x`);
  await tub.goOn(['finalLook']);
  await tub.tell('Most of it');
  await expect(page.getByRole('group', { name: 'What next?' })).toBeVisible();
  await ends(phone, 'Handed to a professional');
  await page.context().close();
});

atNight(
  'several troubles are looked at one by one, and the run goes on by what is left',
  async ({ browser }) => {
    const phone = await onPhone(browser);
    const { page, tub } = phone;
    await trouble(phone, ['redWine', 'butter'], armchair('white'));
    await start(phone);
    await tub.goOn(['finalLook']);
    await expect(page.getByRole('button', { name: /^Still to tell: / })).toBeDisabled();
    await tub.tell({ 'red wine': 'A little', 'butter or margarine': 'Gone' });
    const next = page.getByRole('group', { name: 'What next?' });
    await expect(next).toContainText('red wine: a little, still moving');
    await expect(next).toContainText('butter or margarine: gone');
    await tub.tap(/^Same again, fresh mix/);
    await tub.goOn(['finalLook']);
    // The butter was found gone, dry: only the wine is asked for.
    await expect(page.getByText('How much of the red wine is left?')).toBeVisible();
    await tub.tap('Gone');
    await expect(page.locator('[data-heat=open]')).toBeVisible();
    await ends(phone, 'Gone');
    await page.context().close();
  },
);

atNight(
  'a stall at the end of a round goes on to the next, and at the last of them plans anew',
  async ({ browser }) => {
    const phone = await onPhone(browser);
    const { page, desk, tub } = phone;
    await trouble(phone, ['curry'], armchair('white'));
    await start(phone);
    const rounds = new Set<string>();
    for (let round = 0; round < 4; round += 1) {
      for (const place of await tub.goOn(['finalLook'], 'Most of it')) rounds.add(place.slice(0, 7));
      await tub.tell('All of it');
      const next = page.getByRole('button', { name: /^The next round/ });
      await expect(page.getByRole('group', { name: 'Plan again' })).toBeVisible();
      if (!(await next.isVisible())) break;
      await next.click();
    }
    expect([...rounds]).toContain('Round 2');
    await page.getByRole('button', { name: /^Plan again/ }).click();
    await expect(page).toHaveURL(/\/trouble\//);
    await desk.choose('age', 'some days ago');
    await start(phone);
    expect((await tub.standing()).kind).not.toBe('finished');
    await page.context().close();
  },
);

atNight('the step at hand is done with something else, and taken back again', async ({ browser }) => {
  const phone = await onPhone(browser);
  const { page, tub } = phone;
  await trouble(phone, ['redWine'], armchair('white'));
  await start(phone);
  const name = page.locator('main').getByText('Warm vinegar with detergent', { exact: false }).first();
  const before = (await tub.standing()).place;
  await tub.tap('Use something else');
  const dialog = page.getByRole('dialog');
  const other = dialog.getByRole('button').filter({ hasText: '% gone after it' }).first();
  const label = ((await other.locator('span').first().textContent()) ?? '').trim();
  await other.click();
  await expect(dialog).toBeHidden();
  await expect(page.getByText(label, { exact: true }).first()).toBeVisible();
  expect((await tub.standing()).place).toBe(before);
  await expect(name.or(page.getByText(label, { exact: true }).first()).first()).toBeVisible();
  await tub.goOn(['finalLook']);
  await tub.tell('Gone');
  await ends(phone, 'Gone');
  await page.context().close();
});

atNight(
  'the app is closed for a night and the server killed: the clock says what is to do',
  async ({ browser }) => {
    const phone = await onPhone(browser);
    await trouble(phone, ['tea'], NAPKIN);
    await start(phone);
    const { page, tub } = phone;
    await tub.goOn(['dwell']);
    await tub.tap('Start the clock');
    await expect(page.getByTestId('clock')).toBeVisible();
    const url = page.url();
    // The night passes on the server's clock alone, so the tap has to be there before it does.
    const timerOf = async () =>
      (await server.ask<{ state: { timer: unknown } }>(`/runs/${url.split('/').at(-1)}`)).state.timer;
    await expect.poll(timerOf).not.toBeNull();
    await page.close();
    await server.kill();
    await server.start();
    server.pass(14 * 60);
    const again = await phone.page.context().newPage();
    const morning = { page: again, tub: new Tub(again) };
    await again.goto(url);
    await expect(again.getByText(/^Over time/)).toBeVisible();
    await morning.tub.tell('A trace');
    await morning.tub.tap('Take it out and go on');
    await morning.tub.goOn(['finalLook']);
    await morning.tub.tell('Gone');
    await ends(morning, 'Gone');
    await again.context().close();
  },
);
