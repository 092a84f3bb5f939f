import { parentPort } from 'node:worker_threads';
import { type SortingJob, sortJob } from './sorting.js';

/** The thread of `SortingDesk`: one job in, its loads out. */
parentPort?.on('message', ({ number, job }: { number: number; job: SortingJob }) => {
  parentPort?.postMessage({ number, sorting: sortJob(job) });
});
