import { type Day, dayOfMinute, daysBetween, yearOf } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';

const MS_PER_DAY = 86_400_000;
const format = (options: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat('en-GB', { ...options, timeZone: 'UTC' });

const DAY_MONTH = format({ day: 'numeric', month: 'short' });
const WEEKDAY = format({ weekday: 'short' });
const MONTH = format({ month: 'short' });
const DATE = format({ day: 'numeric' });

/** Formatting a date takes as long as reckoning a cell, and the same few hundred days come again and again. */
const KNOWN = new Map<Day, string>();

/** `10 May`, and `10 May 2026` when `inYear` is given and is another year. */
export function dayWords(day: Day, inYear?: number): string {
  let words = KNOWN.get(day);
  if (words === undefined) {
    words = DAY_MONTH.format(day * MS_PER_DAY).replace('Sept', 'Sep');
    KNOWN.set(day, words);
  }
  return inYear !== undefined && inYear !== yearOf(day) ? `${words} ${yearOf(day)}` : words;
}

/** `Thu 20 May`. */
export function weekdayWords(day: Day): string {
  return `${WEEKDAY.format(day * MS_PER_DAY)} ${dayWords(day)}`;
}

/** `Thu 20 May, 15:30` of a local minute `YYYY-MM-DDTHH:mm`. */
export function minuteWords(minute: string): string {
  return `${weekdayWords(dayOfMinute(minute))}, ${minute.slice(11, 16)}`;
}

/** `Thu 20 May 2027, 15:30`: where the year is what is wrong. */
export function minuteInYearWords(minute: string): string {
  return `${weekdayWords(dayOfMinute(minute))} ${minute.slice(0, 4)}, ${minute.slice(11, 16)}`;
}

/** How far off a day is: `today`, `tomorrow`, `yesterday`, `in 3 days`, `4 days ago`. */
export function distanceWords(day: Day, today: Day): string {
  const days = daysBetween(today, day);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}

/** `3 to 5 May`, `30 Apr to 2 May`, or the one day when both ends are the same. */
export function rangeWords({ from, to }: DayRange): string {
  if (from === to) return dayWords(from);
  const sameMonth = MONTH.format(from * MS_PER_DAY) === MONTH.format(to * MS_PER_DAY) && yearOf(from) === yearOf(to);
  const start = sameMonth ? DATE.format(from * MS_PER_DAY) : dayWords(from);
  return `${start} to ${dayWords(to)}`;
}

/** `May`, of 5. */
export const monthName = (month: number): string => MONTH.format(Date.UTC(2001, month - 1, 1)).replace('Sept', 'Sep');

const LONG_WEEKDAY = format({ weekday: 'long' });
/** A Sunday. */
const A_SUNDAY_MS = 3 * MS_PER_DAY;

/** `Thursday`, of 4; 0 is Sunday. */
export const weekdayName = (weekday: number): string => LONG_WEEKDAY.format(A_SUNDAY_MS + weekday * MS_PER_DAY);
