import fc from 'fast-check';
import { expect, it } from 'vitest';
import { tries } from '../../../../scripts/lib/how-often';
import { addDays, formatDay } from '../../calendar/day';
import { DEFAULT_SETTINGS } from '../../settings/settings';
import type { CheckChangeFact } from '../facts';
import { anySettings, COLONIES, dayIn, START, season, statesOf } from './testing';

it('any season comes to an end under any settings, with a date or a time to be left shut', () => {
  fc.assert(
    fc.property(season, dayIn(5), anySettings, (made, today, settings) => {
      for (const { schedule } of statesOf(made, today, null, settings))
        for (const { window } of schedule.checks) expect(window.earliest <= window.latest).toBe(true);
    }),
    { numRuns: tries(1000), seed: 20270516 },
  );
});

it('what was moved far ahead asks when the year ends, which where swarms come in all months it never does', () => {
  const settings = { ...DEFAULT_SETTINGS, swarmMonths: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12] };
  let moved = 0;
  for (const made of fc.sample(season, { numRuns: tries(150), seed: 20270517 })) {
    const today = addDays(START, 20);
    const changes = statesOf(made, today, null, settings).flatMap(({ schedule }, c) =>
      schedule.checks.map(({ key }, i): CheckChangeFact & { readonly colonyId: string } => {
        const at = { at: `${formatDay(today)}T12:00`, on: today };
        return {
          id: `far-${key}-${i}`,
          colonyId: COLONIES[c] as string,
          key,
          ...at,
          kind: 'moved',
          to: addDays(today, 60),
          reason: '',
        };
      }),
    );
    const far = { ...made, shared: { ...made.shared, changes: [...made.shared.changes, ...changes] } };
    for (const { schedule } of statesOf(far, today, null, settings))
      moved += schedule.checks.filter(({ plannedFor }) => plannedFor === addDays(today, 60)).length;
  }
  expect(moved).toBeGreaterThan(20);
});
