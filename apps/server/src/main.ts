import 'reflect-metadata';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { DomainError } from '@feverfew/core';
import type { INestApplication } from '@nestjs/common';
import { createApp } from './createApp.js';
import { keepBackups } from './database/keepBackups.js';
import { openDatabase } from './database/openDatabase.js';
import { HouseholdFileService } from './householdFile/householdFile.service.js';
import { listenOnFreePort } from './listenOnFreePort.js';
import { InvalidInput } from './problems/invalidInput.js';
import { seedDemo } from './seed/seedDemo.js';

const HOST = '127.0.0.1';
const WEB = fileURLToPath(new URL('../../web/dist', import.meta.url));

const { values } = parseArgs({
  options: {
    port: { type: 'string', default: '4870' },
    'data-dir': { type: 'string', default: '.feverfew/data' },
    template: { type: 'string' },
    reset: { type: 'boolean', default: false },
    demo: { type: 'boolean', default: false },
    /** A household file to begin with, in place of what is there. */
    restore: { type: 'string' },
    /** For tests: a file with the minutes by which this server's clock is ahead, read anew each time. */
    'clock-file': { type: 'string' },
  },
});

async function main(): Promise<void> {
  const port = Number(values.port);
  if (!(Number.isInteger(port) && port >= 1 && port <= 65_535))
    throw new DomainError('badPort', { port: values.port });
  const database = await openDatabase(values['data-dir'], {
    templateFile: values.template,
    reset: values.reset,
  });
  const ahead = values['clock-file'];
  const clock = () => new Date(Date.now() + (ahead ? Number(readFileSync(ahead, 'utf8')) : 0) * 60_000);
  const app = await createApp({ db: database.db, clock, webDir: WEB, quiet: false });
  await app.init();
  if (values.restore) await restore(app, values.restore);
  if (values.demo && (await seedDemo(app, clock()))) console.log('Demo household loaded.');
  const taken = await listenOnFreePort(app, HOST, port);
  if (taken !== port) console.log(`Port ${port} is busy; using ${taken}.`);
  console.log(`Feverfew is at http://${HOST}:${taken}`);
  const stopBackups = keepBackups({
    dataDir: values['data-dir'],
    write: () => app.get(HouseholdFileService, { strict: false }).write(),
    clock,
    onFailure: (error) => console.error(`No backup today: ${error instanceof Error ? error.message : error}`),
  });
  const stop = async () => {
    stopBackups();
    await app.close();
    await database.close();
    process.exit(0);
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}

/** @throws DomainError or InvalidInput with what is wrong with the file; nothing is changed then */
async function restore(app: INestApplication, path: string): Promise<void> {
  let given: unknown;
  try {
    given = JSON.parse(readFileSync(path, 'utf8'));
  } catch (error) {
    throw new DomainError('unreadable', {
      message: `${path} does not read as JSON: ${(error as Error).message}`,
    });
  }
  const read = await app.get(HouseholdFileService, { strict: false }).read(given);
  console.log(`Restored from ${path}: ${read.pieces} pieces, ${read.troubles} troubles, ${read.runs} runs.`);
}

main().catch((error: unknown) => {
  console.error(startFailure(error));
  process.exit(1);
});

function startFailure(error: unknown): string {
  if (error instanceof DomainError && error.code === 'dataDirectoryInUse') {
    return (
      `Another Feverfew is using ${error.details.dataDir}. Nothing was changed. Stop that one, or start this ` +
      `one with --data-dir somewhere else.`
    );
  }
  if (error instanceof DomainError && error.code === 'notADataDirectory') {
    return `${error.details.dataDir} holds other files. Name an empty directory with --data-dir; nothing was touched.`;
  }
  if (error instanceof DomainError && error.code === 'badPort')
    return `--port takes a number from 1 to 65535, not "${error.details.port}".`;
  if (values.restore && (error instanceof DomainError || error instanceof InvalidInput)) {
    const what =
      error instanceof DomainError ? String(error.details.message) : (error.errors[0]?.message ?? '');
    return `Nothing was restored from ${values.restore}. ${what}`;
  }
  return `Feverfew could not start: ${error instanceof Error ? error.stack : String(error)}`;
}
