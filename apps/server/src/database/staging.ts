import { getTableName, sql } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import type { GiveWay } from '../turns/turns.js';
import type { Database, Transaction } from './openDatabase.js';

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
  private constructor(
    private readonly db: Database,
    private readonly tables: readonly PgTable[],
    private readonly giveWay: GiveWay,
  ) {}

  /** @param tables what others point at first */
  static async open(db: Database, tables: readonly PgTable[], giveWay: GiveWay): Promise<Staging> {
    const staging = new Staging(db, tables, giveWay);
    await staging.clear();
    await db.execute(sql`create schema ${sql.identifier(SCHEMA)}`);
    for (const table of tables)
      await db.execute(
        sql`create unlogged table ${here(table)} (like ${there(table)} including defaults including generated)`,
      );
    return staging;
  }

  async add<Table extends PgTable>(table: Table, rows: readonly Table['$inferInsert'][]): Promise<void> {
    const beside = Object.create(table, { [SCHEMA_OF]: { value: SCHEMA } }) as PgTable;
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
      await tx.execute(sql`insert into ${there(table)} (${columns}) select ${columns} from ${here(table)}`);
    }
  }

  async clear(): Promise<void> {
    await this.db.execute(sql`drop schema if exists ${sql.identifier(SCHEMA)} cascade`);
  }
}

const here = (table: PgTable) => sql`${sql.identifier(SCHEMA)}.${sql.identifier(getTableName(table))}`;
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
