import { parentPort } from 'node:worker_threads';
import { senseRange } from '../packages/core/dist/proof/senseRange.js';
import { sweepOf } from '../packages/core/dist/proof/sweepCase.js';
import { loadKnowledge } from '../packages/knowledge/dist/index.js';

const knowledge = loadKnowledge();
const sweep = sweepOf(knowledge);
parentPort?.on('message', ({ from, to }) => parentPort?.postMessage(senseRange(sweep, from, to, knowledge)));
