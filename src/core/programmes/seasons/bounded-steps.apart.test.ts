import fc from 'fast-check';
import { expect, it, vi } from 'vitest';
import { isLong, tries } from '../../../../scripts/lib/how-often';
import { anySettings, dayIn, season, statesOf } from './testing';

/** Days that were stepped to. */
const count = vi.hoisted(() => ({ days: 0 }));
vi.mock('../../calendar/day', async (original) => {
  const real = await original<typeof import('../../calendar/day')>();
  const counted: typeof real.addDays = (...of) => {
    count.days += 1;
    return real.addDays(...of);
  };
  return { ...real, addDays: counted };
});

/**
 * Days that a colony of such a season steps to at most: of twenty thousand seasons the longest took 1,349. A loop that looks for a day that
 * may not be there has no bound.
 */
const STEPS_AT_MOST = 10_000;

it('no season under any legal settings takes more than a bounded number of steps, whatever the day', () => {
  let most = 0;
  fc.assert(
    fc.property(season, dayIn(5), anySettings, (made, today, settings) => {
      count.days = 0;
      statesOf(made, today, null, settings);
      most = Math.max(most, count.days);
      expect(count.days).toBeLessThan(STEPS_AT_MOST);
    }),
    { numRuns: isLong ? 20_000 : tries(2_000), seed: 20270518 },
  );
  // It counts something.
  expect(most).toBeGreaterThan(100);
  if (isLong) process.stdout.write(`the longest took ${most} steps\n`);
});
