import { parentPort } from 'node:worker_threads';
import { sweepOf } from '../packages/core/dist/proof/sweepCase.js';
import { sweepRange } from '../packages/core/dist/proof/sweepRange.js';
import { loadKnowledge } from '../packages/knowledge/dist/index.js';

const knowledge = loadKnowledge();
const sweep = sweepOf(knowledge);
parentPort?.on('message', ({ from, to }) => {
  const result = sweepRange(sweep, from, to, knowledge);
  parentPort?.postMessage({ result, heapMB: process.memoryUsage().heapUsed / 2 ** 20 });
});
