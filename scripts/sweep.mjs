import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { Worker } from 'node:worker_threads';
import { ensureInstalled, ROOT, requireNode20, run } from './setUp.mjs';

/**
 * Plans every case of the sweep, has the independent checker read each plan for danger, and counts its faults of sense.
 * npm run sweep [-- --count 5000000 --workers 2 --fresh]   Ctrl-C stops it; started again it goes on where it was.
 */
requireNode20();
ensureInstalled();
const { values } = parseArgs({
  options: {
    count: { type: 'string', default: '5000000' },
    workers: { type: 'string', default: String(availableParallelism()) },
    fresh: { type: 'boolean', default: false },
  },
});
run('npx', ['tsc', '-b', 'packages/core']);

const CHUNK = 2000;
const STATE = join(ROOT, '.cache', 'sweep.json');
const count = Number(values.count);
const workers = Number(values.workers);
if (!(count >= 1) || !(workers >= 1)) {
  console.error('--count and --workers are whole numbers from 1.');
  process.exit(2);
}
const { loadKnowledge } = await import('../packages/knowledge/dist/index.js');
const knowledge = loadKnowledge();
// A result holds for one body of knowledge and one build of the planner: another one starts anew.
const stamp = createHash('sha256')
  .update(readFileSync(join(ROOT, 'packages/core/tsconfig.tsbuildinfo')))
  .update(JSON.stringify(knowledge))
  .digest('hex');

const state = readState();
let given = state.next;
let finished = state.done;
const startedAt = Date.now();
const startedWith = finished;
const pending = new Map();
let mostHeapMB = 0;

console.log(
  `${count.toLocaleString('en')} plans, ${workers} threads` +
    `${finished > 0 ? `, ${finished.toLocaleString('en')} done before` : ''} …`,
);
const threads = Array.from(
  { length: workers },
  () => new Worker(new URL('./sweepWorker.mjs', import.meta.url)),
);
let open = threads.length;
// Before the first thread is given work: a sweep that was done before ends at once.
const ticker = setInterval(tell, 10_000);
for (const thread of threads) {
  thread.on('message', (message) => take(thread, message));
  thread.on('error', (error) => {
    console.error(error);
    process.exit(1);
  });
  hand(thread);
}
process.on('SIGINT', () => {
  keep();
  console.log('\nStopped; "npm run sweep" goes on from here.');
  process.exit(130);
});

function hand(thread) {
  const from = state.holes.shift() ?? given;
  if (from >= count) {
    open -= 1;
    void thread.terminate();
    if (open === 0) end();
    return;
  }
  if (from === given) given += CHUNK;
  pending.set(thread, from);
  thread.postMessage({ from, to: Math.min(count, from + CHUNK) });
}

function take(thread, { result, heapMB }) {
  pending.delete(thread);
  mostHeapMB = Math.max(mostHeapMB, heapMB);
  finished += result.plans;
  state.passes += result.passes;
  state.honestNone += result.honestNone;
  for (const [code, times] of Object.entries(result.violations))
    state.violations[code] = (state.violations[code] ?? 0) + times;
  state.examples = [...state.examples, ...result.examples].slice(0, 20);
  addSense(result.sense);
  state.heapMB.push(heapMB);
  if (state.heapMB.length > 400) state.heapMB = state.heapMB.filter((_, index) => index % 2 === 0);
  hand(thread);
}

/** The first example of a kind is the one with the lowest number, whichever thread found it. */
function addSense({ faulty, byKind }) {
  state.sense.faulty += faulty;
  for (const [kind, { plans, first }] of Object.entries(byKind)) {
    const known = state.sense.byKind[kind] ?? { plans: 0, first: null };
    const isFirst = first && (!known.first || first.number < known.first.number);
    state.sense.byKind[kind] = { plans: known.plans + plans, first: isFirst ? first : known.first };
  }
}

function senseLines() {
  const share = (plans) => `${((100 * plans) / finished).toFixed(2).padStart(6)} %`;
  return [
    `${share(state.sense.faulty)}  of the plans have a fault of sense`,
    ...Object.entries(state.sense.byKind).map(([kind, { plans, first }]) => {
      const example = first ? `plan ${first.number}, ${first.where}: ${first.text.slice(0, 120)}` : '';
      return `${share(plans)}  ${kind}  ${example}`;
    }),
  ];
}

function tell() {
  keep();
  const perS = (finished - startedWith) / ((Date.now() - startedAt) / 1000);
  const leftMin = (count - finished) / perS / 60;
  const bad = Object.values(state.violations).reduce((sum, times) => sum + times, 0);
  console.log(
    `${finished.toLocaleString('en')} (${((100 * finished) / count).toFixed(1)} %) · ${Math.round(perS)} plans/s · ` +
      `${leftMin.toFixed(1)} min left · ${bad} violations · heap ${Math.round(mostHeapMB)} MB at most`,
  );
}

function end() {
  clearInterval(ticker);
  keep();
  const heaps = state.heapMB;
  const mean = (list) => Math.round(list.reduce((sum, value) => sum + value, 0) / Math.max(1, list.length));
  const bad = Object.keys(state.violations).length > 0;
  console.log(
    [
      `${finished.toLocaleString('en')} plans with ${state.passes.toLocaleString('en')} passes; ` +
        `${state.honestNone.toLocaleString('en')} say there is no home method and name a professional.`,
      `Heap per thread: ${mean(heaps.slice(0, heaps.length / 4))} MB in the first quarter, ` +
        `${mean(heaps.slice((-heaps.length / 4) | 0))} MB in the last.`,
      bad
        ? `Violations: ${JSON.stringify(state.violations)}; cases to look at: ${state.examples.join(', ')}`
        : 'No violation, no empty screen.',
      ...senseLines(),
    ].join('\n'),
  );
  process.exit(bad ? 1 : 0);
}

function readState() {
  const empty = {
    stamp,
    next: 0,
    done: 0,
    holes: [],
    passes: 0,
    honestNone: 0,
    violations: {},
    examples: [],
    sense: { faulty: 0, byKind: {} },
    heapMB: [],
  };
  if (values.fresh) rmSync(STATE, { force: true });
  if (!existsSync(STATE)) return empty;
  const kept = JSON.parse(readFileSync(STATE, 'utf8'));
  return kept.stamp === stamp ? kept : empty;
}

/** What was handed out but not finished is a hole that the next start fills. */
function keep() {
  mkdirSync(join(ROOT, '.cache'), { recursive: true });
  const holes = [...state.holes, ...pending.values()];
  writeFileSync(STATE, JSON.stringify({ ...state, next: given, done: finished, holes }));
}
