import type { TrialEvent, TrialSetup, TroubleFacts, UseCase } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { asc, eq, sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import { groupBy } from '../database/groupBy.js';
import type { Database } from '../database/openDatabase.js';
import { pastUses, plans, runs, trialEvents, trials } from '../database/tables.js';

@Injectable()
export class EvidenceRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** Lines of the log: from the runs kept here, and from logs that were read in. */
  async uses(): Promise<UseCase[]> {
    const own = await this.db
      .select({ uses: sql<UseCase[]>`${runs.summary}->'uses'` })
      .from(runs)
      .where(sql`jsonb_array_length(${runs.summary}->'uses') > 0`);
    const past = await this.db.select({ use: pastUses.use }).from(pastUses);
    return [...own.flatMap((row) => row.uses), ...past.map((row) => row.use)];
  }

  /** Every trial with the facts of its trouble and its events in order. */
  async trials(): Promise<{ id: string; setup: TrialSetup; facts: TroubleFacts; events: TrialEvent[] }[]> {
    const rows = await this.db
      .select({ id: trials.id, setup: trials.setup, facts: sql<TroubleFacts>`${plans.plan}->'facts'` })
      .from(trials)
      .innerJoin(plans, eq(plans.id, trials.planId));
    if (rows.length === 0) return [];
    const events = groupBy(
      await this.db.select().from(trialEvents).orderBy(asc(trialEvents.seq)),
      (row) => row.trialId,
    );
    return rows.map((row) => ({ ...row, events: (events.get(row.id) ?? []).map((one) => one.event) }));
  }
}
