import type { RunEvent } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { and, asc, desc, eq, inArray, type SQL } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { pieces, plans, runEvents, runs, troubles } from '../database/tables.js';

const WITH_PLAN = {
  id: runs.id,
  planId: runs.planId,
  troubleId: troubles.id,
  pieceId: pieces.id,
  piece: pieces.facts,
  facts: troubles.facts,
  plan: plans.plan,
};

export interface StoredRun {
  readonly id: string;
  readonly planId: string;
  readonly troubleId: string;
  readonly pieceId: string;
  readonly pieceName: string;
  readonly markIds: string[];
  readonly plan: typeof plans.$inferSelect.plan;
  readonly events: readonly RunEvent[];
}

export interface RunFilter {
  readonly pieceId?: string;
  readonly troubleId?: string;
}

@Injectable()
export class RunsRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async list({ pieceId, troubleId }: RunFilter): Promise<StoredRun[]> {
    return this.select(
      and(pieceId ? eq(pieces.id, pieceId) : undefined, troubleId ? eq(troubles.id, troubleId) : undefined),
    );
  }

  async find(id: string): Promise<StoredRun | null> {
    return (await this.select(eq(runs.id, id)))[0] ?? null;
  }

  private async select(where: SQL | undefined): Promise<StoredRun[]> {
    const rows = await this.db
      .select(WITH_PLAN)
      .from(runs)
      .innerJoin(plans, eq(plans.id, runs.planId))
      .innerJoin(troubles, eq(troubles.id, plans.troubleId))
      .innerJoin(pieces, eq(pieces.id, troubles.pieceId))
      .where(where)
      .orderBy(desc(runs.createdAt), runs.id);
    if (rows.length === 0) return [];
    const events = await this.db
      .select({ runId: runEvents.runId, event: runEvents.event })
      .from(runEvents)
      .where(
        inArray(
          runEvents.runId,
          rows.map((row) => row.id),
        ),
      )
      .orderBy(asc(runEvents.seq));
    const byRun = groupByRun(events);
    return rows.map(({ piece, facts, ...row }) => ({
      ...row,
      pieceName: piece.name,
      markIds: [...facts.markIds],
      events: (byRun.get(row.id) ?? []).map((entry) => entry.event),
    }));
  }

  async insertRun(id: string, planId: string, at: Date): Promise<void> {
    await this.db.insert(runs).values({ id, planId, createdAt: at });
  }

  /** Appends as number `seq`; a key seen before, or a number already taken, changes nothing and says so. */
  async append(row: typeof runEvents.$inferInsert): Promise<boolean> {
    const inserted = await this.db
      .insert(runEvents)
      .values(row)
      .onConflictDoNothing()
      .returning({ id: runEvents.id });
    return inserted.length === 1;
  }

  async hasKey(key: string): Promise<boolean> {
    return (
      (await this.db.select({ id: runEvents.id }).from(runEvents).where(eq(runEvents.key, key))).length > 0
    );
  }
}

function groupByRun(rows: readonly { runId: string; event: RunEvent }[]): Map<string, { event: RunEvent }[]> {
  const groups = new Map<string, { event: RunEvent }[]>();
  for (const row of rows) groups.set(row.runId, [...(groups.get(row.runId) ?? []), row]);
  return groups;
}
