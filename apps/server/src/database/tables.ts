import type { Measures, NewPiece } from '@feverfew/contracts';
import type { Household, Mix, Plan, RunEvent, TroubleFacts } from '@feverfew/core';
import { index, integer, jsonb, pgTable, text, timestamp, unique, uuid } from 'drizzle-orm/pg-core';

const created = () => timestamp({ withTimezone: true, mode: 'date' }).notNull();

export const pieces = pgTable('pieces', {
  id: uuid().primaryKey(),
  createdAt: created(),
  facts: jsonb().$type<NewPiece>().notNull(),
});

export const troubles = pgTable(
  'troubles',
  {
    id: uuid().primaryKey(),
    createdAt: created(),
    pieceId: uuid()
      .notNull()
      .references(() => pieces.id),
    facts: jsonb().$type<TroubleFacts>().notNull(),
  },
  (table) => [index().on(table.pieceId)],
);

/** Plans are kept as they were followed, with the version of the knowledge that made them. */
export const plans = pgTable(
  'plans',
  {
    id: uuid().primaryKey(),
    createdAt: created(),
    troubleId: uuid()
      .notNull()
      .references(() => troubles.id),
    knowledgeVersion: text().notNull(),
    plan: jsonb().$type<Plan>().notNull(),
  },
  (table) => [index().on(table.troubleId)],
);

export const runs = pgTable(
  'runs',
  {
    id: uuid().primaryKey(),
    createdAt: created(),
    planId: uuid()
      .notNull()
      .references(() => plans.id),
  },
  (table) => [index().on(table.planId)],
);

/** Append-only: the state of a run is derived from these. `key` makes a repeated request count once. */
export const runEvents = pgTable(
  'run_events',
  {
    id: uuid().primaryKey(),
    runId: uuid()
      .notNull()
      .references(() => runs.id),
    seq: integer().notNull(),
    key: uuid().notNull(),
    at: timestamp({ withTimezone: true, mode: 'date' }).notNull(),
    event: jsonb().$type<RunEvent>().notNull(),
  },
  (table) => [unique().on(table.runId, table.seq), unique().on(table.key)],
);

/** Mixes kept on the shelf, as poured; what they are is worked out anew each time. */
export const mixes = pgTable('mixes', {
  id: uuid().primaryKey(),
  createdAt: created(),
  name: text().notNull(),
  mix: jsonb().$type<Mix>().notNull(),
});

/** One household per database. */
export const households = pgTable('households', {
  id: integer().primaryKey(),
  settings: jsonb().$type<{ household: Household; measures: Measures }>().notNull(),
});
