import { defaultServerConditions } from 'vite';
import { defineConfig } from 'vitest/config';

const source = { conditions: ['@feverfew/source', ...defaultServerConditions] };

/** The tests of one room of the core, for mutation testing. `MUTATED_ROOM` names it. */
export default defineConfig({
  resolve: source,
  ssr: { resolve: source },
  test: {
    include: [`packages/core/src/${process.env.MUTATED_ROOM}/**/*.test.ts`],
    setupFiles: ['packages/core/src/test/propertyRuns.ts'],
    environment: 'node',
    testTimeout: 60_000,
  },
});
