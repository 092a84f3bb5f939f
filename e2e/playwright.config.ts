import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig } from '@playwright/test';

export const PORT = 4891;
const root = new URL('..', import.meta.url).pathname;
process.env.FEVERFEW_E2E_DATA ??= mkdtempSync(join(tmpdir(), 'feverfew-e2e-'));
const template = process.env.FEVERFEW_TEMPLATE ? ` --template ${process.env.FEVERFEW_TEMPLATE}` : '';

/** The built application with demo data, driven in Debian's Chromium without a screen. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  timeout: 45_000,
  fullyParallel: false,
  workers: 1,
  retries: 0,
  reporter: process.env.FEVERFEW_REPORT
    ? [['list'], ['json', { outputFile: process.env.FEVERFEW_REPORT }]]
    : [['list']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-dev-shm-usage',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
        '--autoplay-policy=no-user-gesture-required',
      ],
    },
  },
  webServer: {
    command:
      `node apps/server/dist/main.js --demo --port ${PORT} --data-dir ` +
      `${process.env.FEVERFEW_E2E_DATA}${template}`,
    cwd: root,
    url: `http://127.0.0.1:${PORT}/api/catalogue`,
    timeout: 180_000,
    reuseExistingServer: false,
  },
});
