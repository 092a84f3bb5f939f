import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium } from './chromium.mjs';
import { ensureBuilt, ensureInstalled, ROOT, requireNode20 } from './setUp.mjs';

/** Everything: types, lint, architecture, unit and API tests, browser tests; one closing line of figures. */
requireNode20();
ensureInstalled();
ensureChromium();

const CACHE = join(ROOT, '.cache');
const VITEST = join(CACHE, 'vitest.json');
const PLAYWRIGHT = join(CACHE, 'playwright.json');
mkdirSync(CACHE, { recursive: true });
for (const file of [VITEST, PLAYWRIGHT]) rmSync(file, { force: true });

const total = { passed: 0, failed: 0 };
const template = await ensureBuilt();

check('types', ['npm', 'run', '--silent', 'types']);
check('lint', ['npm', 'run', '--silent', 'lint']);
check('architecture', ['npm', 'run', '--silent', 'architecture']);
suite(
  'unit and API tests',
  ['npx', 'vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${VITEST}`],
  VITEST,
  (report) => [report.numPassedTests, report.numFailedTests],
);
suite('browser tests', ['npm', 'run', '--silent', 'e2e'], PLAYWRIGHT, (report) => [
  report.stats.expected + report.stats.flaky,
  report.stats.unexpected,
]);

check('ten kills in the middle of writing', ['node', 'scripts/crash-test.mjs', '10']);

console.log(`\n${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);

function check(name, command) {
  add(name, execute(name, command) ? [1, 0] : [0, 1]);
}

/** Counts come from the suite's own report; a suite that ends badly or reports nothing counts as failed. */
function suite(name, command, reportFile, countsOf) {
  const ended = execute(name, command);
  const [passed, failed] = existsSync(reportFile)
    ? countsOf(JSON.parse(readFileSync(reportFile, 'utf8')))
    : [0, 1];
  add(name, [passed, !ended && failed === 0 ? 1 : passed + failed === 0 ? 1 : failed]);
}

function execute(name, [command, ...args]) {
  console.log(`\n— ${name}`);
  return (
    spawnSync(command, args, {
      cwd: ROOT,
      stdio: 'inherit',
      env: { ...process.env, FEVERFEW_TEMPLATE: template, FEVERFEW_REPORT: PLAYWRIGHT },
    }).status === 0
  );
}

function add(name, [passed, failed]) {
  total.passed += passed;
  total.failed += failed;
  console.log(`${name}: ${passed} passed, ${failed} failed`);
}
