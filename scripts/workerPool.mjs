import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';

/**
 * Gives jobs to as many worker threads as there are cores, one at a time each.
 * @param {URL} script the worker: posts `{ job, result }` for each job it is given
 * @param {object[]} jobs
 * @param {(done: { job: object, result: object }, left: number) => void} take called for each job that is done
 * @returns {Promise<void>} rejects with the first error of a worker
 */
export const inWorkers = async (script, jobs, take) => {
  const left = [...jobs];
  await Promise.all(
    Array.from({ length: availableParallelism() }, () => {
      const thread = new Worker(script);
      return new Promise((resolve, reject) => {
        const give = () => {
          const job = left.shift();
          if (job) thread.postMessage(job);
          else void thread.terminate().then(resolve);
        };
        thread.on('error', reject);
        thread.on('message', (done) => {
          take(done, left.length);
          give();
        });
        give();
      });
    }),
  );
};
