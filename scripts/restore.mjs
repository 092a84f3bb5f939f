import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';

/**
 * Puts a household file or a daily backup in the place of what is kept, and goes on serving: npm run restore --
 * FILE [--data-dir DIR]
 */
requireNode20();
const [file, ...more] = process.argv.slice(2);
if (!file || file.startsWith('--')) {
  console.error('Name the file: npm run restore -- .feverfew/data/backups/household-2026-01-31.json');
  process.exit(1);
}
ensureInstalled();
const template = await ensureBuilt();
const server = spawn(
  process.execPath,
  [join(ROOT, 'apps/server/dist/main.js'), '--template', template, '--restore', file, ...more],
  { cwd: ROOT, stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.once('exit', (code) => process.exit(code ?? 0));
