import { isNight, shareByDay } from '../testing/byDay';
import { Tub } from './desk';
import { expect, type Page, test } from './worker';

/** The eight first-time walks that once took 15 to 106 taps, in the words of those who made them. */
const WALKS = [
  ['red wine on the wool carpet', /blot|press/i],
  ['yellowed white t-shirt', /vinegar/i],
  ['grass and tomato and blackcurrant on sports trousers', /press/i],
  ['musty smell on the old lace', /air/i],
  ['dye run on the white towel', /out of the heap/i],
  ['grape jelly on the couch', /lift/i],
  ['motor oil on the t-shirt', /blot|press/i],
  ['wee, blood, vomit, sweat, coffee and red wine on the mattress', /blot|press|lift/i],
] as const;

/** Interactions from a cold start to the first action: words, tell it, start, and one to spare. */
const MOST = 4;

/** Counts what a person does: each typing, tap or key that goes on to something else is one. */
class Walker {
  count = 0;
  constructor(readonly page: Page) {}
  async type(words: string): Promise<void> {
    this.count += 1;
    await this.page.getByRole('textbox', { name: 'What happened?' }).fill(words);
  }
  async tap(name: string | RegExp): Promise<void> {
    this.count += 1;
    await this.page.getByRole('button', { name }).first().click();
  }
  async key(name: string): Promise<void> {
    this.count += 1;
    await this.page.keyboard.press(name);
  }
}

/** To the end, whatever is asked on the way. */
async function toTheOutcome(page: Page): Promise<void> {
  const tub = new Tub(page);
  await tub.goOn(['finalLook'], 'A trace');
  await tub.tell('Gone');
  await tub.tap(/^Save: Gone/);
  await expect(tub.step('finished')).toHaveText('Gone');
}

/** By day one, for the jobs of `jobs.spec` begin alike. */
const WALKED = shareByDay(WALKS, WALKS.length);

for (const [words, first] of WALKED) {
  test(`walked on a phone: ${words}`, async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto('/');
    const walker = new Walker(page);
    await walker.type(words);
    await walker.tap('Go');
    const slate = page.locator('[data-slate]');
    await expect(slate).toContainText(first);
    await expect(page.getByRole('list', { name: 'Steps of round 1' })).toBeVisible();
    await walker.tap(/^Start(: |$)/);
    await expect(page.locator('h1[data-step]')).toBeVisible();
    expect(walker.count).toBeLessThanOrEqual(MOST);
    // Back is the trouble with its run: no second one is started by a tap.
    await page.goBack();
    await expect(page.getByRole('link', { name: 'Go on at the tub' })).toBeVisible();
    await expect(page.getByRole('button', { name: /^Start(: |$)/ })).toHaveCount(0);
    await page.goForward();
    if (isNight) await toTheOutcome(page);
  });

  if (isNight)
    test(`walked on a desk by keys: ${words}`, async ({ page }) => {
      await page.goto('/trouble');
      const walker = new Walker(page);
      await walker.type(words);
      await walker.key('Enter');
      await expect(page.locator('[data-slate]')).toContainText(first);
      await expect(page.getByRole('list', { name: 'Steps of round 1' })).toBeVisible();
      // The heading has the focus after the move: a letter is a key again.
      await walker.key('s');
      await expect(page.locator('h1[data-step]')).toBeFocused();
      expect(walker.count).toBeLessThanOrEqual(MOST);
      await toTheOutcome(page);
    });
}
