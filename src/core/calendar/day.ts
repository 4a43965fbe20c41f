declare const dayBrand: unique symbol;

/**
 * A calendar day without a clock or a time zone, held as whole days since 1970-01-01.
 * Made by {@link parseDay} or {@link addDays}; written back by {@link formatDay}.
 */
export type Day = number & { readonly [dayBrand]: true };

const MS_PER_DAY = 86_400_000;
const ISO_DAY = /^(\d{4})-(\d{2})-(\d{2})$/;

/** The years that a date may lie in; anything outside is taken for a slip of the pen. */
export const FIRST_YEAR = 1900;
export const LAST_YEAR = 2199;

/**
 * Reads `YYYY-MM-DD`. Null when the text has another shape, names a day that does not exist
 * (`2027-02-29`) or lies outside {@link FIRST_YEAR}..{@link LAST_YEAR}, both inclusive.
 *
 * @example parseDay('2028-02-29') // a day; parseDay('2027-02-29') is null
 */
export function parseDay(text: string): Day | null {
  const match = ISO_DAY.exec(text);
  if (!match) return null;
  const [year, month, date] = [Number(match[1]), Number(match[2]), Number(match[3])];
  if (year < FIRST_YEAR || year > LAST_YEAR) return null;
  const ms = Date.UTC(year, month - 1, date);
  const back = new Date(ms);
  if (back.getUTCMonth() !== month - 1 || back.getUTCDate() !== date) return null;
  return (ms / MS_PER_DAY) as Day;
}

/**
 * The day that is so many months and days into a year, which may lie a little outside the years that are entered: what is reckoned from a day
 * at their edge does.
 *
 * @example dayAt(2027, 2, 29) is 1 March 2027
 */
export const dayAt = (year: number, month: number, date: number): Day =>
  (Date.UTC(year, month - 1, date) / MS_PER_DAY) as Day;

/** Like {@link parseDay}, for text that is known to be a day: throws on anything else. */
export function day(text: string): Day {
  const parsed = parseDay(text);
  if (parsed === null) throw new Error(`Not a calendar day: ${JSON.stringify(text)}`);
  return parsed;
}

/** What a day is called, kept for each day that was asked for: every page asks for the same few hundred thousands of times. */
const NAMED = new Map<
  Day,
  { readonly written: string; readonly year: number; readonly month: number; readonly date: number }
>();

function named(value: Day) {
  const known = NAMED.get(value);
  if (known) return known;
  const at = new Date(value * MS_PER_DAY);
  const name = {
    written: at.toISOString().slice(0, 10),
    year: at.getUTCFullYear(),
    month: at.getUTCMonth() + 1,
    date: at.getUTCDate(),
  };
  NAMED.set(value, name);
  return name;
}

/** Writes a day as `YYYY-MM-DD`. */
export const formatDay = (value: Day): string => named(value).written;

/** The day `count` whole days later; a negative count goes back. */
export function addDays(value: Day, count: number): Day {
  if (!Number.isInteger(count)) throw new Error(`Not a whole number of days: ${count}`);
  return (value + count) as Day;
}

/** Whole days from `earlier` to `later`; negative when they are the other way round. */
export function daysBetween(earlier: Day, later: Day): number {
  return later - earlier;
}

export function earliestOf(first: Day, ...rest: Day[]): Day {
  return Math.min(first, ...rest) as Day;
}

export function latestOf(first: Day, ...rest: Day[]): Day {
  return Math.max(first, ...rest) as Day;
}

/** 0 is Sunday, 6 is Saturday. */
export function dayOfWeek(value: Day): number {
  return (((value + 4) % 7) + 7) % 7;
}

/** Month 1..12 and day of the month 1..31. */
export function monthAndDate(value: Day): { readonly month: number; readonly date: number } {
  const { month, date } = named(value);
  return { month, date };
}

export const yearOf = (value: Day): number => named(value).year;

/** The day of the local minute `YYYY-MM-DDTHH:mm`. */
export function dayOfMinute(minute: string): Day {
  return day(minute.slice(0, 10));
}
