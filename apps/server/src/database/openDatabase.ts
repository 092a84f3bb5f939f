import { existsSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import type { Server } from 'node:net';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { PGlite } from '@electric-sql/pglite';
import { DomainError } from '@feverfew/core';
import { drizzle, type PgliteDatabase } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { holdDataDirectory } from './holdDataDirectory.js';
import { BACKUP_DIR } from './keepBackups.js';
import * as tables from './tables.js';

export type Database = PgliteDatabase<typeof tables>;
/** What several rows are written through that stand or fall together. */
export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0];
export interface OpenDatabase {
  readonly db: Database;
  readonly client: PGlite;
  close(): Promise<void>;
}

const MIGRATIONS = fileURLToPath(new URL('../../drizzle', import.meta.url));

export interface DatabaseOptions {
  /** Dump of a migrated empty database: makes the first start quick; ignored once data exists. */
  readonly templateFile?: string | undefined;
  /** Throws away what is there and starts empty. */
  readonly reset?: boolean;
}

/**
 * Opens and migrates the database.
 * @param dataDir directory on disk, or null for one in memory (tests)
 * @throws DomainError dataDirectoryInUse, notADataDirectory
 */
export async function openDatabase(
  dataDir: string | null,
  { templateFile, reset = false }: DatabaseOptions = {},
): Promise<OpenDatabase> {
  const hold: Server | null = dataDir === null ? null : await holdDataDirectory(dataDir);
  const fresh = dataDir === null || emptied(dataDir, reset);
  const template =
    fresh && templateFile && existsSync(templateFile) ? new Blob([readFileSync(templateFile)]) : null;
  const client = await PGlite.create({
    ...(dataDir === null ? {} : { dataDir }),
    ...(template ? { loadDataDir: template } : {}),
  });
  const db = drizzle(client, { schema: tables, casing: 'snake_case' });
  await migrate(db, { migrationsFolder: MIGRATIONS });
  return {
    db,
    client,
    close: async () => {
      await client.close();
      hold?.close();
    },
  };
}

/**
 * True when the directory is empty, or was ours and has been emptied on request. Never touches anybody else's
 * files.
 */
function emptied(dataDir: string, reset: boolean): boolean {
  // Backups outlive a reset: they are the way back from it.
  const names = readdirSync(dataDir).filter((name) => name !== BACKUP_DIR);
  if (names.length === 0) return true;
  if (!names.includes('PG_VERSION') && !names.includes('base'))
    throw new DomainError('notADataDirectory', { dataDir });
  if (reset) for (const name of names) rmSync(join(dataDir, name), { recursive: true, force: true });
  return reset;
}
