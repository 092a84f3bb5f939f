import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';

requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const server = spawn(
  process.execPath,
  [join(ROOT, 'apps/server/dist/main.js'), '--template', template, ...process.argv.slice(2)],
  { cwd: ROOT, stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.once('exit', (code) => process.exit(code ?? 0));
