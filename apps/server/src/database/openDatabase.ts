import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { PGlite } from '@electric-sql/pglite';
import { getTableName, is, sql } from 'drizzle-orm';
import { PgTable } from 'drizzle-orm/pg-core';
import { drizzle, type PgliteDatabase } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { ServerError } from '../problems/serverError.js';
import { type Places, placesOf, settle, takePlace } from './dataDirectory.js';
import { requireRoom, withRoom } from './diskRoom.js';
import { holdDataDirectory } from './holdDataDirectory.js';
import * as tables from './tables.js';

/** On either engine: both answer the same to all that is asked of them here. */
export type Database = PgliteDatabase<typeof tables>;
/** What several rows are written through that stand or fall together. */
export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0];
export interface OpenDatabase {
  readonly db: Database;
  close(): Promise<void>;
}
/** One inside this process, in a directory or in memory. */
export interface EmbeddedDatabase extends OpenDatabase {
  readonly client: PGlite;
}

export const MIGRATIONS = fileURLToPath(new URL('../../drizzle', import.meta.url));

export interface DatabaseOptions {
  /** Dump of a migrated empty database: makes the first start quick; ignored once data exists. */
  readonly templateFile?: string | undefined;
  /** Starts empty; what is there is put aside. */
  readonly reset?: boolean;
  /** Fills a new database before it takes its place. What it throws leaves everything as it was. */
  readonly fill?: ((db: Database) => Promise<void>) | undefined;
}

/**
 * Opens and migrates the database. A new one is built in a temporary place and moved as a whole. Killed in the
 * middle, the
 * next start finds what there was before.
 * @param dataDir directory on disk, or null for one in memory (tests)
 * @throws ServerError dataDirectoryInUse, notADataDirectory, notWritable, diskFull, dataDamaged
 */
export async function openDatabase(
  dataDir: string | null,
  { templateFile, reset = false, fill }: DatabaseOptions = {},
): Promise<EmbeddedDatabase> {
  if (dataDir === null) return opened(await migrated(await create(undefined, templateFile)));
  const hold = await holdDataDirectory(dataDir).catch(inWords(dataDir));
  const places = placesOf(dataDir);
  try {
    const isThere = settle(places, reset) && !reset;
    requireWritable(places);
    if (!isThere) {
      requireRoom(dataDir);
      await build(places, templateFile, fill);
    }
    const database = opened(await reopened(places, isThere));
    return {
      ...database,
      db: withRoom(database.db, dataDir),
      close: async () => {
        await database.close();
        hold.close();
      },
    };
  } catch (error) {
    hold.close();
    return inWords(dataDir)(error);
  }
}

/** A new database, whole, in the place of the one there was. */
async function build(places: Places, templateFile?: string, fill?: DatabaseOptions['fill']): Promise<void> {
  const made = opened(await migrated(await create(places.building, templateFile)));
  try {
    await fill?.(made.db);
  } finally {
    await made.close();
  }
  takePlace(places, new Date());
}

async function reopened({ db, root }: Places, isKept: boolean): Promise<PGlite> {
  try {
    const client = await migrated(await PGlite.create({ dataDir: db }));
    if (isKept) await readAll(client);
    return client;
  } catch (error) {
    // Without room it does not start either, and nothing is wrong with it.
    requireRoom(root);
    throw new ServerError('dataDamaged', { dataDir: root, cause: causeOf(error) });
  }
}

/** What the database says at the bottom of it; where it ends without a word, that it does not start. */
function causeOf(error: unknown): string {
  const { cause } = error as { cause?: unknown };
  if (cause instanceof Error) return causeOf(cause);
  const [first = ''] = error instanceof Error ? error.message.split('\n') : [];
  return /^$|Aborted|failed to initialize|unreachable/.test(first) ? 'its database does not start' : first;
}

async function create(dataDir: string | undefined, templateFile: string | undefined): Promise<PGlite> {
  const template =
    templateFile && existsSync(templateFile) ? new Blob([readFileSync(templateFile)]) : undefined;
  return PGlite.create({ ...(dataDir ? { dataDir } : {}), ...(template ? { loadDataDir: template } : {}) });
}

async function migrated(client: PGlite): Promise<PGlite> {
  await migrate(drizzle(client), { migrationsFolder: MIGRATIONS });
  return client;
}

const opened = (client: PGlite): EmbeddedDatabase => ({
  db: drizzle(client, { schema: tables, casing: 'snake_case' }),
  client,
  close: () => client.close(),
});

/** Every page of every table, so that damage shows now and not in the middle of a soak: each page has a checksum. */
async function readAll(client: PGlite): Promise<void> {
  const db = drizzle(client);
  for (const table of Object.values(tables).filter((one) => is(one, PgTable)))
    await db.execute(
      sql`select sum(length(one::text)) from ${sql.identifier(getTableName(table as PgTable))} as one`,
    );
}

/** Asked by writing: rights, read-only disks and mounts all show by it. A full disk is none of it: it may be read. */
function requireWritable({ root, backups }: Places): void {
  const probe = join(root, 'db.new');
  try {
    mkdirSync(backups, { recursive: true });
    mkdirSync(probe);
    rmSync(probe, { recursive: true });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOSPC') throw error;
  }
}

/** What a file system says, as one of ours. */
const inWords =
  (dataDir: string) =>
  (error: unknown): never => {
    const code = (error as NodeJS.ErrnoException | null)?.code ?? '';
    // Node says ENOENT where a directory cannot be made on a read-only disk.
    if (['EROFS', 'EACCES', 'EPERM', 'ENOENT', 'ENOTDIR'].includes(code))
      throw new ServerError('notWritable', { dataDir });
    if (['ENOSPC', 'EDQUOT'].includes(code))
      throw new ServerError('diskFull', { message: `${dataDir}: no room.` });
    throw error;
  };
