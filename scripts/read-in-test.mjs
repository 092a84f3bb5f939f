import { createHash } from 'node:crypto';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { grow } from './bigBook.mjs';
import { ask, startServer, untilUp } from './ownServer.mjs';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';

/**
 * How long a household file of 1 000, 10 000 and 100 000 rows takes to be read in, the longest pause of the server's
 * event loop meanwhile, how long others wait, and how soon the server ends when it is asked to in the middle. With kills, a server is ended while it reads, by SIGKILL
 * and by SIGTERM in turn, and the next start has to hold the house of before or that of the file, byte for byte.
 *
 * npm run read-in-test -- [--rows 1000,10000,100000] [--kills 20]
 */
const { values: options } = parseArgs({
  options: {
    rows: { type: 'string', default: '1000,10000,100000' },
    kills: { type: 'string', default: '0' },
  },
});
requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const PORT = 4897;
const BASE = `http://127.0.0.1:${PORT}`;
/** The event loop pauses no longer than this while a file is read in, ms; on a machine that does nothing else. */
const MAX_PAUSE_MS = 50;
/** A stop takes no longer, ms: it is cut short by itself then. */
const MAX_STOP_MS = 10_000;
const FAMILIES = ['mixes', 'pieces', 'troubles', 'plans', 'runs', 'care', 'trials'];
const ROWS_OF_KILLED = 10_000;
const pause = (ms) => new Promise((done) => setTimeout(done, ms));

const rowsOf = (file) =>
  FAMILIES.reduce((sum, family) => sum + file[family].length, 0) +
  file.runs.reduce((sum, run) => sum + run.events.length, 0);

function start(dataDir) {
  const pausesFile = join(dataDir, 'pauses');
  const server = startServer({
    ...{ port: PORT, dataDir, template },
    nodeOptions: ['--import', join(ROOT, 'scripts/eventLoopPauses.mjs')],
    env: { PAUSES_FILE: pausesFile },
  });
  const gone = new Promise((done) => server.once('exit', done));
  return {
    /** @returns the longest pause of its event loop since it was asked before, ms */
    maxPause: async () => {
      rmSync(pausesFile, { force: true });
      server.kill('SIGUSR2');
      while (!existsSync(pausesFile) || readFileSync(pausesFile, 'utf8') === '') await pause(5);
      return Number(readFileSync(pausesFile, 'utf8'));
    },
    end: async (signal) => {
      const from = performance.now();
      server.kill(signal);
      await gone;
      return performance.now() - from;
    },
  };
}

const put = (body) =>
  fetch(`${BASE}/api/household/file`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body,
  });
const exported = async () => {
  const text = await fetch(`${BASE}/api/household/file`).then((response) => response.text());
  return createHash('sha256').update(text).digest('hex');
};

/** The longest that a question waits which needs no database, ms, until it is asked to stop. */
function watchPauses() {
  let goesOn = true;
  const waits = [];
  const watching = (async () => {
    while (goesOn) {
      const from = performance.now();
      await fetch(`${BASE}/api/health`).then((response) => response.text());
      waits.push(performance.now() - from);
      await pause(3);
    }
  })();
  return async () => {
    goesOn = false;
    await watching;
    waits.sort((a, b) => a - b);
    return { most: waits.at(-1) ?? 0, p99: waits[Math.floor(waits.length * 0.99)] ?? 0 };
  };
}

async function bench(rows) {
  const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-read-'));
  const server = start(dataDir);
  try {
    await untilUp(BASE);
    const demo = await ask(BASE, '/household/file');
    const file = grow(demo, Math.max(demo.pieces.length, Math.round(rows / 40)), Math.round(rows * 0.85));
    const body = Buffer.from(JSON.stringify(file));
    // Making it took longer than the server keeps an unused connection: what it closed is let go of first.
    await pause(200);
    await server.maxPause();
    const stop = watchPauses();
    const from = performance.now();
    const answer = await put(body);
    const took = performance.now() - from;
    const { most, p99 } = await stop();
    const maxPause = await server.maxPause();
    if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`);
    const held = rowsOf(file);
    console.log(
      `${held} rows, ${(body.length / 1e6).toFixed(1)} MB: ${(took / 1000).toFixed(1)} s, ` +
        `${((took / held) * 1000).toFixed(0)} µs a row; longest pause ${maxPause.toFixed(0)} ms; ` +
        `others waited at most ${most.toFixed(0)} ms, p99 ${p99.toFixed(0)} ms`,
    );
    return { perRow: took / held, maxPause };
  } finally {
    await server.end('SIGKILL');
    rmSync(dataDir, { recursive: true, force: true });
  }
}

/** Ends the server at one moment after another of a reading-in. @returns how many times something was lost */
async function killed(kills) {
  const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-read-'));
  let server = start(dataDir);
  let failed = 0;
  try {
    await untilUp(BASE);
    const demo = await fetch(`${BASE}/api/household/file`).then((response) => response.text());
    const before = await exported();
    const body = JSON.stringify(grow(JSON.parse(demo), 200, ROWS_OF_KILLED * 0.85));
    const from = performance.now();
    if (!(await put(body)).ok) throw new Error('the file is refused');
    const tookMs = performance.now() - from;
    const after = await exported();
    for (let kill = 1; kill <= kills; kill += 1) {
      if (!(await put(demo)).ok) throw new Error('the house of before is refused');
      const signal = kill % 2 === 0 ? 'SIGTERM' : 'SIGKILL';
      const reading = put(body).catch(() => undefined);
      await pause((tookMs * kill) / (kills + 1));
      const endedMs = await server.end(signal);
      await reading;
      server = start(dataDir);
      await untilUp(BASE);
      const now = await exported();
      const isWhole = now === before || now === after;
      if (!isWhole || endedMs > MAX_STOP_MS) failed += 1;
      console.log(
        `${signal} after ${((tookMs * kill) / (kills + 1) / 1000).toFixed(1)} s: ended in ${(endedMs / 1000).toFixed(1)} s; ` +
          (now === before
            ? 'the house of before'
            : now === after
              ? 'the house of the file'
              : 'NEITHER HOUSE'),
      );
    }
  } finally {
    await server.end('SIGKILL');
    rmSync(dataDir, { recursive: true, force: true });
  }
  console.log(`${kills} ends while a file was read in, ${failed} of them lost something or were late`);
  return failed;
}

const measured = [];
for (const rows of options.rows.split(',').filter(Boolean)) measured.push(await bench(Number(rows)));
const failed = Number(options.kills) > 0 ? await killed(Number(options.kills)) : 0;
// Linear: a row of the largest file takes no more than twice as long as one of the smallest.
const isLinear = measured.length < 2 || measured.at(-1).perRow <= 2 * measured[0].perRow;
const isSmooth = measured.every(({ maxPause }) => maxPause <= MAX_PAUSE_MS);
process.exit(isLinear && isSmooth && failed === 0 ? 0 : 1);
