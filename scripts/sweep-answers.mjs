import { parseArgs } from 'node:util';
import { ensureInstalled, requireNode20, run } from './setUp.mjs';
import { inWorkers } from './workerPool.mjs';

/**
 * Whole answers (plan, first seconds, what would change), free mixes, and plans on what is usual, followed on pieces that
 * are otherwise: each by number and read by a checker of its own.
 * npm run sweep-answers [-- --answers 5000 --mixes 100000 --guesses 100000]
 */
requireNode20();
ensureInstalled();
const { values } = parseArgs({
  options: {
    answers: { type: 'string', default: '5000' },
    mixes: { type: 'string', default: '100000' },
    guesses: { type: 'string', default: '100000' },
  },
});
run('npx', ['tsc', '-b', 'packages/core']);

const CHUNK = { answers: 50, mixes: 5000, guesses: 500 };
const jobs = ['answers', 'mixes', 'guesses'].flatMap((kind) => {
  const count = Number(values[kind]);
  return Array.from({ length: Math.ceil(count / CHUNK[kind]) }, (_, index) => ({
    kind,
    from: index * CHUNK[kind],
    to: Math.min(count, (index + 1) * CHUNK[kind]),
  }));
});
const sums = {
  answers: { answers: 0, changes: 0 },
  mixes: { mixes: 0, refused: 0 },
  guesses: { guesses: 0, taken: 0, refused: 0 },
};
const dangers = {};
const examples = [];
const tooCareful = new Set();
const take = ({ job, result }) => {
  for (const key of Object.keys(sums[job.kind])) sums[job.kind][key] += result[key];
  for (const [text, count] of Object.entries(result.dangers)) dangers[text] = (dangers[text] ?? 0) + count;
  examples.push(...result.examples.slice(0, 20 - examples.length).map((at) => `${job.kind} ${at}`));
  for (const one of result.tooCareful ?? []) tooCareful.add(one);
};

await inWorkers(new URL('./sweepAnswersWorker.mjs', import.meta.url), jobs, (message, left) => {
  take(message);
  if (left % 20 === 0) console.log(`${left} parts to go`);
});
console.log(JSON.stringify(sums));
console.log('dangers', JSON.stringify(dangers), examples.join(', '));
console.log('ordinary products refused', JSON.stringify([...tooCareful]));
process.exit(Object.keys(dangers).length + tooCareful.size > 0 ? 1 : 0);
