import 'reflect-metadata';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { BackupWatch } from './backups/backupWatch.js';
import { keepBackups } from './backups/keepBackups.js';
import { backupLine, listBackups } from './backups/listBackups.js';
import { engineFault } from './database/engineFault.js';
import { startPrivate } from './database/keepPrivate.js';
import { DevicesService } from './devices/devices.service.js';
import { HouseholdFileService } from './householdFile/householdFile.service.js';
import { listenOnFreePort } from './listenOnFreePort.js';
import { NetworkService } from './network/network.service.js';
import { seedDemo } from './seed/seedDemo.js';
import { bootEmbedded, bootOnServer } from './start/bootstrap.js';
import { clock, places, portOf, values } from './start/options.js';
import { readRestoreFile } from './start/restoreFile.js';
import { startFailure } from './start/startFailure.js';

const HOST = '127.0.0.1';
/** A PostgreSQL server in place of the database inside this program. */
const { DATABASE_URL } = process.env;
/** Longest a stop may take before it is cut short. */
const STOP_MS = 8000;

async function main(): Promise<void> {
  startPrivate();
  const port = portOf('port');
  if (values.backups) return tellBackups();
  const given = values.restore ? readRestoreFile(values.restore) : undefined;
  const house = DATABASE_URL ? await bootOnServer(DATABASE_URL, given) : await bootEmbedded(given);
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
  console.log(`Connect a device with the code ${code}: once, within ten minutes.`);
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
