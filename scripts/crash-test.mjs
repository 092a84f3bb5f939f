import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ask, startServer, untilUp } from './ownServer.mjs';
import { ensurePostgres, startCluster } from './postgres.mjs';
import { ensureBuilt, ensureInstalled, requireNode20 } from './setUp.mjs';

/**
 * Kills the server in the middle of writing, again and again, and asks each time for every event it had
 * acknowledged, in order,
 * with the run in the state that its log gives. npm run crash-test -- [kills, 200 unless told otherwise] [--postgres]
 * On PostgreSQL this server, the database, or both are killed in turn.
 */
requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const onPostgres = process.argv.includes('--postgres');
const kills = Number(process.argv.slice(2).find((one) => /^\d+$/.test(one)) ?? 200);
const PORT = Number(process.env.CRASH_PORT ?? (onPostgres ? 4898 : 4899));
const BASE = `http://127.0.0.1:${PORT}`;
const WRITE_MS = { least: 60, most: 420 };
/** A run takes a thousand events: after so many kills the next house begins, long before its runs are full. */
const KILLS_A_HOUSE = 20;

if (onPostgres && !ensurePostgres()) {
  console.error(
    'There is no PostgreSQL here, and none can be installed. On Debian: sudo apt-get install postgresql',
  );
  process.exit(1);
}
const cluster = onPostgres ? await startCluster({ isDurable: true }) : null;
/** Who is killed, in turn. */
const VICTIMS = cluster ? [['server'], ['database'], ['server', 'database']] : [['server']];

let lost = 0;
let acknowledged = 0;

/** Kills in one house, made for them. */
async function house(from, to) {
  const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-crash-'));
  const name = `house${from}`;
  cluster?.createDatabase(name);
  const start = () => startServer({ port: PORT, dataDir, template, databaseUrl: cluster?.url(name) });
  let server = start();
  try {
    await untilUp(BASE);
    const { running } = await ask(BASE, '/today');
    const runIds = running.map((run) => run.id);
    const kept = new Map(runIds.map((id) => [id, []]));
    for (let kill = from; kill <= to; kill += 1) {
      const killAt = Date.now() + WRITE_MS.least + Math.random() * (WRITE_MS.most - WRITE_MS.least);
      // Several writers at once: the kill falls into some write on its way.
      const writers = runIds.map(async (id) => {
        for (let index = 0; Date.now() < killAt + 50; index += 1) {
          const text = `${kill}.${index} ${randomUUID()}`;
          const done = await ask(BASE, `/runs/${id}/events`, 'POST', {
            key: randomUUID(),
            event: { kind: 'noted', text },
          }).then(
            () => true,
            () => false,
          );
          if (!done) return;
          kept.get(id).push(text);
          acknowledged += 1;
        }
      });
      await new Promise((done) => setTimeout(done, Math.max(0, killAt - Date.now())));
      const victims = VICTIMS[kill % VICTIMS.length];
      const gone = [];
      if (victims.includes('server')) {
        gone.push(new Promise((done) => server.once('exit', done)));
        server.kill('SIGKILL');
      }
      if (victims.includes('database')) gone.push(cluster.kill());
      await Promise.all([...gone, ...writers]);
      if (victims.includes('database')) await cluster.start();
      if (victims.includes('server')) server = start();
      await untilUp(BASE);
      for (const id of runIds) {
        const run = await ask(BASE, `/runs/${id}`);
        const notes = run.state.notes.map((note) => note.text);
        const missing = kept.get(id).filter((text) => !notes.includes(text));
        const summary = (await ask(BASE, '/today')).running.find((one) => one.id === id);
        const stale = JSON.stringify(summary?.state) !== JSON.stringify(run.state);
        lost += missing.length + (stale ? 1 : 0);
        if (missing.length > 0 || stale)
          console.log(
            `kill ${kill}: ${missing.length} acknowledged events lost${stale ? ', the list is stale' : ''}`,
          );
        // What was stored without an answer counts from now on.
        kept.set(id, notes);
      }
      if (kill % 10 === 0)
        console.log(`${kill} of ${kills} kills, ${acknowledged} acknowledged, ${lost} lost`);
    }
  } finally {
    const gone = new Promise((done) => server.once('exit', done));
    server.kill('SIGKILL');
    await gone;
    rmSync(dataDir, { recursive: true, force: true });
  }
}

try {
  for (let from = 1; from <= kills; from += KILLS_A_HOUSE)
    await house(from, Math.min(kills, from + KILLS_A_HOUSE - 1));
} finally {
  await cluster?.stop();
}
console.log(
  `${onPostgres ? 'PostgreSQL' : 'embedded'}: ${kills} kills, ${acknowledged} events acknowledged, ${lost} lost`,
);
process.exit(lost === 0 && acknowledged > kills ? 0 : 1);
