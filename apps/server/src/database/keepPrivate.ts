import { chmodSync, existsSync, lstatSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

const FOR_ITS_OWNER_ALONE = { directory: 0o700, file: 0o600 };
/** What others may do, in the bits of a mode. */
const OTHERS = 0o077;

/** From here on, files and directories of this process are for its owner alone; another account reads nothing. */
export function startPrivate(): void {
  process.umask(OTHERS);
}

/**
 * Makes a directory and all that is in it readable and writable by its owner alone; earlier versions left it open. Links
 * are not followed, and what belongs to another account stays as it is.
 */
export function keepPrivate(path: string): void {
  if (!existsSync(path)) return;
  const found = lstatSync(path);
  if (found.isSymbolicLink()) return;
  const mode = found.isDirectory() ? FOR_ITS_OWNER_ALONE.directory : FOR_ITS_OWNER_ALONE.file;
  if ((found.mode & OTHERS) !== 0) setMode(path, mode);
  if (found.isDirectory()) for (const name of readdirSync(path)) keepPrivate(join(path, name));
}

function setMode(path: string, mode: number): void {
  try {
    chmodSync(path, mode);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EPERM') throw error;
  }
}
