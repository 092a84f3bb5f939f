import AxeBuilder from '@axe-core/playwright';
import { Desk } from '../desk';
import { expect, type Page, test } from '../worker';

/** What opens over a page, and how. */
interface Opened {
  readonly name: string;
  readonly open: (page: Page) => Promise<void>;
}

const BLANKS = [
  'mark',
  'piece',
  'age',
  'size',
  'wetness',
  'fibres',
  'colour',
  'tag',
  'heat',
  'tried',
  'condition',
];

const onTrouble = (name: string, then: (desk: Desk) => Promise<void>): Opened => ({
  name,
  open: async (page) => {
    const desk = new Desk(page);
    await desk.open();
    await desk.find('mark', 'beetroot');
    await desk.newPiece('table', 'table linen');
    await expect(page.locator('[data-rung]').first()).toBeVisible();
    await page.keyboard.press('Escape');
    await then(desk);
  },
});

const tap = async (page: Page, name: string | RegExp): Promise<void> =>
  page.getByRole('button', { name }).first().click();

const OPENED: readonly Opened[] = [
  ...BLANKS.map((blank) => onTrouble(`the blank “${blank}”`, async (desk) => desk.blank(blank).click())),
  onTrouble('every reason', async (desk) => desk.showAllLosers()),
  onTrouble('where the trade differs', async ({ page }) => {
    await page
      .getByText(/trade differs|Our way|other way/i)
      .first()
      .click({ trial: false });
  }),
  {
    name: 'shortcuts',
    open: async (page) => {
      await page.goto('/');
      await expect(page.getByRole('heading', { name: 'Under way' })).toBeVisible();
      await page.keyboard.press('?');
      await expect(page.getByRole('dialog')).toBeVisible();
    },
  },
  {
    name: 'find anything',
    open: async (page) => {
      await page.goto('/');
      await expect(page.getByRole('heading', { name: 'Under way' })).toBeVisible();
      await page.keyboard.press('/');
      await expect(page.getByRole('dialog')).toBeVisible();
      await page.keyboard.type('red wine');
    },
  },
  {
    name: 'measure a vessel',
    open: async (page) => {
      await page.goto('/household');
      await tap(page, /^Measure /);
      await expect(page.getByText('fill it with a jug')).toBeVisible();
    },
  },
  {
    name: 'pour something in',
    open: async (page) => {
      await page.goto('/mix');
      await tap(page, 'Pour something in');
      await expect(page.getByRole('textbox', { name: /^Search:/ })).toBeVisible();
    },
  },
  {
    name: 'how a pH is found',
    open: async (page) => {
      await page.goto('/mix?in=cup&water=100&pour=vinegar*50*mL');
      await tap(page, 'How the pH is found');
    },
  },
  {
    name: 'a trial',
    open: async (page) => {
      const { waiting } = await (await page.request.get('/api/today')).json();
      const ale = waiting.find((one: { markIds: string[] }) => one.markIds.includes('ale'));
      await page.goto(`/trouble/${ale.id}`);
      await tap(page, 'Try two side by side');
      await expect(page.getByRole('dialog')).toBeVisible();
    },
  },
];

for (const colorScheme of ['light', 'dark'] as const)
  for (const { name, open } of OPENED)
    test(`axe finds nothing serious in ${name}, ${colorScheme}`, async ({ page }) => {
      await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
      await open(page);
      const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
        .analyze();
      const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
      expect(serious.map(({ id, nodes }) => `${id} ${nodes[0]?.html}`)).toEqual([]);
    });
