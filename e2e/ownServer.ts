import { type ChildProcess, spawn } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from '@playwright/test';

/** A first start makes a database and fills it: 10 to 40 s, four times that where much else runs. */
const START_MS = 240_000;
export const HOOK_MS = 2 * START_MS;

const ROOT = new URL('..', import.meta.url).pathname;

/** A server of a test's own, with the demo data, whose clock the test turns and which it may kill. */
export class OwnServer {
  readonly base: string;
  private readonly dir = mkdtempSync(join(tmpdir(), 'feverfew-own-'));
  private readonly clockFile = join(this.dir, 'ahead');
  private child: ChildProcess | null = null;
  private ahead = 0;

  constructor(
    private readonly port: number,
    private readonly more: readonly string[] = ['--demo'],
    /** A household file to begin with, as one of this house's own backups. */
    backup?: string,
    /** Makes its demo household itself: what soaks in it is then as far on as the demo has it, to the minute. */
    private readonly isFresh = false,
  ) {
    this.base = `http://127.0.0.1:${port}`;
    writeFileSync(this.clockFile, '0');
    if (backup === undefined) return;
    const backups = join(this.dataDir, 'backups');
    mkdirSync(backups, { recursive: true });
    writeFileSync(join(backups, 'household-2026-01-01.json'), backup);
  }

  async start(): Promise<void> {
    const seed = process.env.FEVERFEW_SEED;
    if (seed && !this.isFresh && this.more.includes('--demo') && !existsSync(this.dataDir))
      cpSync(seed, this.dataDir, { recursive: true });
    const template = process.env.FEVERFEW_TEMPLATE ? ['--template', process.env.FEVERFEW_TEMPLATE] : [];
    this.child = spawn(
      process.execPath,
      [
        'apps/server/dist/main.js',
        '--port',
        String(this.port),
        '--data-dir',
        this.dataDir,
        '--clock-file',
        this.clockFile,
        ...template,
        ...this.more,
      ],
      { cwd: ROOT, stdio: ['ignore', 'ignore', 'inherit'] },
    );
    const isUp = () =>
      fetch(`${this.base}/api/catalogue`).then(
        (response) => response.ok,
        () => false,
      );
    await expect.poll(isUp, { timeout: START_MS }).toBe(true);
  }

  get dataDir(): string {
    return join(this.dir, 'data');
  }

  /** Ends it as a computer that is shut down does. */
  stop = (): Promise<void> => this.signal('SIGTERM');

  kill = (): Promise<void> => this.signal('SIGKILL');

  private async signal(signal: NodeJS.Signals): Promise<void> {
    const { child } = this;
    if (!child || child.exitCode !== null) return;
    const gone = new Promise((done) => child.once('exit', done));
    child.kill(signal);
    await gone;
  }

  /** Lets minutes pass on the server's clock. */
  pass(minutes: number): void {
    this.ahead += minutes;
    this.jump(0);
  }

  /** Sets the computer's clock off by so many minutes against the time that passes; 0 sets it right again. */
  jump(minutes: number): void {
    writeFileSync(this.clockFile, `${this.ahead} ${minutes}`);
  }

  async ask<T>(path: string): Promise<T> {
    return (await fetch(`${this.base}/api${path}`)).json() as Promise<T>;
  }

  async end(): Promise<void> {
    await this.kill();
    rmSync(this.dir, { recursive: true, force: true });
  }
}
