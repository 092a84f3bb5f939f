import { setTimeout as pause, setImmediate } from 'node:timers/promises';
import type { InSteps } from '@feverfew/core';

/** Longest slice of background work between two yields, ms. */
const MAX_MS = 8;
/** Longest pause of background work for interactive requests, ms: under steady load it still makes progress. */
const MAX_BACK_MS = 100;

export type YieldControl = () => Promise<void>;

let tapping = 0;

/** A request that never reports its end stops holding back background work after this, ms. */
const MAX_TAP_MS = 30_000;

/**
 * Marks a request that a person waits for. Background work pauses until it is answered. Without this, the request
 * would wait for one slice of background work at each of its database calls.
 * @returns a function to call once the request is answered
 */
export function trackInteractiveRequest(): () => void {
  tapping += 1;
  const forgotten = setTimeout(end, MAX_TAP_MS).unref();
  let isOver = false;
  function end(): void {
    if (isOver) return;
    isOver = true;
    tapping -= 1;
    clearTimeout(forgotten);
  }
  return end;
}

/** Makes a function to await between slices of long work. It yields to the event loop when a slice has lasted MAX_MS. */
export function createYield(): YieldControl {
  let since = performance.now();
  return async () => {
    if (tapping === 0 && performance.now() - since < MAX_MS) return;
    await setImmediate();
    for (const until = performance.now() + MAX_BACK_MS; tapping > 0 && performance.now() < until; )
      await pause(1);
    since = performance.now();
  };
}

/** Runs long work step by step and yields between the steps. */
export async function runCooperatively<Result>(steps: InSteps<Result>): Promise<Result> {
  const yieldControl = createYield();
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    await yieldControl();
  }
}
