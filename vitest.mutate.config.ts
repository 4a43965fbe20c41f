import { defineConfig, mergeConfig } from 'vitest/config';
import base, { SHARED } from './vitest.base.ts';

/**
 * The tests that judge a changed line of the core: its own and those of the pages' models. The invariants of random seasons are left
 * out: nearly every line of the core has part in them, so that they would be walked for each change, and make minutes into hours. What
 * some seasons come to is held to the day, and stays in. So are what plays cases and what counts its draws, which brief properties cannot.
 */
export default mergeConfig(
  base,
  defineConfig({
    test: {
      ...SHARED,
      setupFiles: ['scripts/lib/brief-properties.ts'],
      exclude: [
        ...SHARED.exclude,
        'src/core/programmes/seasons/{invariants,preview}.test.ts',
        'src/core/space/proposals/**',
        'src/core/{practice,cases}/**',
        'src/core/{choices/asked-of,season-plan/intentions}.test.ts',
        'src/{app,cli,db,demo,gate,server,ui}/**',
        'scripts/**',
      ],
    },
  }),
);
