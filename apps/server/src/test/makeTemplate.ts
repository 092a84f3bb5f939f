import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from '../database/openDatabase.js';

declare module 'vitest' {
  interface ProvidedContext {
    templateFile: string;
  }
}

/** One migrated empty database for all API tests: loading it is far quicker than making one each time. */
export default async function makeTemplate({
  provide,
}: {
  provide: (key: 'templateFile', value: string) => void;
}): Promise<() => void> {
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
