import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { grow } from './bigBook.mjs';
import { ask, startServer, untilUp } from './ownServer.mjs';
import { ensureBuilt, ensureInstalled, requireNode20 } from './setUp.mjs';

/**
 * Fifty devices that tap every two seconds on fifty runs, two hundred that listen, a few that read, for a minute; then
 * one that taps while a big book is read in, written out and backed up. npm run load-test -- [seconds]
 */
requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const seconds = Number(process.argv[2] ?? 60);
const PORT = 4896;
const BASE = `http://127.0.0.1:${PORT}`;
const DEVICES = 50;
const LISTENERS = 200;
const READERS = 5;
const TAP_EVERY_MS = 2000;
const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-load-'));
const server = startServer({ port: PORT, dataDir, template });
const pause = (ms) => new Promise((done) => setTimeout(done, ms));

/** Milliseconds of each, and what failed. */
function watch() {
  const took = [];
  const failed = [];
  return {
    took,
    failed,
    async time(act) {
      const from = performance.now();
      await act().then(
        () => took.push(performance.now() - from),
        (error) => failed.push(String(error.message ?? error).slice(0, 120)),
      );
    },
    say(name) {
      const sorted = [...took].sort((a, b) => a - b);
      const at = (share) =>
        (sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0).toFixed(0);
      console.log(
        `${name}: ${took.length} answered, ${failed.length} failed, p50 ${at(0.5)} ms, p99 ${at(0.99)} ms, most ${at(1)} ms` +
          (failed.length > 0 ? ` (${[...new Set(failed)].slice(0, 3).join('; ')})` : ''),
      );
      return Number(at(0.99));
    },
  };
}

const tap = (runId) =>
  ask(BASE, `/runs/${runId}/events`, 'POST', {
    key: randomUUID(),
    event: { kind: 'noted', text: 'still there' },
  });

async function manyDevices() {
  const { waiting } = await ask(BASE, '/today');
  const troubles = await Promise.all(waiting.map(({ id }) => ask(BASE, `/troubles/${id}`)));
  const ready = [];
  for (let index = 0; ready.length < DEVICES && index < DEVICES * 4; index += 1) {
    const { facts, pieceId } = troubles[index % troubles.length];
    const begun = await ask(BASE, '/troubles/start', 'POST', {
      key: randomUUID(),
      troubleId: null,
      pieceId,
      facts,
      rungIndex: 0,
    }).catch(() => null);
    if (begun) ready.push(begun.id);
  }
  const listening = Array.from({ length: LISTENERS }, () => {
    const call = request({ host: '127.0.0.1', port: PORT, path: '/api/changes', agent: false }, (response) =>
      response.resume(),
    );
    call.on('error', () => undefined);
    call.end();
    return call;
  });
  await pause(1000);
  const until = Date.now() + seconds * 1000;
  const taps = watch();
  const reads = watch();
  const each = async (every, act) => {
    await pause(Math.random() * every);
    for (let next = Date.now(); Date.now() < until; next += every) {
      await act();
      await pause(Math.max(0, next + every - Date.now()));
    }
  };
  await Promise.all([
    ...ready.map((id) => each(TAP_EVERY_MS, () => taps.time(() => tap(id)))),
    ...Array.from({ length: READERS }, (_, index) =>
      each(TAP_EVERY_MS, () => reads.time(() => ask(BASE, ['/today', '/pieces', '/household'][index % 3]))),
    ),
  ]);
  for (const call of listening) call.destroy();
  console.log(`${ready.length} runs, ${DEVICES} devices, ${LISTENERS} listeners, ${seconds} s`);
  const p99 = taps.say('taps');
  reads.say('other reads');
  return taps.failed.length + reads.failed.length === 0 && p99 <= 300;
}

/** Taps on one run while something else goes on, one after the other. */
async function tapsDuring(name, act) {
  const { running } = await ask(BASE, '/today');
  const taps = watch();
  let goesOn = true;
  const done = act().finally(() => {
    goesOn = false;
  });
  do {
    await taps.time(() => tap(running[0].id));
    await pause(5);
  } while (goesOn);
  await done;
  taps.say(name);
}

try {
  await untilUp(BASE);
  const isFast = await manyDevices();
  const big = grow(await ask(BASE, '/household/file'), 420);
  console.log(`a book of ${big.pieces.length} pieces, ${(JSON.stringify(big).length / 1e6).toFixed(0)} MB`);
  await tapsDuring('taps alone', () => pause(4000));
  await tapsDuring('taps while it is read in', () => ask(BASE, '/household/file', 'PUT', big));
  await tapsDuring('taps alone, in it', () => pause(4000));
  await tapsDuring('taps while it is written out', () =>
    fetch(`${BASE}/api/household/file`).then((response) => response.text()),
  );
  await tapsDuring('taps beside What works', () => ask(BASE, '/what-works'));
  process.exitCode = isFast ? 0 : 1;
} finally {
  server.kill('SIGKILL');
  rmSync(dataDir, { recursive: true, force: true });
}
