import { z } from 'zod';
import { type Day, formatDay, parseDay } from '../calendar/day';
import { say } from '../problems/says';

/** A day written `YYYY-MM-DD`; the parsed value is a {@link Day}. */
export const dayField = z.string().transform((text, context): Day => {
  const parsed = parseDay(text);
  if (parsed !== null) return parsed;
  context.issues.push({
    code: 'custom',
    input: text,
    params: { issue: 'not-a-date', says: say('not-a-day', { text: text.slice(0, 40) }) },
  });
  return z.NEVER;
});

/** The same, kept as text. */
export const isoDayField = dayField.transform((day) => formatDay(day));

const MINUTE = /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):[0-5]\d$/;

/** A local minute written `YYYY-MM-DDTHH:mm`, kept as text. */
export const minuteField = z.string().refine(
  (text) => {
    const match = MINUTE.exec(text);
    return match?.[1] !== undefined && parseDay(match[1]) !== null;
  },
  {
    params: { issue: 'not-a-date', says: say('not-a-time') },
    // What else is asked of a minute is asked of one.
    abort: true,
  },
);
