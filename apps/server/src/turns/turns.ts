import { setTimeout as pause, setImmediate } from 'node:timers/promises';
import type { InSteps } from '@feverfew/core';

/** Longest one piece of work keeps everybody else waiting, ms. */
const MOST_MS = 8;
/** Longest long work stands back at once, ms: with many who tap, it goes on all the same. */
const MOST_BACK_MS = 100;

export type GiveWay = () => Promise<void>;

let tapping = 0;

/** No tap takes longer; one whose end is never heard of must not keep long work back for ever, ms. */
const LONGEST_TAP_MS = 30_000;

/**
 * Somebody with wet hands waits for an answer: long work stands back until it is given. Told each time it asks the
 * database something, a tap would else wait for a piece of it at every question.
 * @returns to be called when it is given
 */
export function tapUnderWay(): () => void {
  tapping += 1;
  const forgotten = setTimeout(end, LONGEST_TAP_MS).unref();
  let isOver = false;
  function end(): void {
    if (isOver) return;
    isOver = true;
    tapping -= 1;
    clearTimeout(forgotten);
  }
  return end;
}

/** For long work in pieces: called between them, it lets others have their turn when it is time. */
export function turns(): GiveWay {
  let since = performance.now();
  return async () => {
    if (tapping === 0 && performance.now() - since < MOST_MS) return;
    await setImmediate();
    for (const until = performance.now() + MOST_BACK_MS; tapping > 0 && performance.now() < until; )
      await pause(1);
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
