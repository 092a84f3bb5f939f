import { chmodSync, existsSync, mkdirSync, mkdtempSync, rmSync, statfsSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium } from './chromium.mjs';
import { ensurePostgres, startCluster } from './postgres.mjs';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';
import { readPlaywright, readVitest, Suites, vitest } from './suites.mjs';

/** All a change has to pass: types, lint, architecture, unit, API and browser tests, kills; 19 to 28 minutes on two cores. */
requireNode20();
const CACHE = join(ROOT, '.cache');
mkdirSync(CACHE, { recursive: true });
const report = (name) => join(CACHE, `${name}.json`);
const PLAYWRIGHT = report('playwright');

/** Databases that live for a test are kept in memory where there is room: a slow disk took as long as the tests. */
const MEMORY = '/dev/shm';
const ROOM_GB = 4;
const hasRoom = (dir) => existsSync(dir) && (statfsSync(dir).bavail * statfsSync(dir).bsize) / 1e9 > ROOM_GB;

const inMemory = hasRoom(MEMORY) ? mkdtempSync(join(MEMORY, 'feverfew-test-')) : null;
if (inMemory) {
  // PostgreSQL runs as a user of its own, whose directory is in this one.
  chmodSync(inMemory, 0o711);
  process.on('exit', () => rmSync(inMemory, { recursive: true, force: true }));
}

const env = { FEVERFEW_REPORT: PLAYWRIGHT, ...(inMemory ? { TMPDIR: inMemory } : {}) };
const suites = new Suites(env);
suites.env.FEVERFEW_TEMPLATE = await suites.work('set-up: packages, Chromium, build', 2.5, async () => {
  ensureInstalled();
  ensureChromium();
  return ensureBuilt();
});
const hasPostgres = ensurePostgres();
if (!hasPostgres) {
  console.log(
    'There is no PostgreSQL here: the tests on it are left out. On Debian: sudo apt-get install postgresql',
  );
  // Where nothing may be left out, that is a failure.
  if (process.env.FEVERFEW_ALL_TESTS) process.exit(1);
}
const cluster = hasPostgres ? await startCluster({ isDurable: false }) : null;
cluster?.createDatabase('template_house');
await suites.together(
  'types, lint, language, architecture',
  1.2,
  ['types', 'lint', 'language', 'architecture'].map((name) => [name, ['npm', 'run', '--silent', name]]),
);
suites.suite('core and web', 3, vitest(['packages', 'web'], report('core')), report('core'), readVitest);
suites.suite('API', 3, vitest(['server'], report('api')), report('api'), readVitest);
if (cluster)
  suites.suite(
    'API on PostgreSQL',
    2,
    vitest(['server'], report('postgres')),
    report('postgres'),
    readVitest,
    {
      FEVERFEW_POSTGRES: cluster.url('template_house'),
    },
  );
suites.suite('browser', 8, ['npm', 'run', '--silent', 'e2e'], PLAYWRIGHT, readPlaywright);
const KILLS = ['kills in the middle of writing', ['node', 'scripts/crash-test.mjs', '6']];
const KILLS_ON_POSTGRES = ['the same on PostgreSQL', ['node', 'scripts/crash-test.mjs', '6', '--postgres']];
await suites.together('kills in the middle of writing, hostile requests', 1.5, [
  KILLS,
  ...(cluster ? [KILLS_ON_POSTGRES] : []),
  ['250 hostile requests', ['node', 'scripts/attack.mjs', '250']],
]);
await cluster?.stop();
process.exit(suites.close());
