import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { writeWhole } from '../backups/keepBackups.js';
import { NO_OTHERS } from '../changes/newsLine.js';
import { type AppOptions, createApp } from '../createApp.js';
import { sealKeyOf } from '../database/dataDirectory.js';
import { keepPrivate } from '../database/keepPrivate.js';
import { type Database, openDatabase } from '../database/openDatabase.js';
import { sharedSealKey } from '../database/secrets.repository.js';
import { openServerDatabase } from '../database/serverDatabase.js';
import { clearLeftStagings } from '../database/staging.js';
import { HouseholdFileService } from '../householdFile/householdFile.service.js';
import { ServerError } from '../problems/serverError.js';
import { seedDemo } from '../seed/seedDemo.js';
import { clock, dataDir, places, portOf, steady, values } from './options.js';
import { isOfVersion1, type RestoreFile, restore } from './restoreFile.js';

const WEB = fileURLToPath(new URL('../../../web/dist', import.meta.url));

/** The application on its database, ready and not yet listening. */
export interface BootedServer {
  readonly app: NestExpressApplication;
  /** What only a start does is done: other servers on the same database may start. */
  started(): Promise<void>;
  close(): Promise<void>;
}

/** In the data directory. A file, or the demo, goes into a new database, which then takes the place of what there is. */
export async function bootEmbedded(given: RestoreFile | undefined): Promise<BootedServer> {
  const alone = { newsLine: NO_OTHERS, isAlone: true };
  const on = (db: Database) => appOn(db, { ...alone, sealKey: sealKeyOf(places) });
  const fill = async (db: Database, house: RestoreFile | null) => {
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
  // Only now is it sure that the directory is a house's own.
  keepPrivate(places.root);
  await clearLeftStagings(database.db);
  const app = await on(database.db);
  if (given && !isWhole) await restore(app, given);
  return { app, started: async () => undefined, close: database.close };
}

/** On a PostgreSQL server. A file takes the place of what there is in one transaction; what there was is written down. */
export async function bootOnServer(url: string, given: RestoreFile | undefined): Promise<BootedServer> {
  if (values.reset) throw new ServerError('notEmbedded', { option: 'reset' });
  mkdirSync(places.backups, { recursive: true });
  for (const own of [places.backups, places.sealKey, places.network]) keepPrivate(own);
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
