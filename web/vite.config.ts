import { lingui } from '@lingui/vite-plugin';
import babel from '@rolldown/plugin-babel';
import react from '@vitejs/plugin-react';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vitest/config';

const { version } = JSON.parse(readFileSync(resolve(import.meta.dirname, '../package.json'), 'utf8')) as {
  version: string;
};

export default defineConfig({
  define: { __VERSION__: JSON.stringify(version) },
  root: import.meta.dirname,
  publicDir: 'public',
  cacheDir: resolve(import.meta.dirname, '../var/vite'),
  plugins: [
    react(),
    lingui(),
    babel({
      plugins: [['@lingui/babel-plugin-lingui-macro', { stripMessageField: false }]],
      include: /web\/src\/.*\.tsx?$/,
    }),
    // The booth has no network in every corner: the pages come from the tablet, answers from the shop computer first.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: false,
      includeAssets: ['icon.svg'],
      manifest: {
        name: 'Kalopsis',
        short_name: 'Kalopsis',
        description: 'Plans invisible paint repairs and leads them through the booth.',
        display: 'standalone',
        start_url: '/',
        background_color: '#1a1a1a',
        theme_color: '#1a1a1a',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        globIgnores: ['**/pseudo-*'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/(api|sanctum|up)(\/|$)/],
        runtimeCaching: [
          {
            // Who is signed in, and what a run was begun from: enough to go on after a reload without a network.
            urlPattern: /\/api\/(session|jobs\/[0-9a-f-]+\/runs\/[0-9a-f-]+)$/,
            handler: 'NetworkFirst',
            method: 'GET',
            options: {
              cacheName: 'kalopsis-run',
              networkTimeoutSeconds: 4,
              expiration: { maxEntries: 40 },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      },
    }),
  ],
  build: {
    outDir: resolve(import.meta.dirname, '../public/build'),
    emptyOutDir: true,
    manifest: true,
    chunkSizeWarningLimit: 900,
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8080', '/sanctum': 'http://127.0.0.1:8080' } },
  test: { environment: 'jsdom', setupFiles: ['src/language/testing.ts'], include: ['src/**/*.test.{ts,tsx}'] },
});
