import react from '@vitejs/plugin-react';
import { resolve } from 'node:path';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  root: import.meta.dirname,
  publicDir: 'public',
  cacheDir: resolve(import.meta.dirname, '../var/vite'),
  plugins: [react()],
  build: {
    outDir: resolve(import.meta.dirname, '../public/build'),
    emptyOutDir: true,
    manifest: true,
    chunkSizeWarningLimit: 900,
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8080', '/sanctum': 'http://127.0.0.1:8080' } },
  test: { environment: 'jsdom', include: ['src/**/*.test.{ts,tsx}'] },
});
