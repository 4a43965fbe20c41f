import { z } from 'zod';
import { dayOfMinute, formatDay } from '../../core/calendar/day';
import { hourText } from '../../core/calendar/minute';
import { dayField, minuteField } from '../../core/facts/day-field';
import { weatherOf } from '../../core/weather/weather-of';
import { type IssueInWords, refusal } from '../../words/issues';
import { alike } from '../alike';
import { command } from '../command';

const input = z.strictObject({
  hours: z
    .array(
      z.strictObject({
        at: minuteField,
        tempC: z.number().min(-50).max(60),
        rainMm: z.number().min(0).max(200),
        windMs: z.number().min(0).max(80),
      }),
    )
    .min(1)
    .max(10_000),
  virgins: z.array(z.strictObject({ id: z.string(), flightsFrom: dayField })).default([]),
  asOf: minuteField,
});

/** On which days hives can be opened, how cold the nights are, when virgins fly and swarms leave. */
export const weatherCommand = command({
  input,
  takesDay: false,
  pastDays: () => [],
  run: ({ hours, virgins, asOf }) => {
    const issues = [
      ...hours.flatMap(({ at }, i): IssueInWords[] => {
        const message = `${at} is not on the full hour; an hour begins at ${at.slice(0, 13)}:00`;
        return at.endsWith(':00') ? [] : [{ path: ['hours', i, 'at'], code: 'out-of-range', message }];
      }),
      ...alike(
        hours.map(({ at }) => at),
        (i) => ['hours', i, 'at'],
        'is given twice; keep one of the two',
      ),
    ];
    if (issues.length > 0) return refusal(...issues);
    const { days, swarmWeather, nextNights: _, ...weather } = weatherOf(hours, virgins, dayOfMinute(asOf));
    return {
      ok: true,
      value: {
        days: days.map(({ on, open, ...day }) => ({
          on: formatDay(on),
          ...day,
          open: open.map(({ from, to }) => ({ from: hourText(from), to: hourText(to) })),
        })),
        ...weather,
        swarmWeather: swarmWeather.map(formatDay),
      },
    };
  },
});
