import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from '../database/openDatabase.js';
import { openServerDatabase } from '../database/serverDatabase.js';

declare module 'vitest' {
  interface ProvidedContext {
    templateFile: string;
    /** Address of a database of a PostgreSQL server, empty and migrated, to be copied; null for the embedded engine. */
    postgres: string | null;
  }
}

/** One migrated empty database for all API tests: loading it is far quicker than making one each time. */
export default async function makeTemplate({
  provide,
}: {
  provide: (key: 'templateFile' | 'postgres', value: string | null) => void;
}): Promise<() => void> {
  const { FEVERFEW_POSTGRES } = process.env;
  if (FEVERFEW_POSTGRES) await (await openServerDatabase(FEVERFEW_POSTGRES)).close();
  provide('postgres', FEVERFEW_POSTGRES ?? null);
  const ready = process.env.FEVERFEW_TEMPLATE;
  if (ready && existsSync(ready)) {
    provide('templateFile', ready);
    return () => undefined;
  }
  const dir = mkdtempSync(join(tmpdir(), 'feverfew-template-'));
  const file = join(dir, 'template.tar');
  const { client, close } = await openDatabase(null);
  writeFileSync(file, Buffer.from(await (await client.dumpDataDir('none')).arrayBuffer()));
  await close();
  provide('templateFile', file);
  return () => rmSync(dir, { recursive: true, force: true });
}
