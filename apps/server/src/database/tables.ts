import type {
  DeviceRole,
  FilledLoad,
  HouseholdSettings,
  NewHeapLine,
  NewPiece,
  WashSettings,
} from '@feverfew/contracts';
import type {
  HangingPlace,
  Mix,
  Outcome,
  Plan,
  RunEvent,
  RunSummary,
  TrialEvent,
  TrialSetup,
  TroubleFacts,
  UseCase,
} from '@feverfew/core';
import { sql } from 'drizzle-orm';
import {
  boolean,
  check,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  timestamp,
  unique,
  uuid,
} from 'drizzle-orm/pg-core';

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
    /**
     * null for a plan made here. For an imported plan, the seal it carried, or '' if it had none. An imported plan is
     * read-only.
     */
    foreignSeal: text(),
    /** Minutes of hand work in the first round, in a column of its own so that a list need not read the plan. */
    handsOnMin: doublePrecision().generatedAlwaysAs(
      sql`(plan->'rounds'->0->>'handsOnMin')::double precision`,
    ),
  },
  (table) => [index().on(table.troubleId)],
);

/** The summary of a run for lists, written with every event. Its source of truth is `runEvents`. */
export const runs = pgTable(
  'runs',
  {
    id: uuid().primaryKey(),
    createdAt: created(),
    planId: uuid()
      .notNull()
      .references(() => plans.id),
    status: text().$type<'active' | 'finished'>().notNull().default('active'),
    outcome: text().$type<Outcome>(),
    /** What lists and the log need of it; the column keeps its first name. */
    summary: jsonb('digest').$type<RunSummary>(),
  },
  (table) => [index().on(table.planId), index().on(table.status)],
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

/** Saved mixes, as poured. Their properties are calculated on each read. */
export const mixes = pgTable('mixes', {
  id: uuid().primaryKey(),
  createdAt: created(),
  name: text().notNull(),
  mix: jsonb().$type<Mix>().notNull(),
});

/** One household per database. */
export const households = pgTable('households', {
  id: integer().primaryKey(),
  settings: jsonb()
    .$type<
      Omit<HouseholdSettings, 'told' | 'bottles'> & Partial<Pick<HouseholdSettings, 'told' | 'bottles'>>
    >()
    .notNull(),
  /** True for the demo household. Leaving it deletes all its data. */
  madeUp: boolean('made_up').notNull().default(false),
  /** It is being furnished: found so at a start, that was cut short. */
  furnishing: boolean().notNull().default(false),
});

/** Plain care that was noted: washes, upkeep done. */
export const careEvents = pgTable(
  'care_events',
  {
    id: uuid().primaryKey(),
    at: created(),
    pieceId: uuid()
      .notNull()
      .references(() => pieces.id),
    what: text().$type<'machineWash' | 'hotWash' | 'upkeep'>().notNull(),
    upkeepId: text(),
    times: integer().notNull(),
  },
  (table) => [index().on(table.pieceId)],
);

/** Lines of a log that was read in: what a method did before this book was kept. */
export const pastUses = pgTable('past_uses', {
  id: text().primaryKey(),
  at: created(),
  pieceId: uuid()
    .notNull()
    .references(() => pieces.id),
  use: jsonb().$type<UseCase>().notNull(),
  note: text().notNull(),
});

/** Methods side by side; what happened in `trialEvents`, append-only like those of a run. */
export const trials = pgTable('trials', {
  id: uuid().primaryKey(),
  createdAt: created(),
  planId: uuid()
    .notNull()
    .references(() => plans.id),
  setup: jsonb().$type<TrialSetup>().notNull(),
});

export const trialEvents = pgTable(
  'trial_events',
  {
    id: uuid().primaryKey(),
    trialId: uuid()
      .notNull()
      .references(() => trials.id),
    seq: integer().notNull(),
    at: created(),
    event: jsonb().$type<TrialEvent>().notNull(),
  },
  (table) => [unique().on(table.trialId, table.seq)],
);

/**
 * Pictures a person chose to save, of a run or of a piece (its newest is shown); all others stay on the device.
 * JPEG without metadata, base64.
 */
export const photos = pgTable(
  'photos',
  {
    id: uuid().primaryKey(),
    createdAt: created(),
    runId: uuid().references(() => runs.id),
    pieceId: uuid().references(() => pieces.id),
    jpeg: text().notNull(),
  },
  (table) => [
    index().on(table.runId),
    index().on(table.pieceId),
    check('photos_of_one', sql`num_nonnulls(${table.runId}, ${table.pieceId}) = 1`),
  ],
);

/** Keys that all servers on one database share. They stand in no file that leaves the house. */
export const secrets = pgTable('secrets', { name: text().primaryKey(), value: text().notNull() });

/** Devices that were let in. What they show is kept as its SHA-256 alone: read from here, it opens nothing. */
export const devices = pgTable('devices', {
  id: uuid().primaryKey(),
  createdAt: created(),
  name: text().notNull(),
  role: text().$type<DeviceRole>().notNull(),
  tokenHash: text().notNull().unique(),
  lastSeenAt: timestamp({ withTimezone: true, mode: 'date' }).notNull(),
});

/** What lets the next device in, once, until it runs out; key and code as SHA-256. */
export const invitations = pgTable('invitations', {
  id: uuid().primaryKey(),
  name: text().notNull(),
  role: text().$type<DeviceRole>().notNull(),
  keyHash: text().notNull(),
  codeHash: text().notNull(),
  expiresAt: timestamp({ withTimezone: true, mode: 'date' }).notNull(),
});

/** The heap and what became of it: a line is in the heap until it goes into a load, hangs, and is dry. */
export const heapLines = pgTable(
  'heap_lines',
  {
    id: uuid().primaryKey(),
    createdAt: created(),
    /** Of a piece of the book; a handful has none, and names its kind of piece in its line. */
    pieceId: uuid().references(() => pieces.id, { onDelete: 'cascade' }),
    /** The entered facts without the piece, which has a column of its own. */
    line: jsonb().$type<Omit<NewHeapLine, 'pieceId'>>().notNull(),
    loadId: uuid().references(() => washLoads.id),
    place: text().$type<HangingPlace>(),
    /** Rolled in a towel after the drum. */
    rolled: boolean().notNull().default(false),
    hungAt: timestamp({ withTimezone: true, mode: 'date' }),
    dryAt: timestamp({ withTimezone: true, mode: 'date' }),
  },
  (table) => [
    index().on(table.loadId),
    index().on(table.pieceId),
    check(
      'heap_line_is_of_one',
      sql`(${table.pieceId} is null) <> (${table.line}->>'itemId' is null) and not (${table.line} ? 'pieceId')`,
    ),
    check(
      'heap_line_hangs_washed',
      sql`${table.loadId} is not null or (${table.hungAt} is null and ${table.dryAt} is null)`,
    ),
  ],
);

/** Loads that were filled, as they were set. */
export const washLoads = pgTable('wash_loads', {
  id: uuid().primaryKey(),
  createdAt: created(),
  load: jsonb().$type<FilledLoad>().notNull(),
  doneAt: timestamp({ withTimezone: true, mode: 'date' }),
});

/** How the household washes and dries; null while nothing is entered. */
export const washSettings = pgTable('wash_settings', {
  id: integer().primaryKey(),
  settings: jsonb().$type<WashSettings>().notNull(),
});
