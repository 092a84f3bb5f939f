import { randomUUID } from 'node:crypto';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { ServerError } from '../problems/serverError.js';
import { engineFault } from './engineFault.js';
import { MIGRATIONS, type OpenDatabase } from './openDatabase.js';
import { ServerNews } from './serverNews.js';
import * as tables from './tables.js';

/** Advisory locks of this program on a database, per session. Any two otherwise unused numbers. */
const LOCKS = { migrating: [1_718_774, 1], atWork: [1_718_774, 2] } as const;
/** PostgreSQL 15 is what is proved. */
const MIN_VERSION = 150_000;
const POOL = {
  max: 10,
  connectionTimeoutMillis: 5000,
  idleTimeoutMillis: 30_000,
  keepAlive: true,
  application_name: 'feverfew',
} as const;

export interface ServerDatabase extends OpenDatabase {
  readonly news: ServerNews;
  /** No other server is at work on it: what only a start may put right is put right. */
  readonly isAlone: boolean;
  /** Others may start from now on. */
  started(): Promise<void>;
}

/**
 * Opens and migrates the database of a PostgreSQL server. Several servers may start at once: one migrates, the others
 * wait for it; one puts right what a killed one left, the others do not.
 * @param url as `DATABASE_URL` has it
 * @throws ServerError databaseAway where it does not answer or lets no one in, databaseTooOld
 */
export async function openServerDatabase(url: string): Promise<ServerDatabase> {
  const pool = new pg.Pool({ ...POOL, connectionString: url });
  // An idle connection that is lost does no harm: the next request opens a new one.
  pool.on('error', () => undefined);
  // One that is lost between two questions of a transaction: the next question of it fails, and says so.
  pool.on('connect', (client) => client.on('error', () => undefined));
  const me = randomUUID();
  const news = new ServerNews(url, me, LOCKS.atWork, (channel, payload) =>
    pool.query('select pg_notify($1, $2)', [channel, payload]),
  );
  try {
    await migrateOnce(pool);
    const isAlone = await news.open();
    return {
      db: databaseOn(pool),
      news,
      isAlone,
      started: () => news.letOthersStart(),
      close: async () => {
        await news.close();
        await pool.end();
      },
    };
  } catch (error) {
    await news.close();
    await pool.end();
    throw inWords(error);
  }
}

/** The same questions and answers on both engines; only what is not used differs in its types. */
function databaseOn(pool: pg.Pool): OpenDatabase['db'] {
  const on = (client: pg.Pool | pg.PoolClient) => drizzle(client, { schema: tables, casing: 'snake_case' });
  const db = on(pool);
  const transaction: typeof db.transaction = async (work, config) => {
    let hasBegun = false;
    const inside: typeof work = (tx) => {
      hasBegun = true;
      return work(tx);
    };
    // A restart of the database kills every idle connection of the pool, so each of them may be found dead in turn.
    for (let dead = 0; ; dead += 1) {
      const client = await pool.connect();
      let isDead = false;
      try {
        return await on(client).transaction(inside, config);
      } catch (error) {
        // It died before the transaction began, so nothing was written: once more on another connection.
        isDead = !hasBegun && engineFault(error) === 'away';
        if (!isDead || dead >= POOL.max) throw error;
      } finally {
        // Drizzle's own never gives a connection back on which the transaction could not begin. A dead one is closed.
        client.release(isDead);
      }
    }
  };
  return Object.assign(db, { transaction }) as unknown as OpenDatabase['db'];
}

/** The migrations in the order of who came first; an empty database as well as one that is in use. */
async function migrateOnce(pool: pg.Pool): Promise<void> {
  const client = await pool.connect();
  try {
    const { rows } = await client.query<{ version: number }>(
      `select current_setting('server_version_num')::int as version`,
    );
    if ((rows[0]?.version ?? 0) < MIN_VERSION) throw new ServerError('databaseTooOld', {});
    await client.query('select pg_advisory_lock($1, $2)', [...LOCKS.migrating]);
    try {
      await migrate(drizzle(client), { migrationsFolder: MIGRATIONS });
    } finally {
      await client.query('select pg_advisory_unlock($1, $2)', [...LOCKS.migrating]);
    }
  } finally {
    client.release();
  }
}

function inWords(error: unknown): unknown {
  if (error instanceof ServerError) return error;
  for (let at = error, depth = 0; at instanceof Error && depth < 5; at = at.cause, depth += 1) {
    const { code = '', message } = at as Error & { code?: string };
    const why = WHY_AWAY[code] ?? (/timeout|terminated/.test(message) ? NOTHING_ANSWERS : undefined);
    if (why) return new ServerError('databaseAway', { why });
  }
  return error;
}

const NOTHING_ANSWERS = 'nothing answers there';
/** SQLSTATE codes (appendix A of the manual) and those of the network. */
const WHY_AWAY: Readonly<Record<string, string>> = {
  ECONNREFUSED: NOTHING_ANSWERS,
  ECONNRESET: NOTHING_ANSWERS,
  ETIMEDOUT: NOTHING_ANSWERS,
  ENOENT: NOTHING_ANSWERS,
  ENOTFOUND: 'there is no computer of that name',
  EAI_AGAIN: 'there is no computer of that name',
  '28P01': 'it does not take that name and password',
  '28000': 'it does not take that name and password',
  '3D000': 'there is no such database: make it first',
  '42501': 'that name may make no tables there: the database has to belong to it',
  '57P03': 'it is starting or stopping',
  '53300': 'it takes no more connections',
};
