import { fileURLToPath } from 'node:url';
import { configDefaults, defineConfig } from 'vitest/config';

/** Tests that need a spreadsheet program on this machine run by themselves: `npm run test:office`. */
const OFFICE = 'src/**/*.office.test.ts';
const isOffice = process.env.UBBET_OFFICE === '1';

export default defineConfig({
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      'server-only': fileURLToPath(new URL('./scripts/lib/empty.mjs', import.meta.url)),
    },
  },
  test: {
    include: isOffice ? [OFFICE] : ['src/**/*.test.ts', 'src/**/*.test.tsx', 'scripts/**/*.test.ts'],
    exclude: isOffice ? configDefaults.exclude : [...configDefaults.exclude, OFFICE],
    environment: 'node',
    // Properties walk hundreds of hives and seasons, and machines are slow at times.
    testTimeout: 30_000,
    setupFiles: ['scripts/lib/said-as-words.ts'],
  },
});
