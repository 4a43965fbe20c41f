import { z } from 'zod';
import { dayOfMinute, formatDay } from '../../core/calendar/day';
import { minuteField } from '../../core/facts/day-field';
import { scaleOf } from '../../core/scale/scale-of';
import { type IssueInWords, refusal } from '../../words/issues';
import { alike } from '../alike';
import { command } from '../command';
import { writeDay } from '../write';

const input = z.strictObject({
  readings: z
    .array(z.strictObject({ at: minuteField, kg: z.number().min(0).max(500) }))
    .min(1)
    .max(200_000),
  visits: z.array(z.strictObject({ from: minuteField, to: minuteField })).default([]),
});

const inKg = (hundredths: number) => hundredths / 100;

/** What came in by the hive scale, apart from what was put on or taken off, and whether a swarm may have left. */
export const scaleCommand = command({
  input,
  pastDays: ({ readings }) => readings.map(({ at }, i) => ({ path: ['readings', i, 'at'], day: dayOfMinute(at) })),
  run: ({ readings, visits }, on) => {
    const issues = [
      ...alike(
        readings.map(({ at }) => at),
        (i) => ['readings', i, 'at'],
        'has two readings; keep one of the two',
      ),
      ...visits.flatMap(({ from, to }, i): IssueInWords[] => {
        const message = 'must not lie before `from`; swap the two minutes';
        return to < from ? [{ path: ['visits', i, 'to'], code: 'contradiction', message }] : [];
      }),
    ];
    if (issues.length > 0) return refusal(...issues);
    const { days, steps, visits: found, possibleSwarms, flow } = scaleOf(readings, visits, on);
    return {
      ok: true,
      value: {
        days: days.map(({ on, gain }) => ({ on: formatDay(on), gainKg: gain === null ? null : inKg(gain) })),
        steps: steps.map(({ at, by }) => ({ at, kg: inKg(by) })),
        visits: found.map(({ from, by }) => ({ from, kg: inKg(by) })),
        possibleSwarms: possibleSwarms.map(({ at, by, returned }) => ({ at, kg: inKg(by), returned })),
        flow: flow.map(({ from, to, strong }) => ({ from: formatDay(from), to: writeDay(to), strong })),
      },
    };
  },
});
