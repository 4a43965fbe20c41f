import { z } from 'zod';
import { say } from '../problems/says';
import { YEAR_SPANS } from '../year/apiary-year';
import { isMonthDay } from '../year/month-day';
import { LIMITS } from './limits';

/** A day that comes every year, `MM-DD`. */
export const monthDayField = z
  .string()
  .refine(isMonthDay, { params: { issue: 'not-a-date', says: say('not-a-time-of-year') } });

/** The days of an apiary's year. What is not noted is not there. */
export const apiaryYearField = z.strictObject({
  starts: z
    .strictObject({
      'build-up': monthDayField.optional(),
      drones: monthDayField.optional(),
      winter: monthDayField.optional(),
    })
    .readonly(),
  spans: z
    .array(z.strictObject({ kind: z.enum(YEAR_SPANS), from: monthDayField, to: monthDayField }))
    .max(LIMITS.yearSpans)
    .readonly(),
});
