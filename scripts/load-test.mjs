import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { grow } from './bigBook.mjs';
import { ask, startServer, untilUp } from './ownServer.mjs';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';

/**
 * Fifty devices on fifty runs, and two hundred that listen. First each taps once a second. Then each taps again as soon
 * as its last tap is answered. Then one taps while a big book is read in, written out and backed up.
 *
 * npm run load-test -- [--seconds 20] [--against DIRECTORY]: with a directory, another built commit is measured in turn
 * with this one, three times each, and medians are printed side by side.
 */
const { values: options } = parseArgs({
  options: { seconds: { type: 'string', default: '20' }, against: { type: 'string' } },
});
requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const seconds = Number(options.seconds);
const FIRST_PORT = 4896;
const DEVICES = 50;
const LISTENERS = 200;
const ROUNDS = 3;
/** A tap that is not answered by then has failed, ms. */
const MAX_MS = 30_000;
const CLOCK_HZ = 100;
const pause = (ms) => new Promise((done) => setTimeout(done, ms));

const percentile = (sorted, share) =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
const median = (figures) =>
  percentile(
    [...figures].sort((a, b) => a - b),
    0.5,
  );

/** Milliseconds of each, what failed, and what was refused as too much. */
function watch() {
  const [took, failed] = [[], []];
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
    figures() {
      const sorted = [...took].sort((a, b) => a - b);
      return {
        answered: took.length,
        failed: failed.length,
        p50: percentile(sorted, 0.5),
        p99: percentile(sorted, 0.99),
        most: sorted.at(-1) ?? 0,
      };
    },
    say(name) {
      const { answered, p50, p99, most } = this.figures();
      const why = failed.length > 0 ? ` (${[...new Set(failed)].slice(0, 3).join('; ')})` : '';
      console.log(
        `${name}: ${answered} answered, ${failed.length} failed, p50 ${p50.toFixed(0)} ms, p99 ${p99.toFixed(0)} ms, most ${most.toFixed(0)} ms${why}`,
      );
    },
  };
}

/** A line of its own for each device, as a browser holds it: taps of one do not wait for a line of another. */
function device(base) {
  const agent = new Agent({ keepAlive: true, maxSockets: 1 });
  const tap = (runId) =>
    new Promise((done, fail) => {
      const body = JSON.stringify({ key: randomUUID(), event: { kind: 'noted', text: 'still there' } });
      const headers = {
        'content-type': 'application/json',
        'content-length': Buffer.byteLength(body),
        'accept-encoding': 'gzip, deflate, br',
      };
      const call = request(
        `${base}/api/runs/${runId}/events?plan=none`,
        { method: 'POST', agent, headers, timeout: MAX_MS },
        (answer) => {
          answer.resume();
          answer.on('end', () =>
            answer.statusCode === 200 ? done() : fail(new Error(`status ${answer.statusCode}`)),
          );
        },
      );
      call.on('timeout', () => call.destroy(new Error('not answered in time')));
      call.on('error', fail);
      call.end(body);
    });
  return { tap, end: () => agent.destroy() };
}

/** Fifty treatments under way. */
async function treatments(base) {
  const { waiting } = await ask(base, '/today');
  const troubles = await Promise.all(waiting.map(({ id }) => ask(base, `/troubles/${id}`)));
  const ready = [];
  for (let index = 0; ready.length < DEVICES && index < DEVICES * 4; index += 1) {
    const { facts, pieceId } = troubles[index % troubles.length];
    const begun = await ask(base, '/troubles/start', 'POST', {
      key: randomUUID(),
      troubleId: null,
      pieceId,
      facts,
      passIndex: 0,
    }).catch(() => null);
    if (begun) ready.push(begun.id);
  }
  return ready;
}

/** Processor time the server has used so far, in ms, and the memory it holds now, in MB. */
function usageOf(pid) {
  const [, rest] = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ');
  const fields = rest.split(' ');
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  return {
    cpuMs: ((Number(fields[11]) + Number(fields[12])) * 1000) / CLOCK_HZ,
    memoryMB: Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024,
  };
}

