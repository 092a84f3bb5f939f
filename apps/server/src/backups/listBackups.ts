import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { HOUSEHOLD_FILE } from '@feverfew/contracts';

export interface Backup {
  readonly path: string;
  readonly at: Date;
  /** What is in it; null where it does not read as a household file. */
  readonly holds: { readonly pieces: number; readonly troubles: number; readonly runs: number } | null;
}

/** Household files in the folder of backups, the newest first, each read through. */
export function listBackups(dir: string): Backup[] {
  if (!existsSync(dir)) return [];
  return readdirSync(dir)
    .filter((name) => name.endsWith('.json'))
    .map((name) => join(dir, name))
    .map((path) => ({ path, at: statSync(path).mtime, holds: holdsOf(path) }))
    .sort((a, b) => b.at.getTime() - a.at.getTime());
}

export const newestGood = (dir: string): Backup | undefined => listBackups(dir).find(({ holds }) => holds);

function holdsOf(path: string): Backup['holds'] {
  try {
    const file = JSON.parse(readFileSync(path, 'utf8')) as Record<string, unknown>;
    if (file.format !== HOUSEHOLD_FILE.format) return null;
    const count = (name: string) => (Array.isArray(file[name]) ? (file[name] as unknown[]).length : 0);
    return { pieces: count('pieces'), troubles: count('troubles'), runs: count('runs') };
  } catch {
    return null;
  }
}

/** A backup in one line. */
export const backupLine = ({ path, at, holds }: Backup): string =>
  `${at.toISOString().slice(0, 16).replace('T', ' ')}  ` +
  (holds
    ? `${holds.pieces} pieces, ${holds.troubles} troubles, ${holds.runs} treatments`
    : 'cannot be read: do not use it') +
  `\n    ${path}`;
