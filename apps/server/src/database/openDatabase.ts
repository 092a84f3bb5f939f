import { existsSync, readdirSync, readFileSync } from 'node:fs';
import type { Server } from 'node:net';
import { fileURLToPath } from 'node:url';
import { PGlite } from '@electric-sql/pglite';
import { drizzle, type PgliteDatabase } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { holdDataDirectory } from './holdDataDirectory.js';
import * as tables from './tables.js';

export type Database = PgliteDatabase<typeof tables>;
export interface OpenDatabase {
  readonly db: Database;
  readonly client: PGlite;
  close(): Promise<void>;
}

const MIGRATIONS = fileURLToPath(new URL('../../drizzle', import.meta.url));

/**
 * Opens and migrates the database.
 * @param dataDir directory on disk, or null for one in memory (tests)
 * @param templateFile a dump of a migrated empty database: makes the first start quick; ignored once data exists
 */
export async function openDatabase(dataDir: string | null, templateFile: string | null = null): Promise<OpenDatabase> {
  const hold: Server | null = dataDir === null ? null : await holdDataDirectory(dataDir);
  const fresh = dataDir === null || readdirSync(dataDir).length === 0;
  const template = fresh && templateFile && existsSync(templateFile) ? new Blob([readFileSync(templateFile)]) : null;
  const client = await PGlite.create({ ...(dataDir === null ? {} : { dataDir }), ...(template ? { loadDataDir: template } : {}) });
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
