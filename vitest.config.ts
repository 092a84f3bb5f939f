import react from '@vitejs/plugin-react';
import { defaultClientConditions, defaultServerConditions } from 'vite';
import { defineConfig } from 'vitest/config';

const source = { conditions: ['@feverfew/source', ...defaultServerConditions] };

export default defineConfig({
  test: {
    projects: [
      {
        resolve: source,
        ssr: { resolve: source },
        test: {
          name: 'packages',
          include: ['packages/*/src/**/*.test.ts'],
          setupFiles: ['packages/core/src/test/propertyRuns.ts'],
          environment: 'node',
          testTimeout: 30_000,
        },
      },
      {
        resolve: source,
        ssr: { resolve: source },
        oxc: { decorator: { legacy: true, emitDecoratorMetadata: true } },
        test: {
          name: 'server',
          include: ['apps/server/src/**/*.test.ts'],
          environment: 'node',
          testTimeout: 30_000,
          hookTimeout: 120_000,
          globalSetup: ['apps/server/src/test/makeTemplate.ts'],
        },
      },
      {
        plugins: [react()],
        resolve: { conditions: ['@feverfew/source', ...defaultClientConditions] },
        test: {
          name: 'web',
          include: ['apps/web/src/**/*.test.{ts,tsx}'],
          environment: 'jsdom',
          testTimeout: 30_000,
        },
      },
    ],
  },
});
