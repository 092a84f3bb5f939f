import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium } from './chromium.mjs';
import { ensurePostgres, startCluster } from './postgres.mjs';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';
import { readPlaywright, readVitest, Suites, vitest } from './suites.mjs';

/**
 * What takes too long for every change: property tests on fresh seeds and many more of them, full flows on both sizes,
 * axe over what opens, 200 kills, a long sweep. npm run nightly
 */
requireNode20();
const CACHE = join(ROOT, '.cache');
mkdirSync(CACHE, { recursive: true });
const report = (name) => join(CACHE, `nightly-${name}.json`);
const FRESH = '10';
const SWEEP = '1000000';

const suites = new Suites({ FEVERFEW_REPORT: report('browser'), FEVERFEW_NIGHTLY: 'yes' });
suites.env.FEVERFEW_TEMPLATE = await suites.work('set-up', 2, async () => {
  ensureInstalled();
  ensureChromium();
  return ensureBuilt();
});
suites.env.FEVERFEW_FRESH_SEEDS = FRESH;
suites.suite(
  `properties on fresh seeds, ${FRESH} times as many`,
  15,
  vitest(['packages'], report('core')),
  report('core'),
  readVitest,
);
suites.suite(
  'flows on both sizes, axe over what opens',
  20,
  ['npm', 'run', '--silent', 'e2e'],
  report('browser'),
  readPlaywright,
);
suites.check('200 kills in the middle of writing', 20, ['node', 'scripts/crash-test.mjs', '200']);
suites.check('the same on PostgreSQL', 15, ['node', 'scripts/crash-test.mjs', '200', '--postgres']);
suites.check('30 kinds of damage', 20, ['node', 'scripts/damage-test.mjs']);
suites.check('20 ends while a file is read in', 15, ['node', 'scripts/read-in-test.mjs', '--kills', '20']);
suites.check('20 kills in a first start', 10, ['node', 'scripts/first-start-test.mjs', '20']);
suites.suite(
  '2,000 accepted writes, out and in again',
  6,
  [...vitest(['server'], report('writes')), 'apps/server/src/householdFile/acceptedWrites.test.ts'],
  report('writes'),
  readVitest,
  { FEVERFEW_WRITES: '2000', FEVERFEW_SEED: String(Date.now() % 100_000) },
);
suites.suite('API, nothing left out', 8, vitest(['server'], report('api')), report('api'), readVitest);
if (ensurePostgres()) {
  const cluster = await startCluster({ isDurable: false });
  cluster.createDatabase('template_house');
  suites.suite(
    'API on PostgreSQL, nothing left out',
    5,
    vitest(['server'], report('postgres')),
    report('postgres'),
    readVitest,
    { FEVERFEW_POSTGRES: cluster.url('template_house') },
  );
  await cluster.stop();
}
suites.check('attack: 20 000 hostile requests', 12, ['node', 'scripts/attack.mjs']);
suites.check('every expression of eight rooms changed', 300, ['node', 'scripts/mutation.mjs']);
suites.check(`a sweep of ${SWEEP} plans`, 10, ['node', 'scripts/sweep.mjs', '--fresh', '--count', SWEEP]);
suites.check('5,000 whole answers, 100,000 mixes, 100,000 guesses', 40, [
  'node',
  'scripts/sweep-answers.mjs',
]);
process.exit(suites.close());
