import { readFileSync, realpathSync } from 'node:fs';
import { dirname } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { newestGood } from '../backups/listBackups.js';
import { HouseholdFileService } from '../householdFile/householdFile.service.js';
import { ServerError } from '../problems/serverError.js';
import { places } from './options.js';

/** A household file to begin with. */
export interface RestoreFile {
  readonly path: string;
  readonly file: unknown;
}

/**
 * @param named a path, or “newest” for the newest good backup
 * @throws ServerError unreadable
 */
export function readRestoreFile(named: string): RestoreFile {
  const path = named === 'newest' ? newestGood(places.backups)?.path : named;
  if (!path)
    throw new ServerError('unreadable', {
      message: `There is no backup in ${places.backups} that can be read.`,
    });
  try {
    return { path, file: JSON.parse(readFileSync(path, 'utf8')) };
  } catch (error) {
    throw new ServerError('unreadable', {
      message: `${path} does not read as JSON: ${(error as Error).message}`,
    });
  }
}

/** It holds settings and shelf alone, and leaves the book as it is. */
export const isOfVersion1 = (file: unknown): boolean => (file as { version?: unknown } | null)?.version === 1;

/** @throws ServerError or InvalidInput with what is wrong with the file; nothing is changed then */
export async function restore(app: NestExpressApplication, { path, file }: RestoreFile): Promise<void> {
  const isOwnBackup = dirname(realpathSync(path)) === realpathSync(places.backups);
  const read = await app.get(HouseholdFileService, { strict: false }).read(file, { isOwnBackup });
  const toRead = read.plansToRead > 0 ? ` ${read.plansToRead} plans can be read only.` : '';
  console.log(
    `Restored from ${path}: ${read.pieces} pieces, ${read.troubles} troubles, ${read.runs} runs.${toRead}`,
  );
}
