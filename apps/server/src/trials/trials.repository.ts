import type { Plan, TrialEvent, TrialSetup } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { asc, desc, eq, type SQL, sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { pieces, plans, trialEvents, trials, troubles } from '../database/tables.js';

export interface StoredTrial {
  readonly id: string;
  readonly planId: string;
  readonly troubleId: string;
  readonly pieceId: string;
  readonly pieceName: string;
  readonly markIds: string[];
  readonly passes: Plan['passes'];
  /** Its plan was made here; any other is not followed. */
  readonly isOwn: boolean;
  readonly setup: TrialSetup;
  readonly events: readonly TrialEvent[];
}

@Injectable()
export class TrialsRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  list(): Promise<StoredTrial[]> {
    return this.select(undefined);
  }

  async find(id: string): Promise<StoredTrial | null> {
    return (await this.select(eq(trials.id, id)))[0] ?? null;
  }

  private async select(where: SQL | undefined): Promise<StoredTrial[]> {
    const rows = await this.db
      .select({
        id: trials.id,
        planId: trials.planId,
        troubleId: troubles.id,
        pieceId: pieces.id,
        pieceName: sql<string>`${pieces.facts}->>'name'`,
        markIds: sql<string[]>`${troubles.facts}->'markIds'`,
        passes: sql<Plan['passes']>`${plans.plan}->'passes'`,
        isOwn: sql<boolean>`${plans.foreignSeal} is null`,
        setup: trials.setup,
      })
      .from(trials)
      .innerJoin(plans, eq(plans.id, trials.planId))
      .innerJoin(troubles, eq(troubles.id, plans.troubleId))
      .innerJoin(pieces, eq(pieces.id, troubles.pieceId))
      .where(where)
      .orderBy(desc(trials.createdAt), trials.id);
    const found: StoredTrial[] = [];
    for (const row of rows) {
      const events = await this.db
        .select({ event: trialEvents.event })
        .from(trialEvents)
        .where(eq(trialEvents.trialId, row.id))
        .orderBy(asc(trialEvents.seq));
      found.push({ ...row, events: events.map((entry) => entry.event) });
    }
    return found;
  }

  async insert(row: typeof trials.$inferInsert): Promise<void> {
    await this.db.insert(trials).values(row).onConflictDoNothing();
  }

  /** Appends under its key; one seen before, or a number already taken, changes nothing and says so. */
  async append(key: string, trialId: string, seq: number, event: TrialEvent): Promise<boolean> {
    const rows = await this.db
      .insert(trialEvents)
      .values({ id: key, trialId, seq, at: new Date(event.at), event })
      .onConflictDoNothing()
      .returning({ id: trialEvents.id });
    return rows.length === 1;
  }

  async hasKey(key: string): Promise<boolean> {
    return (
      (await this.db.select({ id: trialEvents.id }).from(trialEvents).where(eq(trialEvents.id, key))).length >
      0
    );
  }
}
