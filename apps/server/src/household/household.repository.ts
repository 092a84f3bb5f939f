import type { HouseholdSettings } from '@feverfew/contracts';
import { Inject, Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { households } from '../database/tables.js';

const ONLY = 1;

@Injectable()
export class HouseholdRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async find(): Promise<HouseholdSettings | null> {
    const [row] = await this.db.select().from(households).where(eq(households.id, ONLY));
    // What was saved before there was `told` was saved whole, and without its bottles.
    return row
      ? { ...row.settings, bottles: row.settings.bottles ?? {}, told: row.settings.told ?? null }
      : null;
  }

  async isMadeUp(): Promise<boolean> {
    const [row] = await this.db.select({ madeUp: households.madeUp }).from(households);
    return row?.madeUp ?? false;
  }

  async isHalfFurnished(): Promise<boolean> {
    const [row] = await this.db.select({ furnishing: households.furnishing }).from(households);
    return row?.furnishing ?? false;
  }

  /** The first that is known of a made-up house: that it is one, and not whole yet. */
  async beginMadeUp(settings: HouseholdSettings): Promise<void> {
    const row = { settings, madeUp: true, furnishing: true };
    await this.db
      .insert(households)
      .values({ id: ONLY, ...row })
      .onConflictDoUpdate({ target: households.id, set: row });
  }

  async endMadeUp(): Promise<void> {
    await this.db.update(households).set({ furnishing: false });
  }

  async save(settings: HouseholdSettings): Promise<void> {
    await this.db
      .insert(households)
      .values({ id: ONLY, settings })
      .onConflictDoUpdate({ target: households.id, set: { settings } });
  }
}
