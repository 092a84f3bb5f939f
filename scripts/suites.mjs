import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { ROOT } from './setUp.mjs';

/** Runs checks and suites one after the other, counts what passed and failed, and how many minutes each took. */
export class Suites {
  #rows = [];
  #failures = [];

  constructor(env) {
    this.env = { ...process.env, ...env };
  }

  /** A command that passes or fails as a whole. */
  check(name, budgetMin, command) {
    return this.#time(name, budgetMin, () => {
      if (this.#execute(name, command)) return [1, 0];
      this.#failures.push(name);
      return [0, 1];
    });
  }

  /** Commands that pass or fail as a whole, side by side; what each prints comes when it has ended. */
  async together(name, budgetMin, commands) {
    const from = Date.now();
    const results = await Promise.all(
      commands.map(async ([title, command]) => {
        const { isOk, output } = await this.#collect(command);
        console.log(`\n— ${title}\n${output.trimEnd()}`);
        if (!isOk) this.#failures.push(`${title}\n${lastLines(output)}`);
        return isOk;
      }),
    );
    const passed = results.filter(Boolean).length;
    this.#count({ name, budgetMin, from, passed, failed: results.length - passed });
  }

  /** Counts come from the suite's own report; one that ends badly or reports nothing counts as failed. */
  suite(name, budgetMin, command, reportFile, reader, env = {}) {
    return this.#time(name, budgetMin, () => {
      rmSync(reportFile, { force: true });
      const ended = this.#execute(name, command, env);
      const { passed, failed, failures } = existsSync(reportFile)
        ? reader(JSON.parse(readFileSync(reportFile, 'utf8')))
        : { passed: 0, failed: 1, failures: ['it left no report'] };
      this.#failures.push(...failures.map((failure) => `${name}: ${failure}`));
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
    // At the very end, where a log that is cut still shows it.
    for (const failure of this.#failures) console.log(`failed: ${failure}`);
    console.log(`\n${sum('passed')} passed, ${sum('failed')} failed`);
    return sum('failed') === 0 ? 0 : 1;
  }

  #time(name, budgetMin, act) {
    const from = Date.now();
    const [passed, failed] = act();
    this.#count({ name, budgetMin, from, passed, failed });
  }

  #count({ from, ...row }) {
    this.#rows.push({ ...row, minutes: (Date.now() - from) / 60_000 });
    console.log(`${row.name}: ${row.passed} passed, ${row.failed} failed`);
  }

  #collect([command, ...args]) {
    return new Promise((resolve) => {
      let output = '';
      const child = spawn(command, args, { cwd: ROOT, env: this.env, stdio: ['ignore', 'pipe', 'pipe'] });
      const add = (text) => {
        output += text;
      };
      child.stdout.setEncoding('utf8').on('data', add);
      child.stderr.setEncoding('utf8').on('data', add);
      child.once('error', (error) => resolve({ isOk: false, output: `${output}\n${error}` }));
      child.once('close', (code) => resolve({ isOk: code === 0, output }));
    });
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
/** What a report of Vitest says: how many passed and failed, and each failure with its first lines. */
export const readVitest = (report) => ({
  passed: report.numPassedTests,
  failed: report.numFailedTests,
  failures: report.testResults.flatMap(({ name, message, assertionResults }) => [
    ...assertionResults
      .filter(({ status }) => status === 'failed')
      .map(({ fullName, failureMessages }) => `${fullName}\n${firstLines(failureMessages.join('\n'))}`),
    // A file that could not be loaded has no tests to fail.
    ...(message ? [`${name}\n${firstLines(message)}`] : []),
  ]),
});

/** The same of a report of Playwright. What passed in a second try is named, but not counted as failed. */
export const readPlaywright = ({ stats, suites }) => ({
  passed: stats.expected + stats.flaky,
  failed: stats.unexpected,
  failures: suites.flatMap(specsOf).flatMap(({ title, tests }) =>
    tests
      .filter(({ status }) => status === 'unexpected' || status === 'flaky')
      .map(({ status, results }) => {
        const messages = results.flatMap(({ errors }) => errors.map(({ message }) => message));
        return `${title}${status === 'flaky' ? ' (passed in a second try)' : ''}\n${firstLines(messages.join('\n'))}`;
      }),
  ),
});

const specsOf = ({ specs = [], suites = [] }) => [...specs, ...suites.flatMap(specsOf)];

const firstLines = (message) => message.split('\n').slice(0, 4).join('\n').slice(0, 900);

const lastLines = (output) => output.trimEnd().split('\n').slice(-8).join('\n').slice(-900);
