import { type Choices, type Plan, RUN_SUMMARY_VERSION, type RunEvent, type RunSummary } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { and, asc, desc, eq, inArray, type SQL, sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import { groupBy } from '../database/groupBy.js';
import type { Database, Transaction } from '../database/openDatabase.js';
import { pieces, plans, runEvents, runs, troubles } from '../database/tables.js';

const NAMED = {
  id: runs.id,
  planId: runs.planId,
  troubleId: troubles.id,
  pieceId: pieces.id,
  pieceName: sql<string>`${pieces.facts}->>'name'`,
  markIds: sql<string[]>`${troubles.facts}->'markIds'`,
};

interface NamedRun {
  readonly id: string;
  readonly planId: string;
  readonly troubleId: string;
  readonly pieceId: string;
  readonly pieceName: string;
  readonly markIds: string[];
}

export interface StoredRun extends NamedRun {
  readonly plan: Plan;
  /** null for a plan made here. */
  readonly foreignSeal: string | null;
  readonly events: readonly RunEvent[];
}

export interface SummarisedRun extends NamedRun {
  readonly summary: RunSummary;
}

export interface RunFilter {
  readonly pieceId?: string;
  readonly troubleId?: string;
  readonly status?: 'active' | 'finished';
}

/** A run as it begins, with its first event. */
export interface BegunRun {
  readonly run: {
    readonly id: string;
    readonly planId: string;
    readonly createdAt: Date;
    readonly summary: RunSummary;
  };
  readonly first: typeof runEvents.$inferInsert;
}

interface ChangedPlan {
  readonly plan: typeof plans.$inferInsert;
  readonly choices: Choices;
  readonly summary: RunSummary;
  readonly event: typeof runEvents.$inferInsert;
}

/** Run and first event; false when there is a run of that id already. */
export async function insertRun(tx: Transaction, { run, first }: BegunRun): Promise<boolean> {
  const inserted = await tx
    .insert(runs)
    .values({ ...run, status: run.summary.state.status })
    .onConflictDoNothing()
    .returning({ id: runs.id });
  if (inserted.length === 0) return false;
  await tx.insert(runEvents).values(first);
  return true;
}

@Injectable()
export class RunsRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async find(id: string): Promise<StoredRun | null> {
    return (await this.select(eq(runs.id, id)))[0] ?? null;
  }

  /** Those under way with plan and events: few, and all that Today has to work out. */
  active(): Promise<StoredRun[]> {
    return this.select(eq(runs.status, 'active'));
  }

  /** Runs whose summary is missing, or was made as an earlier version made it. */
  outOfDate(): Promise<StoredRun[]> {
    return this.select(sql`coalesce((${runs.summary}->>'version')::int, 0) <> ${RUN_SUMMARY_VERSION}`);
  }

  private async select(where: SQL | undefined): Promise<StoredRun[]> {
    const rows = await this.db
      .select({ ...NAMED, plan: plans.plan, foreignSeal: plans.foreignSeal })
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
    const byRun = groupBy(events, (entry) => entry.runId);
    return rows.map((row) => ({ ...row, events: (byRun.get(row.id) ?? []).map((entry) => entry.event) }));
  }

  /** Newest first, without plans and events. */
  async summarised({ pieceId, troubleId, status }: RunFilter): Promise<SummarisedRun[]> {
    const rows = await this.db
      .select({ ...NAMED, summary: runs.summary })
      .from(runs)
      .innerJoin(plans, eq(plans.id, runs.planId))
      .innerJoin(troubles, eq(troubles.id, plans.troubleId))
      .innerJoin(pieces, eq(pieces.id, troubles.pieceId))
      .where(
        and(
          pieceId ? eq(pieces.id, pieceId) : undefined,
          troubleId ? eq(troubles.id, troubleId) : undefined,
          status ? eq(runs.status, status) : undefined,
        ),
      )
      .orderBy(desc(runs.createdAt), runs.id);
    return rows.flatMap(({ summary, ...row }) => (summary ? [{ ...row, summary }] : []));
  }

  /** Run and first event together, or neither; false when there is a run of that id already. */
  insert(run: BegunRun['run'], first: BegunRun['first']): Promise<boolean> {
    return this.db.transaction((tx) => insertRun(tx, { run, first }));
  }

  async exists(id: string): Promise<boolean> {
    return (await this.db.select({ id: runs.id }).from(runs).where(eq(runs.id, id))).length > 0;
  }

  /**
   * Appends as number `seq` and writes what lists need of it; a key seen before, or a number already taken, changes
   * nothing and says so.
   */
  async append(row: typeof runEvents.$inferInsert, summary: RunSummary): Promise<boolean> {
    // One statement, which is whole by itself: a transaction asks the database four times.
    const added = this.db
      .$with('added')
      .as(this.db.insert(runEvents).values(row).onConflictDoNothing().returning({ runId: runEvents.runId }));
    const changed = await this.db
      .with(added)
      .update(runs)
      .set(columnsOf(summary))
      .where(inArray(runs.id, this.db.select({ runId: added.runId }).from(added)))
      .returning({ id: runs.id });
    return changed.length > 0;
  }

  /** A fresh plan for a run, the choices it was made with, and what is noted of it: all of it, or nothing. */
  async changePlan({ plan, choices, summary, event }: ChangedPlan): Promise<boolean> {
    return this.db.transaction(async (tx) => {
      const inserted = await tx
        .insert(runEvents)
        .values(event)
        .onConflictDoNothing()
        .returning({ id: runEvents.id });
      if (inserted.length === 0) return false;
      await tx.insert(plans).values(plan);
      const own = eq(troubles.id, plan.troubleId);
      const [told] = await tx.select({ facts: troubles.facts }).from(troubles).where(own);
      if (told)
        await tx
          .update(troubles)
          .set({ facts: { ...told.facts, choices } })
          .where(own);
      await tx
        .update(runs)
        .set({ ...columnsOf(summary), planId: plan.id })
        .where(eq(runs.id, event.runId));
      return true;
    });
  }

  async setSummary(id: string, summary: RunSummary): Promise<void> {
    await this.db.update(runs).set(columnsOf(summary)).where(eq(runs.id, id));
  }

  async hasKey(key: string): Promise<boolean> {
    return (
      (await this.db.select({ id: runEvents.id }).from(runEvents).where(eq(runEvents.key, key))).length > 0
    );
  }
}

export const columnsOf = (summary: RunSummary) => ({
  summary,
  status: summary.state.status,
  outcome: summary.state.outcome,
});
