import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';

/**
 * npm run restore: lists the backups there are. npm run restore -- FILE, or -- newest: puts a household file in the
 * place of what is kept, and goes on serving; what was there is put aside. [--data-dir DIR] for another place.
 */
requireNode20();
const [file, ...more] = process.argv.slice(2);
ensureInstalled();
const template = await ensureBuilt();
const isNamed = file !== undefined && !file.startsWith('--');
const options = isNamed
  ? ['--template', template, '--restore', file, ...more]
  : ['--backups', ...process.argv.slice(2)];
const server = spawn(process.execPath, [join(ROOT, 'apps/server/dist/main.js'), ...options], {
  cwd: ROOT,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.once('exit', (code) => {
  if (!isNamed && code === 0) console.log('\nGo back to one: npm run restore -- FILE (or: -- newest)');
  process.exit(code ?? 0);
});
