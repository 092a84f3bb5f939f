import { Inject, Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { plans } from '../database/tables.js';

@Injectable()
export class PlansRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async insert(row: typeof plans.$inferInsert): Promise<void> {
    await this.db.insert(plans).values(row);
  }

  async find(id: string): Promise<typeof plans.$inferSelect | undefined> {
    const [row] = await this.db.select().from(plans).where(eq(plans.id, id));
    return row;
  }
}
