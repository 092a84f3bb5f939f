import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { grow } from './bigBook.mjs';
import { ask, startServer, untilUp } from './ownServer.mjs';
import { ensureBuilt, ensureInstalled, requireNode20 } from './setUp.mjs';

/**
 * A book of 500 pieces and 10 000 events made of the demo's own, and how long Today, the linen book and a plan
 * take in it.
 * npm run big-book -- [--stay]: keeps the server up to look at.
 */
requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const PORT = 4898;
const BASE = `http://127.0.0.1:${PORT}`;
const ASKED = 40;
const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-big-'));
const server = startServer({ port: PORT, dataDir, template });
const json = (...asked) => ask(BASE, ...asked);

try {
  await untilUp(BASE);
  const file = await json('/household/file');
  const big = grow(file);
  const size = JSON.stringify(big).length;
  const from = performance.now();
  await json('/household/file', 'PUT', big);
  console.log(
    `read in: ${(size / 1e6).toFixed(1)} MB in ${((performance.now() - from) / 1000).toFixed(1)} s`,
  );
  const out = performance.now();
  const again = await fetch(`${BASE}/api/household/file`).then((response) => response.text());
  console.log(
    `written out: ${((performance.now() - out) / 1000).toFixed(1)} s, ${(again.length / 1e6).toFixed(1)} MB`,
  );
  const facts = big.troubles[0].facts;
  await time('Today', () => json('/today'));
  await time('Linen book', () => json('/pieces'));
  await time('one piece', () => json(`/pieces/${big.pieces[0].id}`));
  await time('What works', () => json('/what-works'));
  await time('plan preview', () => json('/plans/preview', 'POST', facts));
  if (process.argv.includes('--stay')) {
    console.log(`${BASE} stays up; Ctrl-C ends it.`);
    await new Promise(() => undefined);
  }
} finally {
  server.kill('SIGKILL');
  rmSync(dataDir, { recursive: true, force: true });
}

async function time(name, once) {
  await once();
  const waits = [];
  for (let index = 0; index < ASKED; index += 1) {
    const from = performance.now();
    await once();
    waits.push(performance.now() - from);
  }
  waits.sort((a, b) => a - b);
  const ms = (share) => waits[Math.min(ASKED - 1, Math.floor(ASKED * share))].toFixed(1);
  console.log(`${name}: median ${ms(0.5)} ms, 90 % ${ms(0.9)} ms, worst ${ms(1)} ms`);
}
