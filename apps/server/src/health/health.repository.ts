import { Inject, Injectable } from '@nestjs/common';
import { sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';

@Injectable()
export class HealthRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** @throws what the database says where it does not answer */
  async ask(): Promise<void> {
    await this.db.execute(sql`select 1`);
  }
}
