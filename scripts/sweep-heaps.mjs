import { parseArgs } from 'node:util';
import { Worker } from 'node:worker_threads';
import { ensureInstalled, requireNode20, run } from './setUp.mjs';
import { inWorkers } from './workerPool.mjs';

/**
 * Sorts heaps by number and has the independent checker read every load.
 * npm run sweep-heaps [-- --small 1000000 --large 20000 --timed 200]
 */
requireNode20();
ensureInstalled();
const { values } = parseArgs({
  options: {
    small: { type: 'string', default: '1000000' },
    large: { type: 'string', default: '20000' },
    timed: { type: 'string', default: '200' },
  },
});
run('npx', ['tsc', '-b', 'packages/core']);

const CHUNK = { small: 5000, large: 100 };
const RATED_G = [5000, 7000, 8000];
const jobs = ['small', 'large'].flatMap((kind) => {
  const count = Number(values[kind]);
  return Array.from({ length: Math.ceil(count / CHUNK[kind]) }, (_, index) => ({
    kind,
    from: index * CHUNK[kind],
    to: Math.min(count, (index + 1) * CHUNK[kind]),
    size: kind === 'small' ? [3, 8] : [30, 30],
    pool: 4000,
    best: [0, 0.5, 1][index % 3],
    ratedG: RATED_G[index % RATED_G.length],
  }));
});
const sums = {};
const done = (kind, result) => {
  sums[kind] ??= { heaps: 0, loads: 0, stays: 0, faults: {}, examples: [], worstMs: 0 };
  const sum = sums[kind];
  for (const key of ['heaps', 'loads', 'stays']) sum[key] += result[key];
  for (const [text, count] of Object.entries(result.faults))
    sum.faults[text] = (sum.faults[text] ?? 0) + count;
  sum.examples.push(...result.examples.slice(0, 20 - sum.examples.length));
  sum.worstMs = Math.max(sum.worstMs, result.worstMs);
};

await inWorkers(new URL('./sweepHeapsWorker.mjs', import.meta.url), jobs, (message, left) => {
  done(message.job.kind, message.result);
  if (left % 20 === 0) console.log(`${left} parts to go`);
});
for (const [kind, { faults, examples, worstMs, ...sum }] of Object.entries(sums))
  console.log(
    kind,
    JSON.stringify(sum),
    `longest ${worstMs.toFixed(0)} ms`,
    'faults',
    JSON.stringify(faults),
    examples.join(' '),
  );

// Alone on the machine, one thread, so that the times say something.
const timed = await new Promise((resolve, reject) => {
  const thread = new Worker(new URL('./sweepHeapsWorker.mjs', import.meta.url));
  thread.on('error', reject);
  thread.on('message', ({ result }) => void thread.terminate().then(() => resolve(result)));
  thread.postMessage({
    from: 0,
    to: Number(values.timed),
    size: [30, 30],
    pool: 4000,
    best: 0,
    ratedG: 8000,
  });
});
console.log(
  `${timed.heaps} heaps of 30: median ${timed.medianMs.toFixed(1)} ms, longest ${timed.worstMs.toFixed(0)} ms, ` +
    `${timed.heaps - timed.gaps} with the fewest loads proved, ${timed.atMostFewer} loads at most could be fewer in all`,
);
process.exit(Object.values(sums).some(({ faults }) => Object.keys(faults).length > 0) ? 1 : 0);
