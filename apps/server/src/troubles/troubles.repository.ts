import type { TroubleSummary } from '@feverfew/contracts';
import type { TroubleFacts } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { desc, eq, inArray, sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { pieces, plans, runs, trials, troubles } from '../database/tables.js';

export interface TroubleFilter {
  readonly pieceId?: string;
  readonly troubleId?: string;
  readonly status?: TroubleSummary['status'];
  readonly most?: number;
}

@Injectable()
export class TroublesRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async insert(row: { id: string; createdAt: Date; pieceId: string; facts: TroubleFacts }): Promise<void> {
    await this.db.insert(troubles).values(row);
  }

  async update(id: string, facts: TroubleFacts): Promise<void> {
    await this.db.update(troubles).set({ facts }).where(eq(troubles.id, id));
  }

  /** Deletes a trouble without a run, with its plans; false if it has a run. */
  async remove(id: string): Promise<boolean> {
    return this.db.transaction(async (tx) => {
      const ofIt = eq(plans.troubleId, id);
      const begun = await tx
        .select({ id: runs.id })
        .from(runs)
        .innerJoin(plans, eq(plans.id, runs.planId))
        .where(ofIt)
        .limit(1);
      const tried = await tx
        .select({ id: trials.id })
        .from(trials)
        .innerJoin(plans, eq(plans.id, trials.planId))
        .where(ofIt)
        .limit(1);
      if (begun.length + tried.length > 0) return false;
      await tx.delete(plans).where(ofIt);
      await tx.delete(troubles).where(eq(troubles.id, id));
      return true;
    });
  }

  /**
   * Newest first, each with its newest plan and the run that counts: the one under way, else the newest.
   * Running while a run is open; settled by the outcome of the newest that ended; one broken off leaves it open.
   */
  async list({ pieceId, troubleId, status, most }: TroubleFilter): Promise<TroubleSummary[]> {
    const plan = this.db
      .selectDistinctOn([plans.troubleId], {
        troubleId: plans.troubleId,
        planId: plans.id,
        handsOnMin: plans.handsOnMin,
      })
      .from(plans)
      .orderBy(plans.troubleId, desc(plans.createdAt))
      .as('plan');
    const run = this.db
      .selectDistinctOn([plans.troubleId], {
        ofTrouble: sql<string>`${plans.troubleId}`.as('of_trouble'),
        runId: sql<string>`${runs.id}`.as('run_id'),
        outcome: runs.outcome,
        status: runs.status,
      })
      .from(runs)
      .innerJoin(plans, eq(plans.id, runs.planId))
      .orderBy(plans.troubleId, sql`${runs.status} = 'finished'`, desc(runs.createdAt), runs.id)
      .as('run');
    const stands = sql<TroubleSummary['status']>`case when ${run.status} = 'active' then 'running'
      when ${run.status} = 'finished' and ${run.outcome} <> 'abandoned' then 'settled' else 'open' end`;
    const wanted = [
      ...(pieceId ? [sql`${troubles.pieceId} = ${pieceId}`] : []),
      ...(troubleId ? [sql`${troubles.id} = ${troubleId}`] : []),
      ...(status ? [sql`${stands} = ${status}`] : []),
    ];
    const query = this.db
      .select({
        id: troubles.id,
        pieceId: pieces.id,
        pieceName: sql<string>`${pieces.facts}->>'name'`,
        markIds: sql<string[]>`${troubles.facts}->'markIds'`,
        status: stands,
        outcome: run.outcome,
        createdAt: troubles.createdAt,
        planId: plan.planId,
        handsOnMin: plan.handsOnMin,
        runId: run.runId,
      })
      .from(troubles)
      .innerJoin(pieces, eq(pieces.id, troubles.pieceId))
      .innerJoin(plan, eq(plan.troubleId, troubles.id))
      .leftJoin(run, eq(run.ofTrouble, troubles.id))
      .where(wanted.length > 0 ? sql.join(wanted, sql` and `) : undefined)
      .orderBy(desc(troubles.createdAt), troubles.id);
    const rows = await (most === undefined ? query : query.limit(most));
    return rows.map((row) => ({ ...row, createdAt: row.createdAt.toISOString() }));
  }

  async find(id: string): Promise<TroubleFacts | null> {
    const [row] = await this.db.select({ facts: troubles.facts }).from(troubles).where(eq(troubles.id, id));
    return row?.facts ?? null;
  }

  /** What each of these plans would gain from being bought, by plan; those that gain nothing are left out. */
  async toBuy(planIds: readonly string[]): Promise<ReadonlyMap<string, string[]>> {
    if (planIds.length === 0) return new Map();
    const rows = await this.db
      .select({
        id: plans.id,
        agentIds: sql<string[] | null>`${plans.plan}->'cupboard'->'ifBought'->'agentIds'`,
      })
      .from(plans)
      .where(inArray(plans.id, [...planIds]));
    return new Map(rows.flatMap(({ id, agentIds }) => (agentIds?.length ? [[id, agentIds]] : [])));
  }

  /** Facts of the troubles named. */
  async factsOf(ids: readonly string[]): Promise<{ id: string; facts: TroubleFacts }[]> {
    if (ids.length === 0) return [];
    return this.db
      .select({ id: troubles.id, facts: troubles.facts })
      .from(troubles)
      .where(inArray(troubles.id, [...ids]));
  }

  /** Facts of every trouble, newest first. */
  async facts(): Promise<{ id: string; facts: TroubleFacts }[]> {
    return this.db
      .select({ id: troubles.id, facts: troubles.facts })
      .from(troubles)
      .orderBy(desc(troubles.createdAt), troubles.id);
  }
}
