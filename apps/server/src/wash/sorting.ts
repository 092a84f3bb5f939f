import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import { type DrumPiece, type Machine, type Sorting, sortHeap } from '@feverfew/core';

export interface SortingJob {
  readonly pieces: readonly DrumPiece[];
  readonly machine: Machine;
  readonly best: number;
  /** One number, 1 once the answer is not wanted any more. */
  readonly stop: SharedArrayBuffer;
}

const THREAD = new URL('./sortingThread.js', import.meta.url);
/** A heap this small is sorted faster than a worker starts. */
const AT_ONCE_UP_TO = 10;

/** Runs one job; asked to stop, it gives the best so far. */
export function sortJob({ pieces, machine, best, stop }: SortingJob): Sorting {
  const flag = new Int32Array(stop);
  return sortHeap(pieces, machine, best, () => Atomics.load(flag, 0) === 1);
}

/**
 * Sorts heaps in a thread of its own, so that no tap waits for it. One job at a time: a newer one ends the one before.
 * Where the program runs from its sources there is no thread to start, and it is done in place.
 */
export class SortingDesk {
  private thread: Worker | null = null;
  private last: Int32Array | null = null;
  private jobs = 0;

  async sort(pieces: readonly DrumPiece[], machine: Machine, best: number): Promise<Sorting> {
    if (this.last) Atomics.store(this.last, 0, 1);
    const stop = new SharedArrayBuffer(Int32Array.BYTES_PER_ELEMENT);
    this.last = new Int32Array(stop);
    const job: SortingJob = { pieces, machine, best, stop };
    if (pieces.length <= AT_ONCE_UP_TO || !existsSync(fileURLToPath(THREAD))) return sortJob(job);
    const thread = this.threadUp();
    const number = ++this.jobs;
    return new Promise((resolve, reject) => {
      const answered = (answer: { number: number; sorting: Sorting }) => {
        if (answer.number !== number) return;
        off();
        resolve(answer.sorting);
      };
      const failed = (error: Error) => {
        off();
        this.thread = null;
        reject(error);
      };
      const off = () => {
        thread.off('message', answered);
        thread.off('error', failed);
      };
      thread.on('message', answered);
      thread.on('error', failed);
      thread.postMessage({ number, job });
    });
  }

  close(): void {
    void this.thread?.terminate();
    this.thread = null;
  }

  private threadUp(): Worker {
    this.thread ??= new Worker(THREAD);
    this.thread.unref();
    return this.thread;
  }
}
