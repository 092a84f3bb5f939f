import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';

/**
 * For development: compiles on each change, restarts the server on the demo household, and serves the page from its
 * sources with hot reload. npm run dev, then open http://127.0.0.1:5173.
 *
 * Its data lie in a directory of their own, `.feverfew/dev`.
 */
requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const children = [
  ['npx', ['tsc', '-b', '--watch', '--preserveWatchOutput']],
  [
    process.execPath,
    [
      ...['--watch', '--watch-preserve-output', 'apps/server/dist/main.js'],
      ...['--demo', '--port', '4870', '--data-dir', join(ROOT, '.feverfew/dev'), '--template', template],
    ],
  ],
  ['npm', ['run', '--silent', 'dev', '--workspace', '@feverfew/web']],
].map(([command, args]) => spawn(command, args, { cwd: ROOT, stdio: 'inherit' }));

function end(code) {
  for (const child of children) child.kill('SIGTERM');
  process.exitCode = code;
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => end(0));
for (const child of children) child.once('exit', (code) => end(code ?? 0));
