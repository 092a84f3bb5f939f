import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { ROOT } from './setUp.mjs';

/** Runs checks and suites one after the other, counts what passed and failed, and how many minutes each took. */
export class Suites {
  #rows = [];

  constructor(env) {
    this.env = { ...process.env, ...env };
  }

  /** A command that passes or fails as a whole. */
  check(name, budgetMin, command) {
    return this.#time(name, budgetMin, () => (this.#execute(name, command) ? [1, 0] : [0, 1]));
  }

  /** Counts come from the suite's own report; one that ends badly or reports nothing counts as failed. */
  suite(name, budgetMin, command, reportFile, countsOf, env = {}) {
    return this.#time(name, budgetMin, () => {
      rmSync(reportFile, { force: true });
      const ended = this.#execute(name, command, env);
      const [passed, failed] = existsSync(reportFile)
        ? countsOf(JSON.parse(readFileSync(reportFile, 'utf8')))
        : [0, 1];
      return [passed, !ended || passed === 0 ? Math.max(1, failed) : failed];
    });
  }

  /** Something done in this process. */
  async work(name, budgetMin, act) {
    const from = Date.now();
    const result = await act();
    this.#rows.push({ name, budgetMin, minutes: (Date.now() - from) / 60_000, passed: 0, failed: 0 });
    return result;
  }

  /** The closing lines. @returns exit code */
  close() {
    const sum = (key) => this.#rows.reduce((total, row) => total + row[key], 0);
    console.log('\nMinutes, and the budget on two cores:');
    for (const { name, minutes, budgetMin } of this.#rows)
      console.log(
        `  ${minutes.toFixed(1).padStart(5)}  ${String(budgetMin).padStart(4)}  ${name}` +
          (minutes > budgetMin ? '  (over)' : ''),
      );
    console.log(
      `  ${sum('minutes').toFixed(1).padStart(5)}  ${String(sum('budgetMin')).padStart(4)}  in all`,
    );
    console.log(`\n${sum('passed')} passed, ${sum('failed')} failed`);
    return sum('failed') === 0 ? 0 : 1;
  }

  #time(name, budgetMin, act) {
    const from = Date.now();
    const [passed, failed] = act();
    this.#rows.push({ name, budgetMin, minutes: (Date.now() - from) / 60_000, passed, failed });
    console.log(`${name}: ${passed} passed, ${failed} failed`);
  }

  #execute(name, [command, ...args], env = {}) {
    console.log(`\n— ${name}`);
    return (
      spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...this.env, ...env } }).status === 0
    );
  }
}

/** One project of Vitest. */
export const vitest = (projects, report) => [
  ...['npx', 'vitest', 'run', ...projects.flatMap((project) => ['--project', project])],
  ...['--reporter=default', '--reporter=json', `--outputFile.json=${report}`],
];
export const vitestCounts = (report) => [report.numPassedTests, report.numFailedTests];
export const playwrightCounts = (report) => [
  report.stats.expected + report.stats.flaky,
  report.stats.unexpected,
];
