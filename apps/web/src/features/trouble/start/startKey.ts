import { v4 as newKey } from 'uuid';

const KEPT = 'feverfew.startKey';

interface KeptKey {
  readonly key: string;
  /** The intended first step. */
  readonly what: string;
}

/**
 * The key of a start: the same while the same step is to be started, so that a second tap, a lost
 * answer or a reload in between starts nothing twice.
 */
export function startKeyFor(start: unknown): string {
  const what = JSON.stringify(start);
  const kept = read();
  if (kept?.what === what) return kept.key;
  const key = newKey();
  write({ key, what });
  return key;
}

/** Started: another tap would be another run. */
export const dropStartKey = (): void => write(null);

function read(): KeptKey | null {
  try {
    return JSON.parse(sessionStorage.getItem(KEPT) ?? 'null') as KeptKey | null;
  } catch {
    return null;
  }
}

function write(kept: KeptKey | null): void {
  try {
    if (kept) sessionStorage.setItem(KEPT, JSON.stringify(kept));
    else sessionStorage.removeItem(KEPT);
  } catch {
    // A device without room for it may ask twice; the tap itself still counts.
  }
}
