import { useSyncExternalStore } from 'react';

/** How this device stands to the house. */
interface Line {
  /** It is not let in, or not any more. */
  readonly isShutOut: boolean;
  /** When what is shown was told, ms, while the house does not answer; null while it does. */
  readonly cutSince: number | null;
}

let line: Line = { isShutOut: false, cutSince: null };
const listeners = new Set<() => void>();

export function setLine(next: Partial<Line>): void {
  const changed = { ...line, ...next };
  if (changed.isShutOut === line.isShutOut && changed.cutSince === line.cutSince) return;
  line = changed;
  for (const listener of listeners) listener();
}

/** It was answered by what is kept: the oldest of it says as of when. */
export const lineIsCut = (keptAt: number): void =>
  setLine({ cutSince: Math.min(line.cutSince ?? keptAt, keptAt) });

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useLine = (): Line => useSyncExternalStore(subscribe, () => line);
