import { mkdirSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Days kept. */
const BACKUPS_KEPT = 14;
export const BACKUP_DIR = 'backups';
const HOUR_MS = 3_600_000;
const NAME = /^household-\d{4}-\d{2}-\d{2}\.json$/;

export interface BackupOptions {
  readonly dataDir: string;
  readonly write: () => Promise<unknown>;
  readonly clock: () => Date;
  readonly onFailure: (error: unknown) => void;
}

/**
 * Writes the household into the data directory once a day, looking every hour, and keeps the newest 14.
 * Whole or not at all: written beside and moved into place.
 * @returns stops it
 */
export function keepBackups(options: BackupOptions): () => void {
  const attempt = () => void backUp(options).catch(options.onFailure);
  attempt();
  const timer = setInterval(attempt, HOUR_MS);
  timer.unref();
  return () => clearInterval(timer);
}

/** Today's file, unless it is there already; older ones than the newest 14 go. @returns its path, or null */
export async function backUp({
  dataDir,
  write,
  clock,
}: Omit<BackupOptions, 'onFailure'>): Promise<string | null> {
  const dir = join(dataDir, BACKUP_DIR);
  mkdirSync(dir, { recursive: true });
  const name = `household-${clock().toISOString().slice(0, 10)}.json`;
  if (readdirSync(dir).includes(name)) return null;
  const path = join(dir, name);
  writeFileSync(`${path}.part`, JSON.stringify(await write()));
  renameSync(`${path}.part`, path);
  const old = readdirSync(dir)
    .filter((file) => NAME.test(file))
    .sort()
    .reverse()
    .slice(BACKUPS_KEPT);
  for (const file of old) rmSync(join(dir, file));
  return path;
}
