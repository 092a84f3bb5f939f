import { setImmediate } from 'node:timers/promises';
import type { InSteps } from '@feverfew/core';

/** Longest one piece of work keeps everybody else waiting, ms. */
const MOST_MS = 8;

export type GiveWay = () => Promise<void>;

/** For long work in pieces: called between them, it lets others have their turn when it is time. */
export function turns(): GiveWay {
  let since = performance.now();
  return async () => {
    if (performance.now() - since < MOST_MS) return;
    await setImmediate();
    since = performance.now();
  };
}

/** Has long work done step by step, with everybody's turn in between. */
export async function inTurns<Result>(steps: InSteps<Result>): Promise<Result> {
  const giveWay = turns();
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    await giveWay();
  }
}
