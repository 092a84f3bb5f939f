import { setImmediate } from 'node:timers/promises';

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
