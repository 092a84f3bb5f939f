import { createHash } from 'node:crypto';
import { createReadStream, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { open } from 'node:fs/promises';
import { join } from 'node:path';

/** Days kept. */
const BACKUPS_KEPT = 14;
const HOUR_MS = 3_600_000;
const NAME = /^household-\d{4}-\d{2}-\d{2}\.json$/;

export interface BackupOptions {
  /** Where the backups lie. */
  readonly dir: string;
  /** The household file, part by part. */
  readonly write: () => AsyncIterable<string>;
  readonly clock: () => Date;
}

export interface Watched extends BackupOptions {
  /** Called after each attempt; null if it succeeded. */
  readonly onResult: (error: unknown) => void;
}

/**
 * Writes the household into the data directory once a day, looking every hour, and keeps the newest 14.
 * All or nothing: written to a temporary file, read back, and moved into place.
 * @returns stops it
 */
export function keepBackups({ onResult, ...options }: Watched): () => void {
  const attempt = () =>
    void backUp(options).then(
      () => onResult(null),
      (error: unknown) => onResult(error),
    );
  attempt();
  const timer = setInterval(attempt, HOUR_MS);
  timer.unref();
  return () => clearInterval(timer);
}

/** Today's file, unless it is there already; older ones than the newest 14 go. @returns its path, or null */
export async function backUp({ dir, write, clock }: BackupOptions): Promise<string | null> {
  mkdirSync(dir, { recursive: true });
  const name = `household-${clock().toISOString().slice(0, 10)}.json`;
  if (readdirSync(dir).includes(name)) return null;
  const path = join(dir, name);
  await writeWhole(path, write());
  for (const file of dailyBackups(dir).slice(BACKUPS_KEPT)) rmSync(join(dir, file));
  return path;
}

/** Names of the daily backups, the newest first. */
export const dailyBackups = (dir: string): string[] =>
  readdirSync(dir)
    .filter((file) => NAME.test(file))
    .sort()
    .reverse();

/** Writes a temporary file, flushes it to the disk, reads it back, and only then moves it into place. */
export async function writeWhole(path: string, parts: AsyncIterable<string>): Promise<void> {
  const part = `${path}.part`;
  try {
    const written = createHash('sha256');
    const file = await open(part, 'w');
    try {
      for await (const text of parts) {
        written.update(text);
        await file.appendFile(text);
      }
      await file.sync();
    } finally {
      await file.close();
    }
    const read = createHash('sha256');
    for await (const chunk of createReadStream(part)) read.update(chunk as Buffer);
    if (read.digest('hex') !== written.digest('hex'))
      throw new Error('What was written does not read back the same.');
    renameSync(part, path);
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  }
}
