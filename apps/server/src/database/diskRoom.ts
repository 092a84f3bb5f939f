import { statfsSync } from 'node:fs';
import { ServerError } from '../problems/serverError.js';

/**
 * Bytes that must be free before anything is written: two segments of PostgreSQL's log (16 MB each, its default) and
 * some. Run into, a full disk can end the engine in the middle; kept away from, it goes on reading.
 */
const MIN_FREE = 40_000_000;
const MB = 1_000_000;

/** @throws ServerError diskFull, in words */
export function requireRoom(dir: string): void {
  const { bavail, bsize } = statfsSync(dir);
  const free = bavail * bsize;
  if (free < MIN_FREE) throw diskFull(free);
}

export const diskFull = (free = 0): ServerError =>
  new ServerError('diskFull', {
    message:
      `The disk that keeps this house is full (${Math.floor(free / MB)} MB left, ${MIN_FREE / MB} are needed). ` +
      `Nothing was changed, and all that was kept can be read. Make room, then try again.`,
  });

/** What of a database writes. */
const WRITING = new Set<string | symbol>(['insert', 'update', 'delete', 'with', 'transaction']);

/** The same database, that asks for room before it writes. */
export const withRoom = <Database extends object>(db: Database, dir: string): Database =>
  new Proxy(db, {
    get(target, name) {
      const value: unknown = Reflect.get(target, name);
      if (typeof value !== 'function') return value;
      if (WRITING.has(name)) requireRoom(dir);
      return value.bind(target);
    },
  });
