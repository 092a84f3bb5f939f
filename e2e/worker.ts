import { test as base } from '@playwright/test';
import { isNight } from '../testing/byDay';
import { HOOK_MS, OwnServer } from './ownServer';

export { expect, type Page } from '@playwright/test';

const FIRST_PORT = 4900;
const FILE = '/api/household/file';

/** A server with the demo data, which can be set back to what it began with. */
class DemoServer extends OwnServer {
  private demo = '';
  /** The file of tests that has it. */
  usedBy = '';

  override async start(): Promise<void> {
    await super.start();
    this.demo = await (await fetch(this.base + FILE)).text();
  }

  /** The demo household as it was at the start, or with some of its parts as given. */
  async asInTheDemo(parts: object = {}): Promise<void> {
    const body = JSON.stringify({ ...JSON.parse(this.demo), ...parts });
    const headers = { 'content-type': 'application/json' };
    const { ok, status } = await fetch(this.base + FILE, { method: 'PUT', headers, body });
    if (!ok) throw new Error(`The demo household was not put back: ${status}`);
  }
}

/**
 * Each worker has a server of its own: files side by side share neither household nor clock. Each file begins with
 * the household as the demo has it, whichever files this worker had before.
 */
export const test = base.extend<{ demo: undefined }, { server: DemoServer }>({
  server: [
    async ({ browserName: _browserName }, use, { parallelIndex }) => {
      const server = new DemoServer(FIRST_PORT + parallelIndex);
      await server.start();
      await use(server);
      await server.end();
    },
    { scope: 'worker', timeout: HOOK_MS },
  ],
  demo: [
    async ({ server }, use, { file }) => {
      if (server.usedBy !== '' && server.usedBy !== file) await server.asInTheDemo();
      server.usedBy = file;
      await use(undefined);
    },
    { auto: true },
  ],
  baseURL: async ({ server }, use) => use(server.base),
});

/** Driven in the nightly run: other tests go through most of the flow, or the core's own tests hold its rules. */
export const atNight = isNight ? test : test.skip;
