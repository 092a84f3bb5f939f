import { expect, type Locator, type Page } from '@playwright/test';

/** What a person does on the page of a trouble. */
export class Desk {
  constructor(readonly page: Page) {}

  async open(): Promise<void> {
    await this.page.goto('/trouble');
    await expect(this.page.getByRole('heading', { name: 'The plan forms here' })).toBeVisible();
  }

  blank(id: string): Locator {
    return this.page.locator(`[data-blank="${id}"]`);
  }

  /** Opens a blank, types a word and takes the first hit. */
  async find(id: string, word: string): Promise<void> {
    await this.blank(id).click();
    await this.page.getByRole('textbox', { name: /^Search:/ }).fill(word);
    await this.firstHit().click();
  }

  /** The first option of an open picker; the page has native selects of its own. */
  firstHit(): Locator {
    return this.page.locator('[role=option][data-part=item]').first();
  }

  /** A kind of piece that is not in the linen book yet. */
  async newPiece(word: string, name: string): Promise<void> {
    await this.blank('piece').click();
    await this.page.getByRole('textbox', { name: /^Search:/ }).fill(word);
    await this.page.getByRole('option', { name, exact: true }).click();
  }

  /** Opens a blank and takes the option by its name. */
  async choose(id: string, name: string): Promise<void> {
    await this.blank(id).click();
    await this.page.getByRole('option', { name, exact: true }).click();
  }

  async size(length: string, width: string): Promise<void> {
    await this.blank('size').click();
    await this.page.getByLabel('Length in cm').fill(length);
    await this.page.getByLabel('Width in cm').fill(width);
    await this.page.getByRole('button', { name: 'Done', exact: true }).click();
  }

  async fibre(name: string): Promise<void> {
    await this.blank('fibres').click();
    await this.page
      .getByLabel(/^Add a fibre/)
      .first()
      .selectOption({ label: name });
    await this.page.getByRole('button', { name: 'Done', exact: true }).click();
  }

  /** Every part of the fibres its kind usually has. */
  async usualFibres(): Promise<void> {
    await this.blank('fibres').click();
    await this.page.getByRole('button', { name: /^As usual/ }).click();
  }

  async colour(name: string): Promise<void> {
    await this.blank('colour').click();
    await this.page.getByRole('button', { name, exact: true }).click();
    await this.page.getByRole('button', { name: 'Done', exact: true }).click();
  }

  /** Taps signs on the tag. */
  async tag(...signs: string[]): Promise<void> {
    await this.blank('tag').click();
    for (const sign of signs) await this.page.getByRole('button', { name: sign, exact: true }).click();
    await this.page.getByRole('button', { name: 'Done', exact: true }).click();
  }

  rung(methodId: string): Locator {
    return this.page.locator(`[data-rung="${methodId}"]`).first();
  }

  lost(methodId: string): Locator {
    return this.page.locator(`[data-lost="${methodId}"]`);
  }

  async showAllLosers(): Promise<void> {
    await this.page.getByRole('button', { name: /with every reason/ }).click();
  }
}

/** What a person does at the tub. */
export class Tub {
  constructor(readonly page: Page) {}

  step(kind: string): Locator {
    return this.page.locator(`h1[data-step="${kind}"]`);
  }

  /** Taps Done until the step of that kind stands there. */
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

  async tap(name: string | RegExp): Promise<void> {
    await this.page.getByRole('button', { name, exact: true }).first().click();
  }
}
