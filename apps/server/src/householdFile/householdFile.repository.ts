import type { HouseholdFile } from '@feverfew/contracts';
import type { Household, Mix, Plan, RunSummary, TroubleFacts, UseCase } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { asc } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import { DATABASE } from '../database/database.module.js';
import { groupBy } from '../database/groupBy.js';
import type { Database, Transaction } from '../database/openDatabase.js';
import {
  careEvents,
  households,
  mixes,
  pastUses,
  photos,
  pieces,
  plans,
  runEvents,
  runs,
  trialEvents,
  trials,
  troubles,
} from '../database/tables.js';
import { columnsOf } from '../runs/runs.repository.js';

interface Replacement {
  readonly contents: Contents;
  readonly summaries: ReadonlyMap<string, RunSummary>;
  /** Ids of the plans that may be followed here. */
  readonly own: ReadonlySet<string>;
}

type Contents = Omit<HouseholdFile, 'format' | 'version'>;

/** Rows one statement carries: far below the 65 535 parameters PostgreSQL takes. */
const ROWS_AT_ONCE = 400;
/** What belongs to others goes first. */
const ALL = [
  photos,
  trialEvents,
  trials,
  pastUses,
  careEvents,
  runEvents,
  runs,
  plans,
  troubles,
  pieces,
  mixes,
];
const ONLY = 1;

@Injectable()
export class HouseholdFileRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** Everything, in an order that only depends on what is kept. */
  async read(): Promise<Contents> {
    const { db } = this;
    const [household] = await db.select().from(households);
    const events = groupBy(await db.select().from(runEvents).orderBy(asc(runEvents.seq)), (row) => row.runId);
    const given = groupBy(
      await db.select().from(trialEvents).orderBy(asc(trialEvents.seq)),
      (row) => row.trialId,
    );
    const contents = {
      settings: household?.settings ?? null,
      mixes: (await db.select().from(mixes).orderBy(asc(mixes.createdAt), asc(mixes.id))).map(dated),
      pieces: (await db.select().from(pieces).orderBy(asc(pieces.createdAt), asc(pieces.id))).map(dated),
      troubles: (await db.select().from(troubles).orderBy(asc(troubles.createdAt), asc(troubles.id))).map(
        dated,
      ),
      plans: (await db.select().from(plans).orderBy(asc(plans.createdAt), asc(plans.id))).map(
        ({ knowledgeVersion: _version, handsOnMin: _minutes, foreignSeal, ...row }) => ({
          ...dated(row),
          seal: foreignSeal,
        }),
      ),
      runs: (await db.select().from(runs).orderBy(asc(runs.createdAt), asc(runs.id))).map(
        ({ id, createdAt, planId }) => ({
          id,
          createdAt: createdAt.toISOString(),
          planId,
          events: (events.get(id) ?? []).map((row) => ({ id: row.id, key: row.key, event: row.event })),
        }),
      ),
      care: (await db.select().from(careEvents).orderBy(asc(careEvents.at), asc(careEvents.id))).map(
        (row) => ({
          ...row,
          at: row.at.toISOString(),
        }),
      ),
      pastUses: (await db.select().from(pastUses).orderBy(asc(pastUses.at), asc(pastUses.id))).map(
        ({ pieceId, use, note }) => ({ pieceId, use, note }),
      ),
      trials: (await db.select().from(trials).orderBy(asc(trials.createdAt), asc(trials.id))).map((row) => ({
        ...dated(row),
        events: (given.get(row.id) ?? []).map(({ id, event }) => ({ id, event })),
      })),
      photos: (await db.select().from(photos).orderBy(asc(photos.createdAt), asc(photos.id))).map(dated),
    };
    return contents as unknown as Contents;
  }

  /** Replaces everything by the contents of a file, or nothing of it. */
  async replace({ contents, summaries, own }: Replacement): Promise<void> {
    await this.db.transaction(async (tx) => {
      for (const table of ALL) await tx.delete(table);
      await tx.delete(households);
      if (contents.settings)
        await tx.insert(households).values({
          id: ONLY,
          settings: { ...contents.settings, household: contents.settings.household as Household },
        });
      await insertAll(
        tx,
        mixes,
        contents.mixes.map((row) => ({ ...back(row), mix: row.mix as Mix })),
      );
      await insertAll(tx, pieces, contents.pieces.map(back));
      await insertAll(
        tx,
        troubles,
        contents.troubles.map((row) => ({ ...back(row), facts: row.facts as TroubleFacts })),
      );
      await insertAll(
        tx,
        plans,
        contents.plans.map((row) => {
          const plan = row.plan as unknown as Plan;
          const { seal, ...kept } = row;
          return {
            ...back(kept),
            plan,
            knowledgeVersion: plan.knowledgeVersion,
            foreignSeal: own.has(row.id) ? null : (seal ?? ''),
          };
        }),
      );
      await insertAll(
        tx,
        runs,
        contents.runs.map(({ events: _events, ...row }) => {
          const summary = summaries.get(row.id);
          return { ...back(row), ...(summary ? columnsOf(summary) : {}) };
        }),
      );
      await insertAll(
        tx,
        runEvents,
        contents.runs.flatMap((run) =>
          run.events.map(({ id, key, event }, seq) => ({
            id,
            key,
            event,
            seq,
            runId: run.id,
            at: new Date(event.at),
          })),
        ),
      );
      await insertAll(
        tx,
        careEvents,
        contents.care.map((row) => ({ ...row, at: new Date(row.at) })),
      );
      await insertAll(
        tx,
        pastUses,
        contents.pastUses.map(({ pieceId, use, note }) => ({
          id: use.id,
          at: new Date(use.at),
          pieceId,
          use: use as UseCase,
          note,
        })),
      );
      await insertAll(
        tx,
        trials,
        contents.trials.map(({ events: _events, ...row }) => back(row)),
      );
      await insertAll(
        tx,
        trialEvents,
        contents.trials.flatMap((trial) =>
          trial.events.map(({ id, event }, seq) => ({
            id,
            event,
            seq,
            trialId: trial.id,
            at: new Date(event.at),
          })),
        ),
      );
      await insertAll(tx, photos, contents.photos.map(back));
    });
  }
}

const dated = <Row extends { createdAt: Date }>(row: Row) => ({
  ...row,
  createdAt: row.createdAt.toISOString(),
});
const back = <Row extends { createdAt: string }>(row: Row) => ({
  ...row,
  createdAt: new Date(row.createdAt),
});

async function insertAll<Table extends PgTable>(
  tx: Transaction,
  table: Table,
  rows: readonly Table['$inferInsert'][],
): Promise<void> {
  for (let index = 0; index < rows.length; index += ROWS_AT_ONCE)
    await tx.insert(table).values(rows.slice(index, index + ROWS_AT_ONCE) as Table['$inferInsert'][]);
}
