import type { Mix } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { count, desc, eq } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { households, mixes } from '../database/tables.js';

export interface StoredMix {
  readonly id: string;
  readonly createdAt: Date;
  readonly name: string;
  readonly mix: Mix;
}

@Injectable()
export class MixesRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async list(): Promise<StoredMix[]> {
    return this.db.select().from(mixes).orderBy(desc(mixes.createdAt), mixes.id);
  }

  async find(id: string): Promise<StoredMix | null> {
    const [row] = await this.db.select().from(mixes).where(eq(mixes.id, id));
    return row ?? null;
  }

  /** @returns false, and nothing is kept, where there are as many as may be */
  async insert(row: StoredMix, most: number): Promise<boolean> {
    return this.db.transaction(async (tx) => {
      const [kept] = await tx.select({ mixes: count() }).from(mixes);
      if ((kept?.mixes ?? 0) >= most) return false;
      await tx.insert(mixes).values(row);
      return true;
    });
  }

  /** False when there was none. */
  async remove(id: string): Promise<boolean> {
    return (await this.db.delete(mixes).where(eq(mixes.id, id)).returning({ id: mixes.id })).length > 0;
  }

  /** Household and shelf together, or neither. */
  async replaceAll(
    settings: typeof households.$inferInsert.settings,
    rows: readonly StoredMix[],
  ): Promise<void> {
    await this.db.transaction(async (tx) => {
      await tx
        .insert(households)
        .values({ id: 1, settings })
        .onConflictDoUpdate({ target: households.id, set: { settings } });
      await tx.delete(mixes);
      if (rows.length > 0) await tx.insert(mixes).values([...rows]);
    });
  }
}
