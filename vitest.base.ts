import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { configDefaults, defineConfig } from 'vitest/config';

/** Tests that need a spreadsheet program on this machine run by themselves: `npm run test:office`. */
export const OFFICE = 'src/**/*.office.test.ts';
/** Tests that put other modules in the place of ours: their modules are their own. All others share theirs, which saves loading them. */
export const APART = 'src/**/*.apart.test.{ts,tsx}';

export const SHARED = {
  include: ['src/**/*.test.ts', 'src/**/*.test.tsx', 'scripts/**/*.test.ts'],
  exclude: [...configDefaults.exclude, OFFICE, APART],
  isolate: false,
};

export default defineConfig({
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      'server-only': fileURLToPath(new URL('./scripts/lib/empty.mjs', import.meta.url)),
    },
  },
  test: {
    environment: 'node',
    pool: 'forks',
    maxWorkers: availableParallelism(),
    // A machine that is four times as slow is no fault of the application.
    testTimeout: 120_000,
    hookTimeout: 120_000,
    setupFiles: ['scripts/lib/said-as-words.ts'],
  },
});
