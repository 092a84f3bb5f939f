import { availableParallelism } from 'node:os';
import { parseArgs } from 'node:util';
import { Worker } from 'node:worker_threads';
import { ensureInstalled, requireNode20, run } from './setUp.mjs';

/**
 * Counts faults of sense in swept plans: the share of each kind, and its first example.
 *
 * npm run sweep-sense [-- --count 100000 --from 0]
 */
requireNode20();
ensureInstalled();
const { values } = parseArgs({
  options: { count: { type: 'string', default: '100000' }, from: { type: 'string', default: '0' } },
});
const count = Number(values.count);
const from = Number(values.from);
if (!(count >= 1) || !(from >= 0)) {
  console.error('--count is a whole number from 1, --from one from 0.');
  process.exit(2);
}
run('npx', ['tsc', '-b', 'packages/core']);

const CHUNK = 1000;
let next = from;
const results = [];
await Promise.all(
  Array.from({ length: availableParallelism() }, async () => {
    const worker = new Worker(new URL('./sweepSenseWorker.mjs', import.meta.url));
    while (next < from + count) {
      const range = { from: next, to: Math.min(from + count, next + CHUNK) };
      next = range.to;
      worker.postMessage(range);
      results.push(
        await new Promise((resolve, reject) => {
          worker.once('message', resolve);
          worker.once('error', reject);
        }),
      );
    }
    await worker.terminate();
  }),
);

const sum = (of) => results.reduce((total, result) => total + of(result), 0);
const share = (plans) => `${((100 * plans) / count).toFixed(2).padStart(6)} %`;
console.log(`${share(sum(({ faulty }) => faulty))}  of ${count.toLocaleString('en')} plans have a fault`);
for (const kind of Object.keys(results[0].byKind)) {
  const first = results
    .flatMap(({ byKind }) => byKind[kind].first ?? [])
    .reduce((least, one) => (least && least.number < one.number ? least : one), null);
  const example = first ? `plan ${first.number}, ${first.where}: ${first.text.slice(0, 120)}` : '';
  console.log(`${share(sum(({ byKind }) => byKind[kind].plans))}  ${kind}  ${example}`);
}
