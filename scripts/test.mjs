import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium } from './chromium.mjs';
import { ensurePostgres, startCluster } from './postgres.mjs';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';
import { readPlaywright, readVitest, Suites, vitest } from './suites.mjs';

/** All a change has to pass: types, lint, architecture, unit, API and browser tests, kills; 25 minutes on two cores. */
requireNode20();
const CACHE = join(ROOT, '.cache');
mkdirSync(CACHE, { recursive: true });
const report = (name) => join(CACHE, `${name}.json`);
const PLAYWRIGHT = report('playwright');

const env = { FEVERFEW_REPORT: PLAYWRIGHT };
const suites = new Suites(env);
suites.env.FEVERFEW_TEMPLATE = await suites.work('set-up: packages, Chromium, build', 2, async () => {
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
suites.check('types', 0.4, ['npm', 'run', '--silent', 'types']);
suites.check('lint', 0.2, ['npm', 'run', '--silent', 'lint']);
suites.check('language', 0.3, ['npm', 'run', '--silent', 'language']);
suites.check('architecture', 0.4, ['npm', 'run', '--silent', 'architecture']);
suites.suite('core and web', 4, vitest(['packages', 'web'], report('core')), report('core'), readVitest);
suites.suite('API', 4, vitest(['server'], report('api')), report('api'), readVitest);
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
suites.suite('browser', 12, ['npm', 'run', '--silent', 'e2e'], PLAYWRIGHT, readPlaywright);
const FAULTS = 'faults: kills in the middle of writing';
suites.check(FAULTS, 1.5, ['node', 'scripts/crash-test.mjs', '8']);
if (cluster)
  suites.check(`${FAULTS}, on PostgreSQL`, 1, ['node', 'scripts/crash-test.mjs', '9', '--postgres']);
suites.check('attack: five hundred hostile requests', 1, ['node', 'scripts/attack.mjs', '500']);
await cluster?.stop();
process.exit(suites.close());
