import { DomainError } from '@feverfew/core';
import { backupLine, newestGood } from '../backups/listBackups.js';
import { placesOf } from '../database/dataDirectory.js';
import { InvalidInput } from '../problems/invalidInput.js';
import { ServerError, type ServerErrorCode, type ServerErrorDetails } from '../problems/serverError.js';
import { withoutHouseText } from '../problems/withoutHouseText.js';

/** Words for what ends a start, by its code. */
const WORDS: { readonly [Code in ServerErrorCode]?: (details: ServerErrorDetails[Code]) => string } = {
  dataDirectoryInUse: ({ dataDir }) =>
    `Another Feverfew is using ${dataDir}. Nothing was changed. Stop that one, or start this one with --data-dir ` +
    `somewhere else.`,
  notADataDirectory: ({ dataDir }) =>
    `${dataDir} holds other files. Name an empty directory with --data-dir; nothing was touched.`,
  notWritable: ({ dataDir }) =>
    `Nothing can be written to ${dataDir}: the disk is read-only, or belongs to another user. Nothing was changed. ` +
    `Make it writable, or name another directory with --data-dir.`,
  diskFull: ({ message }) => `${message} (the data directory)`,
  dataDamaged: ({ dataDir, cause }) => damaged(dataDir, cause),
  badSealKey: ({ place }) =>
    `${place} holds no key, so plans of this house could be forged. Nothing was changed. Put the key back from a ` +
    `copy. Or move it away: a new key is made, and plans in earlier files are made again.`,
  databaseAway: ({ why }) =>
    `The database that DATABASE_URL names cannot be used: ${why}. Nothing was changed. How to set it up is in ` +
    `docs/operations.md.`,
  databaseTooOld: () =>
    'The database that DATABASE_URL names is older than PostgreSQL 15. Nothing was changed.',
  notEmbedded: ({ option }) =>
    `--${option} is for the database inside this program. One on a server is emptied by its own tools (dropdb, ` +
    `createdb). Nothing was changed.`,
  badPort: ({ option, port }) => `--${option} takes a number from 1 to 65535, not "${port}".`,
};

function wordsOf<Code extends ServerErrorCode>({ code, details }: ServerError<Code>): string | undefined {
  return WORDS[code]?.(details);
}

/** Why the server did not start, in words, with what to do next. @param restored the file it was to begin with, if any */
export function startFailure(error: unknown, restored: string | undefined): string {
  const words = error instanceof ServerError ? wordsOf(error) : undefined;
  if (words !== undefined) return words;
  if (restored && error instanceof InvalidInput)
    return ofRestored(restored, error.errors.map(({ path, message }) => `${path}: ${message}`)[0]);
  if (restored && (error instanceof ServerError || error instanceof DomainError))
    return ofRestored(restored, 'message' in error.details ? error.details.message : undefined);
  return `Feverfew could not start: ${withoutHouseText(error)}`;
}

const ofRestored = (restored: string, what = ''): string => `Nothing was restored from ${restored}. ${what}`;

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
