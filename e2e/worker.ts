import { test as base } from '@playwright/test';
import { HOOK_MS, OwnServer } from './ownServer';

export { expect, type Page } from '@playwright/test';

const FIRST_PORT = 4900;

/** Each worker has a server of its own with the demo data: files side by side share neither household nor clock. */
export const test = base.extend<object, { server: OwnServer }>({
  server: [
    async ({ browserName: _browserName }, use, { parallelIndex }) => {
      const server = new OwnServer(FIRST_PORT + parallelIndex);
      await server.start();
      await use(server);
      await server.end();
    },
    { scope: 'worker', timeout: HOOK_MS },
  ],
  baseURL: async ({ server }, use) => use(server.base),
});
