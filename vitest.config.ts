import react from '@vitejs/plugin-react';
import { defaultClientConditions, defaultServerConditions } from 'vite';
import { defineConfig } from 'vitest/config';

/**
 * The API on a PostgreSQL server too, if the tests have one. By day: what depends on the engine, and every writing
 * route. At night: all but the tests of the embedded engine.
 */
const ON_POSTGRES = [
  ...['api', 'tub', 'devices/devices', 'householdFile/acceptedWrites'],
  ...['database/serverDatabase', 'database/staging', 'wash/join'],
  ...(process.env.FEVERFEW_NIGHTLY
    ? ['course', 'householdFile/bounds', 'linenBook/*', 'seed/*', 'test/householdFixture']
    : []),
].map((name) => `apps/server/src/${name}.test.ts`);

/** A busy machine takes its time: what is waited for may come late, but it has to come. */
const expectLate = { poll: { timeout: 30_000 } };
const source = { conditions: ['@feverfew/source', ...defaultServerConditions] };

export default defineConfig({
  test: {
    // On two cores Vitest would take one of them.
    maxWorkers: '100%',
    projects: [
      {
        resolve: source,
        ssr: { resolve: source },
        test: {
          name: 'packages',
          isolate: false,
          include: ['packages/*/src/**/*.test.ts'],
          setupFiles: ['packages/core/src/test/propertyRuns.ts'],
          environment: 'node',
          testTimeout: 360_000,
          expect: expectLate,
        },
      },
      {
        resolve: source,
        ssr: { resolve: source },
        oxc: { decorator: { legacy: true, emitDecoratorMetadata: true } },
        test: {
          name: 'server',
          isolate: false,
          include: process.env.FEVERFEW_POSTGRES ? ON_POSTGRES : ['apps/server/src/**/*.test.ts'],
          environment: 'node',
          testTimeout: 360_000,
          expect: expectLate,
          hookTimeout: 360_000,
          globalSetup: ['apps/server/src/test/makeTemplate.ts'],
        },
      },
      {
        plugins: [react()],
        resolve: { conditions: ['@feverfew/source', ...defaultClientConditions] },
        test: {
          name: 'web',
          // One realm for all files: loading the interface for each took four fifths of the time.
          isolate: false,
          unstubGlobals: true,
          restoreMocks: true,
          include: ['apps/web/src/**/*.test.{ts,tsx}'],
          setupFiles: ['apps/web/src/test/language.ts'],
          environment: 'jsdom',
          testTimeout: 360_000,
          expect: expectLate,
        },
      },
    ],
  },
});
