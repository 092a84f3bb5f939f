import { parentPort } from 'node:worker_threads';
import { commonMachine } from '../packages/core/dist/load/machine.js';
import { sweepOf } from '../packages/core/dist/proof/sweepCase.js';
import { sweepHeaps } from '../packages/core/dist/proof/sweepHeaps.js';
import { loadKnowledge } from '../packages/knowledge/dist/index.js';

const knowledge = loadKnowledge();
const { household } = sweepOf(knowledge).caseAt(1);
parentPort?.on('message', (job) => {
  const machine = commonMachine(job.ratedG, knowledge);
  const result = sweepHeaps(job, machine, household, knowledge, () => performance.now());
  parentPort?.postMessage({ job, result });
});
