import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';

export default defineConfig({
  plugins: [
    react(),
    // Pressed hard once, where it is built, and not with every visit.
    compression({
      include: /\.(js|css|svg)$/,
      threshold: 1000,
      algorithms: [defineAlgorithm('gzip', { level: 9 }), 'brotliCompress'],
    }),
  ],
  resolve: { conditions: ['@feverfew/source', ...defaultClientConditions] },
  build: {
    target: 'es2022',
    sourcemap: false,
    rolldownOptions: {
      output: {
        codeSplitting: {
          includeDependenciesRecursively: false,
          groups: [
            // Shapes that check what is told are for the pages that read it: a first page does without them.
            {
              name: 'shapes',
              test: /node_modules\/zod\/|packages\/contracts\/src\/(bounds|trouble|piece)\.ts|knowledge\/src\/schema\//,
            },
          ],
        },
      },
    },
  },
  // Asked under this page's own name, which is what the server goes by.
  server: { host: '127.0.0.1', proxy: { '/api': { target: 'http://127.0.0.1:4870', changeOrigin: false } } },
});
