import { randomBytes } from 'node:crypto';
import { getTableName, sql } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import type { GiveWay } from '../turns/turns.js';
import type { Database, Transaction } from './openDatabase.js';

/** What schemas of this kind are called; each has a number of its own, for another server may be reading a file in too. */
const SCHEMA = 'incoming';
/** How drizzle keeps the schema of a table, by its registered name. */
const SCHEMA_OF = Symbol.for('drizzle:Schema');
/** About so many characters of a row go into one statement: a plan is some hundred thousand. */
const AT_ONCE_CHARS = 400_000;

/**
 * A place beside the tables where many rows wait until all of them are there, a few a statement, so that whoever else
 * writes meanwhile is served in between. Moved in one transaction, which copies inside the database alone.
 */
export class Staging {
  private readonly schema = `${SCHEMA}_${randomBytes(6).toString('hex')}`;

  private constructor(
    private readonly db: Database,
    private readonly tables: readonly PgTable[],
    private readonly giveWay: GiveWay,
  ) {}

  /** @param tables what others point at first */
  static async open(db: Database, tables: readonly PgTable[], giveWay: GiveWay): Promise<Staging> {
    const staging = new Staging(db, tables, giveWay);
    await db.execute(sql`create schema ${sql.identifier(staging.schema)}`);
    for (const table of tables)
      await db.execute(
        sql`create unlogged table ${staging.here(table)} (like ${there(table)} including defaults including generated)`,
      );
    return staging;
  }

  async add<Table extends PgTable>(table: Table, rows: readonly Table['$inferInsert'][]): Promise<void> {
    const beside = Object.create(table, { [SCHEMA_OF]: { value: this.schema } }) as PgTable;
    let slice: Table['$inferInsert'][] = [];
    let chars = 0;
    for (const row of rows) {
      slice.push(row);
      chars += JSON.stringify(row).length;
      if (chars < AT_ONCE_CHARS) continue;
      await this.db.insert(beside).values(slice as never);
      await this.giveWay();
      [slice, chars] = [[], 0];
    }
    if (slice.length > 0) await this.db.insert(beside).values(slice as never);
  }

  /** Into the tables themselves. */
  async move(tx: Transaction): Promise<void> {
    for (const table of this.tables) {
      const columns = await ownColumns(tx, table);
      await tx.execute(
        sql`insert into ${there(table)} (${columns}) select ${columns} from ${this.here(table)}`,
      );
    }
  }

  async clear(): Promise<void> {
    await this.db.execute(sql`drop schema if exists ${sql.identifier(this.schema)} cascade`);
  }

  private here(table: PgTable) {
    return sql`${sql.identifier(this.schema)}.${sql.identifier(getTableName(table))}`;
  }
}

/** What killed servers left; called where no other server is at work. */
export async function clearLeftStagings(db: Database): Promise<void> {
  const { rows } = await db.execute<{ name: string }>(
    sql`select schema_name as name from information_schema.schemata where schema_name like ${`${SCHEMA}%`}`,
  );
  for (const { name } of rows) await db.execute(sql`drop schema ${sql.identifier(name)} cascade`);
}

const there = (table: PgTable) => sql`public.${sql.identifier(getTableName(table))}`;

/** Without those the database works out itself. */
async function ownColumns(tx: Transaction, table: PgTable) {
  const { rows } = await tx.execute<{ name: string }>(
    sql`select column_name as name from information_schema.columns where table_schema = 'public'
        and table_name = ${getTableName(table)} and is_generated = 'NEVER' order by ordinal_position`,
  );
  return sql.join(
    rows.map(({ name }) => sql.identifier(name)),
    sql`, `,
  );
}
