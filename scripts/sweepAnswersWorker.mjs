import { parentPort } from 'node:worker_threads';
import { sweepAnswers } from '../packages/core/dist/proof/sweepAnswers.js';
import { sweepOf } from '../packages/core/dist/proof/sweepCase.js';
import { sweepGuesses } from '../packages/core/dist/proof/sweepGuesses.js';
import { sweepMixes } from '../packages/core/dist/proof/sweepMixes.js';
import { loadKnowledge } from '../packages/knowledge/dist/index.js';

const knowledge = loadKnowledge();
const sweep = sweepOf(knowledge);
const { household } = sweep.caseAt(1);
const [vessel] = household.vessels;
/** The vessels of the house and a jar with a lid that clips; every other time all switches are on. */
const withJar = {
  ...household,
  vessels: [...household.vessels, { ...vessel, id: 'jar', volumeL: 1, lid: true }],
};
const all = { ...withJar, allowChlorine: true, allowAmmonia: true, allowOxalic: true, boraxSold: true };

parentPort?.on('message', (job) => {
  const { kind, from, to } = job;
  const sweeps = {
    answers: () => sweepAnswers(sweep, from, to, knowledge),
    mixes: () => sweepMixes(from, to, (from / 5000) % 2 === 0 ? all : withJar, knowledge),
    guesses: () => sweepGuesses(from, to, knowledge),
  };
  parentPort?.postMessage({ job, result: sweeps[kind]() });
});
