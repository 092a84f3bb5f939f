import { useSyncExternalStore } from 'react';

/** Connection state of this device to the server. */
interface Connection {
  /** The server does not accept this device, or no longer does. */
  readonly isShutOut: boolean;
  /** While the server does not answer: the time of the data shown, ms since the epoch. Null while it answers. */
  readonly cutSince: number | null;
}

let connection: Connection = { isShutOut: false, cutSince: null };
const listeners = new Set<() => void>();

export function setConnection(next: Partial<Connection>): void {
  const changed = { ...connection, ...next };
  if (changed.isShutOut === connection.isShutOut && changed.cutSince === connection.cutSince) return;
  connection = changed;
  for (const listener of listeners) listener();
}

/** A request was answered from the cache. The oldest cached answer sets the time shown. */
export const markConnectionLost = (keptAt: number): void =>
  setConnection({ cutSince: Math.min(connection.cutSince ?? keptAt, keptAt) });

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useConnection = (): Connection => useSyncExternalStore(subscribe, () => connection);