/** One server with its listeners: `round` lets all devices tap for some seconds and says how it went. */
async function underLoad(root, port) {
  const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-load-'));
  const base = `http://127.0.0.1:${port}`;
  const server = startServer({ port, dataDir, template: root === ROOT ? template : undefined, root });
  await untilUp(base);
  const runs = await treatments(base);
  let heard = 0;
  const listening = Array.from({ length: LISTENERS }, () => {
    const call = request(`${base}/api/changes`, { agent: false }, (answer) =>
      answer.on('data', () => {
        heard += 1;
      }),
    );
    call.on('error', () => undefined);
    call.end();
    return call;
  });
  await pause(1000);
  const round = async (everyMs) => {
    const taps = watch();
    const before = usageOf(server.pid);
    const heardBefore = heard;
    const until = Date.now() + seconds * 1000;
    await Promise.all(
      runs.map(async (id) => {
        const { tap, end } = device(base);
        await pause(Math.random() * everyMs);
        while (Date.now() < until) {
          const from = Date.now();
          await taps.time(() => tap(id));
          await pause(Math.max(0, everyMs - (Date.now() - from)));
        }
        end();
      }),
    );
    const after = usageOf(server.pid);
    const figures = taps.figures();
    return {
      ...figures,
      'CPU ms a tap': (after.cpuMs - before.cpuMs) / Math.max(1, figures.answered),
      'memory MB': after.memoryMB,
      'news heard a tap': (heard - heardBefore) / Math.max(1, figures.answered) / LISTENERS,
    };
  };
  const end = () => {
    for (const call of listening) call.destroy();
    server.kill('SIGKILL');
    rmSync(dataDir, { recursive: true, force: true });
  };
  return { base, round, end };
}

const KINDS = [
  ['a tap a second each', 1000],
  ['closed loop', 0],
];

/** Each commit in turn, a fresh server for each round. @returns whether every tap of this one was answered */
async function compare(roots) {
  const all = new Map();
  for (let round = 0; round < (roots.length > 1 ? ROUNDS : 1); round += 1)
    for (const [at, root] of roots.entries()) {
      const house = await underLoad(root, FIRST_PORT + at);
      try {
        for (const [kind, everyMs] of KINDS) {
          const name = `${kind}, ${at === 0 ? 'this' : 'the other'}`;
          all.set(name, [...(all.get(name) ?? []), await house.round(everyMs)]);
        }
      } finally {
        house.end();
      }
    }
  console.log(`${DEVICES} devices, ${LISTENERS} listeners, ${seconds} s a round; medians`);
  const rows = Object.fromEntries(
    [...all]
      .sort()
      .map(([name, rounds]) => [
        name,
        Object.fromEntries(
          Object.keys(rounds[0]).map((figure) => [
            figure,
            Number(median(rounds.map((one) => one[figure])).toFixed(figure.includes('tap') ? 1 : 0)),
          ]),
        ),
      ]),
  );
  console.table(rows);
  return Object.entries(rows).every(([name, { failed }]) => !name.endsWith('this') || failed === 0);
}

/** Taps on one run while something else goes on, one after the other. */
async function tapsDuring(base, name, act) {
  const { running } = await ask(base, '/today');
  const { tap, end } = device(base);
  const taps = watch();
  let goesOn = true;
  const done = act().finally(() => {
    goesOn = false;
  });
  do {
    await taps.time(() => tap(running[0].id));
    await pause(20);
  } while (goesOn);
  await done;
  end();
  taps.say(name);
}

const isFast = await compare([ROOT, ...(options.against ? [resolve(options.against)] : [])]);
const house = await underLoad(ROOT, FIRST_PORT);
try {
  const { base } = house;
  const big = grow(await ask(base, '/household/file'), 420);
  console.log(`a book of ${big.pieces.length} pieces, ${(JSON.stringify(big).length / 1e6).toFixed(0)} MB`);
  await tapsDuring(base, 'taps alone', () => pause(4000));
  await tapsDuring(base, 'taps while it is read in', () => ask(base, '/household/file', 'PUT', big));
  await tapsDuring(base, 'taps alone, in it', () => pause(4000));
  await tapsDuring(base, 'taps while it is written out', () =>
    fetch(`${base}/api/household/file`).then((response) => response.text()),
  );
  await tapsDuring(base, 'taps beside What works', () => ask(base, '/what-works'));
  process.exitCode = isFast ? 0 : 1;
} finally {
  house.end();
}
