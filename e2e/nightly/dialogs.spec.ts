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

/** On the page of a trouble that waits in the demo, with all its blanks. */
const onTrouble = (name: string, markId: string, then: (desk: Desk) => Promise<void>): Opened => ({
  name,
  open: async (page) => {
    const { waiting } = await (await page.request.get('/api/today')).json();
    const trouble = waiting.find((one: { markIds: string[] }) => one.markIds.includes(markId));
    await page.goto(`/trouble/${trouble.id}`);
    await expect(page.locator('[data-pass]').first()).toBeVisible();
    await then(new Desk(page));
  },
});

const tap = async (page: Page, name: string | RegExp): Promise<void> =>
  page.getByRole('button', { name }).first().click();

const OPENED: readonly Opened[] = [
  ...BLANKS.map((blank) =>
    onTrouble(`the blank “${blank}”`, 'beetroot', async (desk) => {
      await desk.blank(blank).click();
      await expect(desk.page.locator('[data-scope=popover][data-part=content]').first()).toBeVisible();
    }),
  ),
  onTrouble('every reason', 'beetroot', async (desk) => desk.showAllLosers()),
  onTrouble('positions side by side', 'dyeRun', async ({ page }) => {
    await tap(page, 'Side by side');
    await expect(page.getByRole('dialog').getByRole('button', { name: 'Close' })).toBeVisible();
  }),
  onTrouble('a trial', 'ale', async ({ page }) => {
    await tap(page, 'Try two side by side');
    await expect(page.getByRole('dialog')).toBeVisible();
  }),
  {
    name: 'shortcuts',
    open: async (page) => {
      await page.goto('/');
      await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
      await page.keyboard.press('?');
      await expect(page.getByRole('dialog')).toBeVisible();
    },
  },
  {
    name: 'find anything',
    open: async (page) => {
      await page.goto('/');
      await expect(page.getByRole('region', { name: 'Running' })).toBeVisible();
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
