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
const inModules = (path) => join(ROOT, 'node_modules', path);
const children = [
  [ROOT, [inModules('typescript/bin/tsc'), '-b', '--watch', '--preserveWatchOutput']],
  [
    ROOT,
    [
      ...['--watch', '--watch-preserve-output', 'apps/server/dist/main.js'],
      ...['--demo', '--port', '4870', '--data-dir', join(ROOT, '.feverfew/dev'), '--template', template],
    ],
  ],
  [join(ROOT, 'apps/web'), [inModules('vite/bin/vite.js')]],
].map(([cwd, args]) => spawn(process.execPath, args, { cwd, stdio: 'inherit' }));

function end(code) {
  for (const child of children) child.kill('SIGTERM');
  process.exitCode = code;
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => end(0));
for (const child of children) child.once('exit', (code) => end(code ?? 0));
