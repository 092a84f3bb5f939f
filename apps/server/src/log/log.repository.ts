import type { UseCase } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { eq, sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { pastUses, pieces, plans, runs, troubles } from '../database/tables.js';

export interface NamedUse {
  readonly use: UseCase;
  readonly pieceName: string;
  readonly note: string;
}

@Injectable()
export class LogRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** Every use with its piece and the last note on it, oldest first. */
  async list(): Promise<NamedUse[]> {
    const own = await this.db
      .select({
        uses: sql<UseCase[]>`${runs.summary}->'uses'`,
        note: sql<string>`coalesce(${runs.summary}#>>'{state,notes,-1,text}', '')`,
        pieceName: sql<string>`${pieces.facts}->>'name'`,
      })
      .from(runs)
      .innerJoin(plans, eq(plans.id, runs.planId))
      .innerJoin(troubles, eq(troubles.id, plans.troubleId))
      .innerJoin(pieces, eq(pieces.id, troubles.pieceId))
      .where(sql`jsonb_array_length(${runs.summary}->'uses') > 0`);
    const past = await this.db
      .select({ use: pastUses.use, note: pastUses.note, pieceName: sql<string>`${pieces.facts}->>'name'` })
      .from(pastUses)
      .innerJoin(pieces, eq(pieces.id, pastUses.pieceId));
    return [...own.flatMap(({ uses, ...rest }) => uses.map((use) => ({ use, ...rest }))), ...past].sort(
      (a, b) => a.use.at.localeCompare(b.use.at) || a.use.id.localeCompare(b.use.id),
    );
  }

  async piecesByName(): Promise<Map<string, string>> {
    const rows = await this.db
      .select({ id: pieces.id, name: sql<string>`${pieces.facts}->>'name'` })
      .from(pieces);
    return new Map(rows.map((row) => [row.name.toLocaleLowerCase('en'), row.id]));
  }

  async insertAll(rows: readonly (typeof pastUses.$inferInsert)[]): Promise<void> {
    await this.db.transaction(async (tx) => {
      for (const row of rows) await tx.insert(pastUses).values(row);
    });
  }
}
