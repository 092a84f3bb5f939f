import 'reflect-metadata';
import { mkdirSync, readFileSync, realpathSync } from 'node:fs';
import { uptime } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { DomainError } from '@feverfew/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { BackupWatch } from './backups/backupWatch.js';
import { keepBackups, writeWhole } from './backups/keepBackups.js';
import { backupLine, listBackups, newestGood } from './backups/listBackups.js';
import { NO_OTHERS } from './changes/newsLine.js';
import { SteadyClock } from './clock/steadyClock.js';
import { type AppOptions, createApp } from './createApp.js';
import { placesOf, sealKeyOf } from './database/dataDirectory.js';
import { engineFault } from './database/engineFault.js';
import { type Database, openDatabase } from './database/openDatabase.js';
import { sharedSealKey } from './database/secrets.repository.js';
import { openServerDatabase } from './database/serverDatabase.js';
import { clearLeftStagings } from './database/staging.js';
import { DevicesService } from './devices/devices.service.js';
import { HouseholdFileService } from './householdFile/householdFile.service.js';
import { listenOnFreePort } from './listenOnFreePort.js';
import { NetworkService } from './network/network.service.js';
import { seedDemo } from './seed/seedDemo.js';
import { startFailure } from './startFailure.js';

const HOST = '127.0.0.1';
/** A PostgreSQL server in place of the database inside this program. */
const { DATABASE_URL } = process.env;
const WEB = fileURLToPath(new URL('../../web/dist', import.meta.url));
/** Longest a stop may take before it is cut short. */
const STOP_MS = 8000;

const { values } = parseArgs({
  options: {
    port: { type: 'string', default: '4870' },
    'data-dir': { type: 'string', default: '.feverfew/data' },
    template: { type: 'string' },
    reset: { type: 'boolean', default: false },
    demo: { type: 'boolean', default: false },
    /** A household file to begin with, in place of what is there; “newest” is the newest good backup. */
    restore: { type: 'string' },
    /** Lists the backups there are, and ends. */
    backups: { type: 'boolean', default: false },
    /** Opens the house to other devices, as the switch on the page Devices does. */
    lan: { type: 'boolean', default: false },
    /** The first port tried for other devices, by http; by https the next. */
    'lan-port': { type: 'string', default: '4880' },
    /** A further name other devices reach this computer by; may be given several times. */
    'lan-name': { type: 'string', multiple: true, default: [] },
    /** For tests: a file that turns this server's clock (see `turned`), read anew each time. */
    'clock-file': { type: 'string' },
  },
});
const dataDir = values['data-dir'];
const places = placesOf(dataDir);
const ahead = values['clock-file'];
/** For tests, min: how far time has gone on, and by how much more the computer's clock has jumped. */
const turned = (): number[] =>
  ahead
    ? readFileSync(ahead, 'utf8')
        .trim()
        .split(/\s+/)
        .map((min) => Number(min) * 60_000)
    : [];
const steady = new SteadyClock(
  () => Date.now() + turned().reduce((sum, ms) => sum + ms, 0),
  () => uptime() * 1000 + (turned()[0] ?? 0),
);
const clock = () => steady.read();

