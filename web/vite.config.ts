import { lingui } from '@lingui/vite-plugin';
import babel from '@rolldown/plugin-babel';
import react from '@vitejs/plugin-react';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
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
