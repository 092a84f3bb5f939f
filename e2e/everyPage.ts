import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from './worker';

export async function firstRunId(page: Page): Promise<string> {
  const today = await (await page.request.get('/api/today')).json();
  return today.running.find((run: { pieceName: string }) => run.pieceName === 'lawn petticoat').id;
}

export async function waitingId(page: Page, markId: string): Promise<string> {
  const today = await (await page.request.get('/api/today')).json();
  return today.waiting.find((trouble: { markIds: string[] }) => trouble.markIds.includes(markId)).id;
}

/** The line of changes never falls silent: what counts is that nothing is being fetched any more. */
export async function settled(page: Page): Promise<void> {
  await page.waitForLoadState('load');
  await expect(page.locator('main')).not.toBeEmpty();
  await expect(page.getByText(/^Fetching /)).toHaveCount(0);
}

export async function addresses(page: Page): Promise<string[]> {
  const [piece] = await (await page.request.get('/api/pieces')).json();
  return [
    '/',
    '/trouble',
    `/trouble/${await waitingId(page, 'propolis')}`,
    `/runs/${await firstRunId(page)}`,
    '/pieces',
    '/what-works',
    '/wash',
    '/wash/line',
    '/wash/machine',
    '/cupboard',
    '/more',
    `/trouble/${await waitingId(page, 'nailVarnish')}`,
    '/reference',
    `/pieces/${piece.id}`,
    '/household',
    '/devices',
    '/setup',
    '/mix?in=vessel*bucket&water=10000&warm=60&pour=oxygenBleach*2.5*cap&fibre=wool',
    '/mix?in=cup&water=100&pour=peroxide*50*mL&pour=vinegar*50*mL',
    '/reference/fibres/wool',
    '/reference/marks/redWine',
    '/reference/agents/peroxide',
    '/reference/methods/oxygenSoak',
    '/reference/codes',
    '/reference/hazards',
    '/reference/positions',
    '/reference/words',
    '/help',
  ];
}

/** Serious findings of axe on a page. No frames are checked and only violations are reported: half the time. */
export async function seriousOn(page: Page, of: 'all' | 'colours'): Promise<string[]> {
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  if (of === 'colours') axe.withRules(['color-contrast']);
  else axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']);
  const { violations } = await axe.analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`);
}
