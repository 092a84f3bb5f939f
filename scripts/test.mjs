import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium } from './chromium.mjs';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';
import { playwrightCounts, Suites, vitest, vitestCounts } from './suites.mjs';

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
suites.check('types', 0.4, ['npm', 'run', '--silent', 'types']);
suites.check('lint', 0.2, ['npm', 'run', '--silent', 'lint']);
suites.check('architecture', 0.4, ['npm', 'run', '--silent', 'architecture']);
suites.suite('core and web', 4, vitest(['packages', 'web'], report('core')), report('core'), vitestCounts);
suites.suite('API', 4, vitest(['server'], report('api')), report('api'), vitestCounts);
suites.suite('browser', 12, ['npm', 'run', '--silent', 'e2e'], PLAYWRIGHT, playwrightCounts);
suites.check('faults: ten kills in the middle of writing', 2, ['node', 'scripts/crash-test.mjs', '10']);
suites.check('attack: five hundred hostile requests', 1, ['node', 'scripts/attack.mjs', '500']);
process.exit(suites.close());
