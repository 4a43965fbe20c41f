import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      'server-only': fileURLToPath(new URL('./scripts/lib/empty.mjs', import.meta.url)),
    },
  },
  test: {
    include: ['src/**/*.test.ts', 'src/**/*.test.tsx', 'scripts/**/*.test.ts'],
    environment: 'node',
    // Properties walk hundreds of hives and seasons, and machines are slow at times.
    testTimeout: 30_000,
    setupFiles: ['scripts/lib/said-as-words.ts'],
  },
});
