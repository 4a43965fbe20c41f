import { type Day, dayAt, formatDay, parseDay } from '../calendar/day';

/** A day that comes every year, `MM-DD`. The 29th of February is the 28th in years without one. */
export type MonthDay = string & { readonly __monthDay?: never };

/** A stretch of days that comes every year, both included; it may run over the end of the year. */
export interface YearSpan {
  readonly from: MonthDay;
  readonly to: MonthDay;
}

/** In a leap year, so that every day of any year has its place. */
const ANY_LEAP_YEAR = 2024;
export const YEAR_DAYS = 366;
const FIRST_OF_LEAP = parseDay(`${ANY_LEAP_YEAR}-01-01`) as Day;

/** Whether a text names a day that comes every year. */
export const isMonthDay = (text: string): text is MonthDay =>
  /^\d{2}-\d{2}$/.test(text) && parseDay(`${ANY_LEAP_YEAR}-${text}`) !== null;

export const monthDayOf = (day: Day): MonthDay => formatDay(day).slice(5);

/** Its place in a year of 366 days, 0 to 365. */
export const placeInYear = (monthDay: MonthDay): number =>
  (parseDay(`${ANY_LEAP_YEAR}-${monthDay}`) as Day) - FIRST_OF_LEAP;

/** The day of the year that has this place. @param place any whole number: it goes round */
export const atPlace = (place: number): MonthDay =>
  monthDayOf((FIRST_OF_LEAP + (((place % YEAR_DAYS) + YEAR_DAYS) % YEAR_DAYS)) as Day);

/** @example `onYear('02-29', 2027)` is 28 February 2027 */
export function onYear(monthDay: MonthDay, year: number): Day {
  const [month, date] = monthDay.split('-').map(Number) as [number, number];
  const on = dayAt(year, month, date);
  return monthDayOf(on) === monthDay ? on : dayAt(year, 2, 28);
}

/** Whether a place of the year lies in a stretch of days. */
export function isInSpan(place: number, { from, to }: YearSpan): boolean {
  const [first, last] = [placeInYear(from), placeInYear(to)];
  return first <= last ? first <= place && place <= last : place >= first || place <= last;
}
