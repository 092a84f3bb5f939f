import type { HouseholdFile } from '@feverfew/contracts';
import type { Household, Mix, Plan, RunSummary, TroubleFacts, UseCase } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { asc, inArray, sql } from 'drizzle-orm';
import type { AnyPgColumn, PgTable } from 'drizzle-orm/pg-core';
import { DATABASE } from '../database/database.module.js';
import { groupBy } from '../database/groupBy.js';
import type { Database } from '../database/openDatabase.js';
import { Staging } from '../database/staging.js';
import {
  careEvents,
  heapLines,
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
  washLoads,
  washSettings,
} from '../database/tables.js';
import { columnsOf } from '../runs/runs.repository.js';
import type { YieldControl } from '../turns/cooperative.js';
import { storedLine } from '../wash/wash.repository.js';

interface Replacement {
  readonly contents: Contents;
  readonly summaries: ReadonlyMap<string, RunSummary>;
  /** Ids of the plans that may be followed here. */
  readonly own: ReadonlySet<string>;
}

type Contents = Omit<HouseholdFile, 'format' | 'version'>;

/** What belongs to others goes first. */
const ALL = [
  heapLines,
  washLoads,
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
/** Rows read at once: a plan is some hundred kB. */
const READ_AT_ONCE = 8;

type StoredEvent = typeof runEvents.$inferSelect | typeof trialEvents.$inferSelect;

/** Where the rows of each family of a file come from, and how they are shown in it. */
const FAMILIES = {
  mixes: { table: mixes, at: mixes.createdAt },
  pieces: { table: pieces, at: pieces.createdAt },
  troubles: { table: troubles, at: troubles.createdAt },
  plans: {
    table: plans,
    at: plans.createdAt,
    shown: ({ knowledgeVersion: _v, handsOnMin: _m, foreignSeal, ...row }: typeof plans.$inferSelect) => ({
      ...dated(row),
      seal: foreignSeal,
    }),
  },
  runs: {
    table: runs,
    at: runs.createdAt,
    shown: ({ id, createdAt, planId }: typeof runs.$inferSelect, events: readonly StoredEvent[]) => ({
      id,
      createdAt: createdAt.toISOString(),
      planId,
      events: (events as (typeof runEvents.$inferSelect)[]).map((row) => ({
        id: row.id,
        key: row.key,
        event: row.event,
      })),
    }),
  },
  care: {
    table: careEvents,
    at: careEvents.at,
    shown: (row: typeof careEvents.$inferSelect) => ({ ...row, at: row.at.toISOString() }),
  },
  pastUses: {
    table: pastUses,
    at: pastUses.at,
    shown: ({ pieceId, use, note }: typeof pastUses.$inferSelect) => ({ pieceId, use, note }),
  },
  trials: {
    table: trials,
    at: trials.createdAt,
    shown: (row: typeof trials.$inferSelect, events: readonly StoredEvent[]) => ({
      ...dated(row),
      events: events.map(({ id, event }) => ({ id, event })),
    }),
  },
  photos: { table: photos, at: photos.createdAt },
  loads: {
    table: washLoads,
    at: washLoads.createdAt,
    shown: (row: typeof washLoads.$inferSelect) => ({
      ...dated(row),
      doneAt: row.doneAt?.toISOString() ?? null,
    }),
  },
  heap: {
    table: heapLines,
    at: heapLines.createdAt,
    shown: (row: typeof heapLines.$inferSelect) => ({
      ...dated(row),
      line: { ...row.line, pieceId: row.pieceId },
      hungAt: row.hungAt?.toISOString() ?? null,
      dryAt: row.dryAt?.toISOString() ?? null,
    }),
  },
} satisfies Record<string, FamilyOf>;
export type Family = keyof typeof FAMILIES;

interface FamilyOf {
  readonly table: PgTable & { readonly id: AnyPgColumn };
  readonly at: AnyPgColumn;
  readonly shown?: (row: never, events: readonly StoredEvent[]) => object;
}

@Injectable()
export class HouseholdFileRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async settings(): Promise<unknown> {
    const [household] = await this.db.select().from(households);
    return household?.settings ?? null;
  }

  async washing(): Promise<unknown> {
    const [washing] = await this.db.select().from(washSettings);
    return washing?.settings ?? null;
  }

  /**
   * Rows of a family as they are in a file, in an order that depends only on their content. A few at a time, so that
   * others
   * taps meanwhile is served in between.
   */
  async *rows(family: Family): AsyncGenerator<object> {
    const { at, shown = dated, ...of }: FamilyOf = FAMILIES[family];
    // All of them have an id; nothing else is asked of the table by name.
    const table = of.table as typeof pieces;
    const ids = await this.db.select({ id: table.id }).from(table).orderBy(asc(at), asc(table.id));
    for (let index = 0; index < ids.length; index += READ_AT_ONCE) {
      const wanted = ids.slice(index, index + READ_AT_ONCE).map(({ id }) => id);
      const rows = await this.db
        .select()
        .from(table)
        .where(inArray(table.id, wanted))
        .orderBy(asc(at), asc(table.id));
      const events = await this.eventsOf(family, wanted);
      for (const row of rows) yield shown(row as never, events.get(row.id) ?? []);
    }
  }

  private async eventsOf(family: Family, ids: readonly string[]): Promise<Map<string, StoredEvent[]>> {
    if (family === 'runs')
      return groupBy(
        await this.db
          .select()
          .from(runEvents)
          .where(inArray(runEvents.runId, [...ids]))
          .orderBy(asc(runEvents.seq)),
        (row) => row.runId,
      );
    if (family === 'trials')
      return groupBy(
        await this.db
          .select()
          .from(trialEvents)
          .where(inArray(trialEvents.trialId, [...ids]))
          .orderBy(asc(trialEvents.seq)),
        (row) => row.trialId,
      );
    return new Map();
  }

  /** Replaces everything by the contents of a file, or nothing of it. */
  async replace({ contents, summaries, own }: Replacement, yieldControl: YieldControl): Promise<void> {
    const staging = await Staging.open(this.db, [...ALL].reverse(), yieldControl);
    try {
      await staging.add(
        mixes,
        contents.mixes.map((row) => ({ ...back(row), mix: row.mix as Mix })),
      );
      await staging.add(pieces, contents.pieces.map(back));
      await staging.add(
        troubles,
        contents.troubles.map((row) => ({ ...back(row), facts: row.facts as TroubleFacts })),
      );
      await staging.add(
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
      await staging.add(
        runs,
        contents.runs.map(({ events: _events, ...row }) => {
          const summary = summaries.get(row.id);
          return { ...back(row), ...(summary ? columnsOf(summary) : {}) };
        }),
      );
      await staging.add(runEvents, eventsOf(contents.runs));
      await staging.add(
        careEvents,
        contents.care.map((row) => ({ ...row, at: new Date(row.at) })),
      );
      await staging.add(
        pastUses,
        contents.pastUses.map(({ pieceId, use, note }) => ({
          id: use.id,
          at: new Date(use.at),
          pieceId,
          use: use as UseCase,
          note,
        })),
      );
      await staging.add(
        trials,
        contents.trials.map(({ events: _events, ...row }) => back(row)),
      );
      await staging.add(
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
      await staging.add(photos, contents.photos.map(back));
      const then = (at: string | null) => (at === null ? null : new Date(at));
      await staging.add(
        washLoads,
        contents.loads.map((row) => ({ ...back(row), doneAt: then(row.doneAt) })),
      );
      await staging.add(
        heapLines,
        contents.heap.map(({ line, ...row }) => ({
          ...back(row),
          ...storedLine(line),
          hungAt: then(row.hungAt),
          dryAt: then(row.dryAt),
        })),
      );
      await staging.whole();
      await this.db.transaction(async (tx) => {
        // Two files, or a file and the settings, come one after the other.
        await tx.execute(sql`lock table ${households}, ${washSettings} in exclusive mode`);
        await tx.delete(households);
        await tx.delete(washSettings);
        if (contents.washing) await tx.insert(washSettings).values({ id: ONLY, settings: contents.washing });
        if (contents.settings)
          await tx.insert(households).values({
            id: ONLY,
            settings: { ...contents.settings, household: contents.settings.household as Household },
          });
        await staging.takePlace(tx);
      });
    } finally {
      await staging.clear();
    }
  }
}

/** One after the other, as they are asked for: to make all of a large house at once would keep others waiting. */
function* eventsOf(all: Replacement['contents']['runs']): Generator<typeof runEvents.$inferInsert> {
  for (const run of all)
    for (const [seq, { id, key, event }] of run.events.entries())
      yield { id, key, event, seq, runId: run.id, at: new Date(event.at) };
}

const dated = <Row extends { createdAt: Date }>(row: Row) => ({
  ...row,
  createdAt: row.createdAt.toISOString(),
});
const back = <Row extends { createdAt: string }>(row: Row) => ({
  ...row,
  createdAt: new Date(row.createdAt),
});
