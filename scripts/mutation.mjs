/**
 * Mutation testing: changes each expression of a room of the core, one at a time, and runs the tests of that room.
 * A change that no test notices survives. Ends with an error where a room catches fewer than 85 of 100.
 *
 *   npm run mutation                  every room of the list
 *   npm run mutation -- cost drying   these rooms
 */
import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';

const ROOMS = ['cost', 'drying', 'bath', 'envelope', 'load', 'run', 'sense', 'safety'];
const MIN_SCORE = 85;
const DIR = '.cache/mutation';

const asked = process.argv.slice(2);
const unknown = asked.filter((room) => !ROOMS.includes(room));
if (unknown.length > 0) {
  console.error(`No such room: ${unknown.join(', ')}. There are ${ROOMS.join(', ')}.`);
  process.exit(2);
}

const scores = (asked.length > 0 ? asked : ROOMS).map((room) => ({ room, ...scoreOf(room) }));
console.table(scores);
process.exit(scores.some(({ score }) => score < MIN_SCORE) ? 1 : 0);

/** Runs one room. */
function scoreOf(room) {
  mkdirSync(DIR, { recursive: true });
  const report = `${DIR}/${room}.json`;
  const config = `${DIR}/${room}.config.json`;
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'vitest',
      plugins: ['@stryker-mutator/vitest-runner'],
      vitest: { configFile: 'scripts/mutation/vitest.config.ts', related: false },
      mutate: [`packages/core/src/${room}/**/*.ts`, '!**/*.test.ts'],
      // Words and lists of names are data: a test of each would only repeat it.
      mutator: { excludedMutations: ['StringLiteral'] },
      ignoreStatic: true,
      coverageAnalysis: 'perTest',
      concurrency: 2,
      reporters: ['json', 'clear-text', 'progress-append-only'],
      clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportScoreTable: false },
      jsonReporter: { fileName: report },
      tempDirName: `${DIR}/sandbox`,
      incremental: true,
      incrementalFile: `${DIR}/${room}.incremental.json`,
    }),
  );
  const { status } = spawnSync('npx', ['stryker', 'run', config], {
    stdio: 'inherit',
    // A test of a property runs once for each change: a twentieth of its usual cases.
    env: { FEVERFEW_SHARE_OF_RUNS: '0.05', ...process.env, MUTATED_ROOM: room },
  });
  if (status !== 0) throw new Error(`The tests of ${room} do not run under mutation.`);
  const all = Object.values(JSON.parse(readFileSync(report, 'utf8')).files).flatMap(({ mutants }) => mutants);
  const count = (...kinds) => all.filter(({ status: kind }) => kinds.includes(kind)).length;
  const caught = count('Killed', 'Timeout');
  const survived = count('Survived', 'NoCoverage');
  return {
    mutants: caught + survived,
    caught,
    survived,
    score: Math.round((1000 * caught) / (caught + survived)) / 10,
  };
}
