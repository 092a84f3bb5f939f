import { defineConfig } from '@playwright/test';
import { isNight } from '../testing/byDay';
import { CHROMIUM_ARGS } from './chromiumArgs';

/** Files whose tests are whole flows: nothing in them is about one size of screen. */
const FLOWS = /(mainJob|plans|reasons|asked|badInput|household|mixingTable|learned)\.spec\.ts$/;

/** The built application with demo data, driven in Debian's Chromium without a screen. */
export default defineConfig({
  testDir: '.',
  testIgnore: isNight ? [] : ['nightly/**'],
  outputDir: '../test-results',
  globalSetup: './seedDemo.ts',
  // On a shared machine a page takes five times as long for minutes. How soon it must answer is measured where it counts.
  timeout: 420_000,
  expect: { timeout: 45_000 },
  fullyParallel: false,
  workers: 3,
  retries: 0,
  reporter: process.env.FEVERFEW_REPORT
    ? [['list'], ['json', { outputFile: process.env.FEVERFEW_REPORT }]]
    : [['list']],
  projects: [
    { name: 'desk', use: { viewport: { width: 1280, height: 800 } } },
    // The same flows with a phone's width: in the nightly run.
    ...(isNight ? [{ name: 'phone', testMatch: FLOWS, use: { viewport: { width: 390, height: 844 } } }] : []),
  ],
  use: {
    // A clock of 24 hours.
    locale: 'en-GB',
    // What a test answers in place of the server would not be asked for through one. The tests of it allow it.
    serviceWorkers: 'block',
    // Nothing moves: no test waits for an animation.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: CHROMIUM_ARGS,
    },
  },
});
