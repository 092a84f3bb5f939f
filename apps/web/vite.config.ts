import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  plugins: [
    react(),
    // Pages kept on a device (`app/newer`): all of them, so that the look-up opens without a line too. A newer set waits.
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Feverfew',
        short_name: 'Feverfew',
        description: 'Which agent, how strong, how warm, how long, for the textiles of a house.',
        start_url: '/',
        display: 'standalone',
        background_color: '#f6f5ee',
        theme_color: '#f6f5ee',
        icons: [
          { src: '/feverfew-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/feverfew-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/feverfew-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
          { src: '/feverfew.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,png}'],
        globIgnores: ['calls.js'],
        importScripts: ['/calls.js'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api/],
        cleanupOutdatedCaches: true,
      },
    }),
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
            // Questions every first page asks, with its words and times, in one piece: many small ones cost a kilobyte of headers each. Nothing in
            // them runs when it is loaded, so that it does not matter which piece comes first.
            {
              name: 'asked',
              test: /web\/src\/(queries\/(householdQueries|todayQueries|catalogueQueries|pieceQueries|troubleQueries)|app\/useLexicon|clock\/(timerView|timeOfDay))\.ts/,
            },
            // The shapes that validate entered facts belong to the pages that read them; the first page does without.
            {
              name: 'shapes',
              test: /node_modules\/zod\/|packages\/contracts\/src\/(bounds|trouble|piece|uuid)\.ts|knowledge\/src\/schema\//,
            },
          ],
        },
      },
    },
  },
  // Asked under this page's own name, which is what the server goes by.
  server: { host: '127.0.0.1', proxy: { '/api': { target: 'http://127.0.0.1:4870', changeOrigin: false } } },
});
