import { randomBytes } from 'node:crypto';
import { setImmediate } from 'node:timers/promises';
import { getTableName, type SQL, sql } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import type { YieldControl } from '../turns/cooperative.js';
import type { Database, Transaction } from './openDatabase.js';

/** What schemas of this kind are called; each has a number of its own, for another server may be reading a file in too. */
const SCHEMA = 'incoming';
/** How drizzle keeps the schema of a table, by its registered name. */
const SCHEMA_OF = Symbol.for('drizzle:Schema');
/** About so many characters of rows go into one statement: a tap waits no longer than for that. */
const AT_ONCE_CHARS = 12_000;

/** How the database writes down what holds for a table. */
type Rule = {
  readonly name: string;
  readonly definition: string;
};

/**
 * Temporary tables that are filled a few rows per statement, so that other requests are served in between.
 * Whole, they take the place of the others in one moment: nothing is copied then, however much there is.
 */
export class Staging {
  private readonly schema = `${SCHEMA}_${randomBytes(6).toString('hex')}`;

  private constructor(
    private readonly db: Database,
    private readonly tables: readonly PgTable[],
    private readonly yieldControl: YieldControl,
  ) {}

  /** @param tables what others point at first */
  static async open(db: Database, tables: readonly PgTable[], yieldControl: YieldControl): Promise<Staging> {
    const staging = new Staging(db, tables, yieldControl);
    await db.execute(sql`create schema ${sql.identifier(staging.schema)}`);
    for (const table of tables) await staging.make(table);
    return staging;
  }

  /** A table like the one in use, by the same names, so that whatever changes the tables later finds them. */
  private async make(table: PgTable): Promise<void> {
    const here = this.here(table);
    await this.run(
      sql`create table ${here} (like ${there(table)} including defaults including generated including constraints
          including storage)`,
    );
    for (const { name, definition } of await this.rulesOf(table, ['p', 'u']))
      await this.run(sql`alter table ${here} add constraint ${sql.identifier(name)} ${sql.raw(definition)}`);
    for (const { definition } of await this.indexesOf(table))
      await this.run(sql.raw(definition.replace(' ON public.', ` ON "${this.schema}".`)));
  }

  /** One statement, and a yield after it: the embedded database keeps the event loop for as long as it works. */
  private async run(statement: SQL): Promise<Rule[]> {
    const { rows } = await this.db.execute<Rule>(statement);
    await this.yieldControl();
    return rows;
  }

  async add<Table extends PgTable>(table: Table, rows: Iterable<Table['$inferInsert']>): Promise<void> {
    const beside = Object.create(table, { [SCHEMA_OF]: { value: this.schema } }) as PgTable;
    let slice: Table['$inferInsert'][] = [];
    let chars = 0;
    for (const row of rows) {
      slice.push(row);
      chars += JSON.stringify(row).length;
      if (chars < AT_ONCE_CHARS) continue;
      await this.db.insert(beside).values(slice as never);
      await this.yieldControl();
      [slice, chars] = [[], 0];
    }
    if (slice.length > 0) await this.db.insert(beside).values(slice as never);
  }

  /** All rows are there: what points at what is checked, table by table. */
  async whole(): Promise<void> {
    for (const table of this.tables)
      for (const { name, definition } of await this.rulesOf(table, ['f'])) {
        const pointing = definition.replace(/ REFERENCES (public\.)?/, ` REFERENCES "${this.schema}".`);
        await this.run(
          sql`alter table ${this.here(table)} add constraint ${sql.identifier(name)} ${sql.raw(pointing)}`,
        );
      }
  }

  /** They take the place of those in use, in one transaction; requests that need no database are served meanwhile. */
  async takePlace(tx: Transaction): Promise<void> {
    // What points at others goes before them.
    for (const table of [...this.tables].reverse()) {
      await tx.execute(sql`drop table ${there(table)}`);
      await setImmediate();
    }
    for (const table of this.tables) {
      await tx.execute(sql`alter table ${this.here(table)} set schema public`);
      await setImmediate();
    }
  }

  async clear(): Promise<void> {
    await this.db.execute(sql`drop schema if exists ${sql.identifier(this.schema)} cascade`);
  }

  private here(table: PgTable): SQL {
    return sql`${sql.identifier(this.schema)}.${sql.identifier(getTableName(table))}`;
  }

  /** @param kinds p and u: keys, f: what points elsewhere (`pg_constraint.contype`) */
  private rulesOf(table: PgTable, kinds: readonly string[]): Promise<Rule[]> {
    return this.run(
      sql`select conname as name, pg_get_constraintdef(oid) as definition from pg_constraint
          where conrelid = ${nameOf(table)}::regclass
            and contype::text in (${sql.join(
              kinds.map((kind) => sql`${kind}`),
              sql`, `,
            )})
          order by conname`,
    );
  }

  /** Those that are no keys. */
  private indexesOf(table: PgTable): Promise<Rule[]> {
    return this.run(
      sql`select relname as name, pg_get_indexdef(indexrelid) as definition
          from pg_index join pg_class on pg_class.oid = indexrelid
          where indrelid = ${nameOf(table)}::regclass
            and not exists (select 1 from pg_constraint where conindid = indexrelid and contype in ('p', 'u'))
          order by relname`,
    );
  }
}

/** What killed servers left; called where no other server is at work. */
export async function clearLeftStagings(db: Database): Promise<void> {
  const { rows } = await db.execute<{ name: string }>(
    sql`select schema_name as name from information_schema.schemata where schema_name like ${`${SCHEMA}%`}`,
  );
  for (const { name } of rows) await db.execute(sql`drop schema ${sql.identifier(name)} cascade`);
}

const there = (table: PgTable): SQL => sql`public.${sql.identifier(getTableName(table))}`;
const nameOf = (table: PgTable): string => `public.${getTableName(table)}`;
