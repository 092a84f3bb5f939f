import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ask, startServer, untilUp } from './ownServer.mjs';
import { ensureBuilt, ensureInstalled, requireNode20 } from './setUp.mjs';

/**
 * Kills a first start with the demo, at one moment after another from its beginning to when it is up, and asks of the
 * next start that it comes up with all of the demo. npm run first-start-test -- [kills, 50 unless told otherwise]
 */
requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const kills = Number(process.argv[2] ?? 50);
const PORT = 4899;
const BASE = `http://127.0.0.1:${PORT}`;
const kept = async () => {
  const file = await ask(BASE, '/household/file');
  const families = ['mixes', 'pieces', 'troubles', 'plans', 'runs', 'care', 'trials'];
  return families.map((family) => `${file[family].length} ${family}`).join(', ');
};
const killed = (server) => {
  const gone = new Promise((done) => server.once('exit', done));
  server.kill('SIGKILL');
  return gone;
};

/** What a start that nobody disturbs makes, and how long it takes. */
async function undisturbed() {
  const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-first-'));
  const from = Date.now();
  const server = startServer({ port: PORT, dataDir, template });
  await untilUp(BASE);
  const whole = { tookMs: Date.now() - from, kept: await kept() };
  await killed(server);
  rmSync(dataDir, { recursive: true, force: true });
  return whole;
}

const whole = await undisturbed();
console.log(`undisturbed: ${whole.kept}, up in ${(whole.tookMs / 1000).toFixed(1)} s`);
let failed = 0;
for (let kill = 1; kill <= kills; kill += 1) {
  const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-first-'));
  const atMs = (whole.tookMs * kill) / (kills + 1);
  const first = startServer({ port: PORT, dataDir, template });
  await new Promise((done) => setTimeout(done, atMs));
  await killed(first);
  const found = readdirSync(dataDir).join(' ');
  const second = startServer({ port: PORT, dataDir, template });
  const after = await untilUp(BASE).then(kept, (error) => String(error.message));
  await killed(second);
  if (after !== whole.kept) {
    failed += 1;
    console.log(`killed after ${(atMs / 1000).toFixed(1)} s (left: ${found}): ${after}`);
  }
  rmSync(dataDir, { recursive: true, force: true });
}
console.log(`${kills} kills in a first start, ${failed} of the next starts not whole`);
process.exit(failed === 0 ? 0 : 1);
