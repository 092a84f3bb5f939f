import { defaultServerConditions } from 'vite';
import { defineConfig } from 'vitest/config';

const source = { conditions: ['@feverfew/source', ...defaultServerConditions] };

export default defineConfig({
  test: {
    projects: [
      {
        resolve: source,
        ssr: { resolve: source },
        test: { name: 'packages', include: ['packages/*/src/**/*.test.ts'], environment: 'node' },
      },
    ],
  },
});
