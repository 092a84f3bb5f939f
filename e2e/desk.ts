import { expect, type Locator, type Page } from '@playwright/test';

/** The address of a trouble that is being entered. */
export const addressOf = (draft: unknown): string =>
  `/trouble?told=${Buffer.from(JSON.stringify(draft)).toString('base64url')}`;

/** A care label as the address carries it; what is not given is not allowed or not on it. */
export const tag = (wash: object, more: object = {}) => ({
  wash,
  bleach: 'never',
  tumble: 'never',
  natural: null,
  shade: false,
  iron: null,
  dryClean: null,
  dryCleanBars: 0,
  wetClean: null,
  wetCleanBars: 0,
  ...more,
});
export const machine = (maxC: number, more: object = {}) =>
  tag({ kind: 'machine', maxC, bars: 0 }, { bleach: 'oxygenOnly', tumble: 'low', ...more });

/** What a person does on the page of a trouble. */
export class Desk {
  constructor(readonly page: Page) {}

  async open(): Promise<void> {
    await this.page.goto('/trouble');
    await expect(this.page.getByRole('heading', { name: 'Or tell it blank by blank' })).toBeVisible();
  }

  /** What is asked of the server for the present facts has been answered: nothing moves under a tap any more. */
  async settled(): Promise<void> {
    await expect(this.page.locator('[aria-busy=true]')).toHaveCount(0);
  }

  blank(id: string): Locator {
    return this.page.locator(`[data-blank="${id}"]`);
  }

  /** Opens the picker of a blank; on a phone the facts are unfolded first, and what is as usual is asked for. */
  async openBlank(id: string): Promise<void> {
    const folded = this.page.getByRole('button', { name: 'Change the facts' });
    const more = this.page.getByRole('button', { name: 'more', exact: true });
    await expect(this.blank('mark').or(folded).locator('visible=true').first()).toBeVisible();
    if (await folded.isVisible()) await folded.click();
    else if ((await this.blank(id).count()) === 0 && (await more.isVisible())) await more.click();
    await this.blank(id).click();
  }

  get startButton(): Locator {
    return this.page.getByRole('button', { name: /^Start(: |$)/ });
  }

  async start(): Promise<void> {
    await this.startButton.click();
  }

  /** Opens one of the folds below the rounds. */
  async unfold(name: 'Not used here' | 'Other ways' | 'Keep in mind'): Promise<void> {
    await unfold(this.page, name);
  }

  /** Opens the reasons of a step. */
  async why(methodId: string): Promise<void> {
    await this.pass(methodId)
      .getByRole('button', { name: /^Why step/ })
      .click();
  }

  async allLimits(): Promise<void> {
    await this.page.getByRole('button', { name: 'All limits of the piece' }).click();
  }

  /** Opens what may follow the first round. */
  async openRounds(): Promise<void> {
    await expect(this.page.getByRole('list', { name: 'Steps of round 1' })).toBeVisible();
    const open = this.page.getByRole('button', { name: /^Open round \d/ });
    while ((await open.count()) > 0) await open.first().click();
  }

  async alsoToBuy(): Promise<void> {
    await this.unfold('Other ways');
    await this.page.getByRole('button', { name: 'Also what could be bought' }).click();
  }

  /** Opens a blank, types a word and takes the first hit. */
  async find(id: string, word: string): Promise<void> {
    await this.openBlank(id);
    await this.page.getByRole('textbox', { name: /^Search:/ }).fill(word);
    await this.firstHit().click();
    await this.settled();
  }

  /** The first option of an open picker; the page has native selects of its own. */
  firstHit(): Locator {
    return this.page.locator('[role=option][data-part=item]').first();
  }

  /** A kind of piece that is not in the linen book yet. */
  async newPiece(word: string, name: string): Promise<void> {
    await this.openBlank('piece');
    await this.page.getByRole('textbox', { name: /^Search:/ }).fill(word);
    await this.page.getByRole('option', { name, exact: true }).click();
    await this.settled();
  }

  /** Opens a blank and takes the option by its name. */
  async choose(id: string, name: string): Promise<void> {
    await this.openBlank(id);
    await this.page.getByRole('option', { name, exact: true }).click();
    await this.settled();
  }

  async size(length: string, width: string): Promise<void> {
    await this.openBlank('size');
    await this.page.getByLabel('Length in cm').fill(length);
    await this.page.getByLabel('Width in cm').fill(width);
    await this.page.getByRole('button', { name: 'Done', exact: true }).click();
  }

  async fibre(name: string): Promise<void> {
    await this.openBlank('fibres');
    await this.page
      .getByLabel(/^Add a fibre/)
      .first()
      .selectOption({ label: name });
    await this.page.getByRole('button', { name: 'Done', exact: true }).click();
  }

  /** Every part of the fibres its kind usually has. */
  async usualFibres(): Promise<void> {
    await this.openBlank('fibres');
    await this.page.getByRole('button', { name: /^As usual/ }).click();
  }

  async colour(name: string): Promise<void> {
    await this.openBlank('colour');
    await this.page.getByRole('button', { name, exact: true }).click();
    await this.page.getByRole('button', { name: 'Done', exact: true }).click();
  }

