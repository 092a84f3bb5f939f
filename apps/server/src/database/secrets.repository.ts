import { eq } from 'drizzle-orm';
import { keyOfText, type Places, sealKeyOf } from './dataDirectory.js';
import type { Database } from './openDatabase.js';
import { secrets } from './tables.js';

const NAME = 'seal';

/**
 * The seal of a house on a database server: one for all servers on it. The first brings the one of its data directory, so
 * that a house that moves there from the embedded database keeps it.
 * @returns 32 bytes
 * @throws ServerError badSealKey
 */
export async function sharedSealKey(db: Database, places: Places): Promise<Buffer> {
  await db
    .insert(secrets)
    .values({ name: NAME, value: sealKeyOf(places).toString('hex') })
    .onConflictDoNothing();
  const [row] = await db.select().from(secrets).where(eq(secrets.name, NAME));
  return keyOfText(row?.value ?? '', 'The table of secrets');
}