async function main(): Promise<void> {
  const port = portOf('port');
  if (values.backups) return tellBackups();
  const given = values.restore ? readHouse(values.restore) : undefined;
  const house = DATABASE_URL ? await openOnServer(DATABASE_URL, given) : await openEmbedded(given);
  const { app } = house;
  if (values.demo && (await seedDemo(app, clock()))) console.log('Demo household loaded.');
  await house.started();
  const taken = await listenOnFreePort(app.getHttpServer(), HOST, port);
  if (taken !== port) console.log(`Port ${port} is busy; using ${taken}.`);
  console.log(`Feverfew is at http://${HOST}:${taken}`);
  await openToHouse(app);
  const watch = app.get(BackupWatch, { strict: false });
  const stopBackups = keepBackups({
    dir: places.backups,
    write: () => app.get(HouseholdFileService, { strict: false }).parts(),
    clock,
    onResult: (error) => {
      watch.fault = error ? { at: clock(), message: backupWords(error) } : null;
      if (error) console.error(`No backup today: ${backupWords(error)}`);
    },
  });
  let stopping = false;
  const stop = () => {
    if (stopping) return;
    stopping = true;
    stopBackups();
    // Whatever hangs: it ends.
    setTimeout(() => process.exit(1), STOP_MS).unref();
    void app
      .close()
      .then(() => house.close())
      .then(
        () => process.exit(0),
        () => process.exit(1),
      );
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
}

/** @throws DomainError badPort */
function portOf(option: 'port' | 'lan-port'): number {
  const port = Number(values[option]);
  if (Number.isInteger(port) && port >= 1 && port <= 65_535) return port;
  throw new DomainError('badPort', { option, port: values[option] });
}

/** Opens the house to other devices where that was asked for, now or at another start, and says where it is found. */
async function openToHouse(app: NestExpressApplication): Promise<void> {
  const network = app.get(NetworkService, { strict: false });
  if (!values.lan && !network.wasOpen) return;
  const { addresses, fault } = await network.open();
  if (fault) console.error(fault);
  for (const { url, isSafe } of addresses)
    console.log(`Other devices: ${url}${isSafe ? ' (once they trust the root certificate)' : ''}`);
  if (!values.lan) return;
  // Where there is no browser on this computer, the first device comes in by this.
  const devices = app.get(DevicesService, { strict: false });
  const { code } = await devices.invite({ name: 'First device', role: 'all' });
  console.log(`A device is let in with the code ${code}, once, within ten minutes.`);
}

/** The application on its database, ready and not yet listening. */
interface OpenHouse {
  readonly app: NestExpressApplication;
  /** What only a start does is done: other servers on the same database may start. */
  started(): Promise<void>;
  close(): Promise<void>;
}

/** In the data directory. A file, or the demo, goes into a new database, which then takes the place of what there is. */
async function openEmbedded(given: GivenHouse | undefined): Promise<OpenHouse> {
  const alone = { newsLine: NO_OTHERS, isAlone: true };
  const on = (db: Database) => appOn(db, { ...alone, sealKey: sealKeyOf(places) });
  const fill = async (db: Database, house: GivenHouse | null) => {
    const app = await on(db);
    try {
      if (house) await restore(app, house);
      else if (await seedDemo(app, clock())) console.log('Demo household loaded.');
    } finally {
      await app.close();
    }
  };
  const isWhole = given !== undefined && !isOfVersion1(given.file);
  const database = await openDatabase(dataDir, {
    templateFile: values.template,
    reset: values.reset || isWhole,
    fill: isWhole ? (db) => fill(db, given) : values.demo ? (db) => fill(db, null) : undefined,
  });
  await clearLeftStagings(database.db);
  const app = await on(database.db);
  if (given && !isWhole) await restore(app, given);
  return { app, started: async () => undefined, close: database.close };
}

/** On a PostgreSQL server. A file takes the place of what there is in one transaction; what there was is written down. */
async function openOnServer(url: string, given: GivenHouse | undefined): Promise<OpenHouse> {
  if (values.reset) throw new DomainError('notEmbedded', { option: 'reset' });
  mkdirSync(places.backups, { recursive: true });
  const database = await openServerDatabase(url);
  const { db, news, isAlone } = database;
  if (isAlone) await clearLeftStagings(db);
  const app = await appOn(db, { newsLine: news, isAlone, sealKey: await sharedSealKey(db, places) });
  if (given) {
    const before = join(places.backups, 'before-restore', `household-${clock().getTime()}.json`);
    mkdirSync(dirname(before), { recursive: true });
    await writeWhole(before, app.get(HouseholdFileService, { strict: false }).parts());
    console.log(`What there was is written to ${before}.`);
    await restore(app, given);
  }
  return { app, started: database.started, close: database.close };
}

type Ground = Required<Pick<AppOptions, 'newsLine' | 'isAlone' | 'sealKey'>>;

async function appOn(db: Database, ground: Ground): Promise<NestExpressApplication> {
  const app = await createApp({
    db,
    clock,
    webDir: WEB,
    quiet: false,
    clockWatch: steady,
    ...ground,
    door: { dir: places.network, port: portOf('lan-port'), names: values['lan-name'] },
    onEngineGone: () => {
      console.error('The database has stopped. What was acknowledged is kept: start Feverfew again.');
      process.exit(1);
    },
  });
  await app.init();
  return app;
}

interface GivenHouse {
  readonly path: string;
  readonly file: unknown;
}

/** @throws DomainError unreadable */
function readHouse(named: string): GivenHouse {
  const path = named === 'newest' ? newestGood(places.backups)?.path : named;
  if (!path)
    throw new DomainError('unreadable', {
      message: `There is no backup in ${places.backups} that can be read.`,
    });
  try {
    return { path, file: JSON.parse(readFileSync(path, 'utf8')) };
  } catch (error) {
    throw new DomainError('unreadable', {
      message: `${path} does not read as JSON: ${(error as Error).message}`,
    });
  }
}

/** It holds settings and shelf alone, and leaves the book as it is. */
const isOfVersion1 = (file: unknown): boolean => (file as { version?: unknown } | null)?.version === 1;

/** @throws DomainError or InvalidInput with what is wrong with the file; nothing is changed then */
async function restore(app: NestExpressApplication, { path, file }: GivenHouse): Promise<void> {
  const isOwnBackup = dirname(realpathSync(path)) === realpathSync(places.backups);
  const read = await app.get(HouseholdFileService, { strict: false }).read(file, { isOwnBackup });
  console.log(`Restored from ${path}: ${read.pieces} pieces, ${read.troubles} troubles, ${read.runs} runs.`);
}

function tellBackups(): void {
  const backups = listBackups(places.backups);
  if (backups.length === 0) console.log(`There are no backups in ${places.backups}.`);
  for (const backup of backups) console.log(backupLine(backup));
}

function backupWords(error: unknown): string {
  const code = (error as NodeJS.ErrnoException).code ?? '';
  if (engineFault(error) === 'full' || code === 'ENOSPC') return 'the disk is full.';
  if (['EROFS', 'EACCES', 'EPERM'].includes(code)) return 'nothing can be written to the folder of backups.';
  if (engineFault(error) === 'away') return 'the database did not answer.';
  if (engineFault(error) === 'damaged') return 'something of what is kept cannot be read any more.';
  return 'what is kept could not be written as a household file.';
}

main().catch((error: unknown) => {
  console.error(startFailure(error, values.restore));
  process.exit(1);
});
