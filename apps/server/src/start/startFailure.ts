import { DomainError } from '@feverfew/core';
import { backupLine, newestGood } from '../backups/listBackups.js';
import { placesOf } from '../database/dataDirectory.js';
import { InvalidInput } from '../problems/invalidInput.js';
import { withoutHouseText } from '../problems/withoutHouseText.js';

/** Why the server did not start, in words, with what to do next. @param restored the file it was to begin with, if any */
export function startFailure(error: unknown, restored: string | undefined): string {
  if (error instanceof DomainError) {
    const { dataDir, port } = error.details;
    switch (error.code) {
      case 'dataDirectoryInUse':
        return (
          `Another Feverfew is using ${dataDir}. Nothing was changed. Stop that one, or start this ` +
          `one with --data-dir somewhere else.`
        );
      case 'notADataDirectory':
        return `${dataDir} holds other files. Name an empty directory with --data-dir; nothing was touched.`;
      case 'notWritable':
        return (
          `Nothing can be written to ${dataDir}: the disk is read-only, or belongs to somebody else. Nothing was ` +
          `changed. Make it writable, or name another directory with --data-dir.`
        );
      case 'diskFull':
        return `${error.details.message} (${dataDir ?? 'the data directory'})`;
      case 'dataDamaged':
        return damaged(String(dataDir), String(error.details.cause));
      case 'badSealKey':
        return (
          `${error.details.place} holds no key, so plans of this house could be forged. Nothing was changed. Put the ` +
          `key back from a copy. Or move it away: a new key is made, and plans in earlier files are made again.`
        );
      case 'databaseAway':
        return (
          `The database that DATABASE_URL names cannot be used: ${error.details.why}. Nothing was changed. ` +
          `How it is set up stands in docs/operations.md.`
        );
      case 'databaseTooOld':
        return 'The database that DATABASE_URL names is older than PostgreSQL 15. Nothing was changed.';
      case 'notEmbedded':
        return (
          `--${error.details.option} is for the database inside this program. One on a server is emptied by its own ` +
          `tools (dropdb, createdb). Nothing was changed.`
        );
      case 'badPort':
        return `--${error.details.option} takes a number from 1 to 65535, not "${port}".`;
    }
  }
  if (restored && (error instanceof DomainError || error instanceof InvalidInput)) {
    const what =
      error instanceof DomainError
        ? String(error.details.message)
        : error.errors.map(({ path, message }) => `${path}: ${message}`)[0];
    return `Nothing was restored from ${restored}. ${what ?? ''}`;
  }
  return `Feverfew could not start: ${withoutHouseText(error)}`;
}

function damaged(dataDir: string, cause: string): string {
  const good = newestGood(placesOf(dataDir).backups);
  return [
    `What is kept in ${dataDir} cannot be read (${cause}). Nothing of the house was changed.`,
    good
      ? `The newest good backup is\n  ${backupLine(good)}\nGo back to it with\n  npm run restore -- newest --data-dir ${dataDir}\n` +
        `What is there now is put aside, not thrown away.`
      : `There is no backup in it that can be read. Start with --reset for an empty house: what is there now is put ` +
        `aside, not thrown away.`,
  ].join('\n');
}
