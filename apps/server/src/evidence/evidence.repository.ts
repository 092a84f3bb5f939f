import type { UseCase } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { pastUses, runs } from '../database/tables.js';

@Injectable()
export class EvidenceRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** Lines of the log: from the runs kept here, and from logs that were read in. */
  async uses(): Promise<UseCase[]> {
    const own = await this.db
      .select({ uses: sql<UseCase[]>`${runs.digest}->'uses'` })
      .from(runs)
      .where(sql`jsonb_array_length(${runs.digest}->'uses') > 0`);
    const past = await this.db.select({ use: pastUses.use }).from(pastUses);
    return [...own.flatMap((row) => row.uses), ...past.map((row) => row.use)];
  }
}