  /** Taps signs on the tag. */
  async tag(...signs: string[]): Promise<void> {
    await this.openBlank('tag');
    for (const sign of signs) await this.page.getByRole('button', { name: sign, exact: true }).click();
    await this.page.getByRole('button', { name: 'Done', exact: true }).click();
  }

  pass(methodId: string): Locator {
    return this.page.locator(`[data-pass="${methodId}"]`).first();
  }

  lost(methodId: string): Locator {
    return this.page.locator(`[data-lost="${methodId}"]`);
  }

  async showAllLosers(): Promise<void> {
    await this.unfold('Not used here');
  }
}

/** Opens a part of a page that is folded. */
export async function unfold(page: Page, name: string): Promise<Locator> {
  const part = page.getByRole('region', { name, exact: true });
  const head = part.getByRole('button').first();
  await expect(head).toBeVisible();
  if ((await head.getAttribute('aria-expanded')) === 'false') await head.click();
  return part;
}

/** What a person does at the tub. */
export class Tub {
  constructor(readonly page: Page) {}

  step(kind: string): Locator {
    return this.page.locator(`h1[data-step="${kind}"]`);
  }

  /** Taps Done until a step of that kind is current. */
  async workTo(kind: string): Promise<void> {
    const heading = this.page.locator('h1[data-step]');
    for (let taps = 0; taps < 12; taps += 1) {
      await expect(heading).toBeVisible();
      const now = await heading.getAttribute('data-step');
      if (now === kind) return;
      const name = now === 'hiddenTest' ? 'It held' : 'Done';
      await this.page.getByRole('button', { name, exact: true }).click();
      await expect(heading).not.toHaveAttribute('data-step', now ?? '');
    }
  }

  /** Goes on to that step of the round, to its first action of that kind. */
  async workToStep(number: number, kind: string): Promise<void> {
    for (let taps = 0; taps < 12; taps += 1) {
      const now = await this.standing();
      if (now.place.includes(`step ${number} `) && now.kind === kind) return;
      await this.once(now.kind);
      await expect.poll(async () => JSON.stringify(await this.standing())).not.toBe(JSON.stringify(now));
    }
    throw new Error(`never came to step ${number}, ${kind}`);
  }

  async tap(name: string | RegExp): Promise<void> {
    await this.page.getByRole('button', { name, exact: true }).first().click();
  }

  /** The current step at the tub, and its position in the plan. */
  async standing(): Promise<{ kind: string; place: string }> {
    const heading = this.page.locator('h1[data-step]');
    await expect(heading).toBeVisible();
    const kind = (await heading.getAttribute('data-step')) ?? '';
    const where = this.page.getByText(/^(Round \d, step|Step) \d/).first();
    return { kind, place: kind === 'finished' ? '' : ((await where.textContent()) ?? '') };
  }

  /** Tells a look: one level for all, or one for each trouble by its name. */
  async tell(left: string | Readonly<Record<string, string>>): Promise<void> {
    const several = this.page.getByRole('button', { name: /^(Still to tell|That is what I see)/ });
    const one = this.page
      .getByRole('group', { name: 'What do you see?' })
      .getByRole('button', { name: 'Gone' });
    await expect(several.or(one).first()).toBeVisible();
    if (!(await several.isVisible()))
      return this.tap(typeof left === 'string' ? left : (Object.values(left)[0] ?? ''));
    const groups = this.page.getByRole('group', { name: 'What do you see?' }).getByRole('group');
    for (const group of await groups.all()) {
      const name = (await group.getAttribute('aria-label')) ?? '';
      const level = typeof left === 'string' ? left : (left[name] ?? 'Half');
      await group.getByRole('button', { name: level, exact: true }).click();
    }
    await this.tap('That is what I see');
  }

  /**
   * Answers the current step as a person would who goes on: a wait is clocked and left early, a test holds, a look
   * finds `left`.
   */
  async once(kind: string, left: string | Readonly<Record<string, string>> = 'Half'): Promise<void> {
    const button = (name: string | RegExp) =>
      this.page.getByRole('button', { name, exact: typeof name === 'string' });
    if (kind === 'dwell') {
      const start = button('Start the clock');
      const machine = button('The machine is done');
      const lookIn = button('Check');
      await expect(start.or(machine).or(lookIn).first()).toBeVisible();
      if (await start.isVisible()) await start.click();
      await expect(machine.or(lookIn)).toBeVisible();
      if (await machine.isVisible()) return machine.click();
      await lookIn.click();
      await this.tell(left);
      return button('Take it out and go on').click();
    }
    if (kind === 'look') {
      await this.tell(left);
      return button(/[Gg]o on$/).click();
    }
    return button(kind === 'hiddenTest' ? 'It held' : 'Done').click();
  }

  /** Goes on, step by step, until a step of one of these kinds is current. */
  async goOn(
    kinds: readonly string[],
    left: string | Readonly<Record<string, string>> = 'Half',
  ): Promise<string[]> {
    const seen: string[] = [];
    for (let taps = 0; taps < 60; taps += 1) {
      const { kind, place } = await this.standing();
      if (kinds.includes(kind)) return seen;
      seen.push(`${place} ${kind}`);
      await this.once(kind, left);
      await expect
        .poll(async () => JSON.stringify(await this.standing()))
        .not.toBe(JSON.stringify({ kind, place }));
    }
    throw new Error(`never came to ${kinds.join(' or ')}: ${seen.join(', ')}`);
  }
}
