import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { openDatabase } from './openDatabase.js';

/** Writes an empty migrated database to the file named on the command line. */
const [file] = process.argv.slice(2);
if (!file) throw new Error('usage: writeTemplate <file>');
const { client, close } = await openDatabase(null);
const dump = await client.dumpDataDir('none');
mkdirSync(dirname(file), { recursive: true });
writeFileSync(file, Buffer.from(await dump.arrayBuffer()));
await close();
