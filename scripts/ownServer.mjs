import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './setUp.mjs';

const START_MS = 120_000;

/**
 * The built server with the demo household in a directory of its own; on a PostgreSQL server where one is named, of
 * another commit where its root is given.
 */
export function startServer({
  port,
  dataDir,
  template,
  clockFile,
  databaseUrl,
  root = ROOT,
  nodeOptions = [],
  env = {},
}) {
  const options = [
    ...['--demo', '--port', String(port), '--data-dir', dataDir],
    ...(template ? ['--template', template] : []),
    ...(clockFile ? ['--clock-file', clockFile] : []),
  ];
  return spawn(process.execPath, [...nodeOptions, join(root, 'apps/server/dist/main.js'), ...options], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, ...(databaseUrl ? { DATABASE_URL: databaseUrl } : {}), ...env },
  });
}

export async function untilUp(base) {
  const until = Date.now() + START_MS;
  while (Date.now() < until) {
    const isUp = await fetch(`${base}/api/ready`).then(
      (response) => response.ok,
      () => false,
    );
    if (isUp) return;
    await new Promise((done) => setTimeout(done, 50));
  }
  throw new Error('the server did not come up');
}

/** One JSON request; @throws with what the server said when it refuses. */
export async function ask(base, path, method = 'GET', body = undefined) {
  const response = await fetch(`${base}/api${path}`, {
    method,
    ...(body ? { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } } : {}),
  });
  if (!response.ok) throw new Error(`${path}: ${response.status} ${(await response.text()).slice(0, 400)}`);
  return response.json();
}
