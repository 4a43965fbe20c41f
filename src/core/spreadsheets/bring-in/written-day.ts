import { addDays, type Day, day, parseDay } from '../../calendar/day';
import { clockText, MINUTES_A_DAY } from '../../calendar/minute';
import { readMinute } from '../../calendar/read-minute';

export const DAY_ORDERS = ['dmy', 'mdy'] as const;
/** Whether `5/10` is 5 October (`dmy`) or 10 May (`mdy`). */
export type DayOrder = (typeof DAY_ORDERS)[number];

/** What the days of a column do not say themselves; null: not said. */
export interface DaysWritten {
  readonly order: DayOrder | null;
  readonly year: number | null;
}

/** A day as it was read, and the time of day, `HH:mm`, where one stands with it. */
export interface ReadDay {
  readonly on: Day;
  readonly time: string | null;
}

/** Why a day was not read: it is none, or it could be two, has no year, or names a time zone and it is not known in which one the keeper is. */
export type DayUnread = 'no-day' | 'no-order' | 'no-year' | 'no-zone';

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const WEEKDAY = /^(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*[.,]?\s+/;
const TIME = /^(\d{1,2})(?:[:.h](\d{2}))?(?::\d{2}(?:\.\d+)?)?\s*(am|pm)?$/;
const TIME_BEHIND = /(?:t|,?\s)\s*(\d{1,2}(?:[:.h]\d{2})(?::\d{2}(?:\.\d+)?)?\s*(?:am|pm)?|\d{1,2}\s*(?:am|pm))$/;
const ISO = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/;
const NUMBERS = /^(\d{1,2})[-/. ]\s?(\d{1,2})(?:[-/. ]\s?(\d{4}|\d{2}))?\.?$/;
/** Spreadsheet programs count days; five digits are the years 1927 to 2173. */
const COUNTED = /^(\d{5})(?:[.,](\d+))?$/;
/** 1 January 1970, as they count. */
const EPOCH_COUNTED = 25_569;
const EPOCH = day('1970-01-01');
/** Nobody's bees were written down in a spreadsheet with two digits before that. */
const CENTURY = 2000;

/**
 * A time of day as people write it.
 *
 * @returns `HH:mm`, or null
 * @example `2.30 pm` is 14:30, `9h05` is 09:05, `12 am` is 00:00; `14` alone is none
 */
export function readTime(text: string): string | null {
  const match = TIME.exec(text.trim().toLowerCase());
  if (!match || (match[2] === undefined && match[3] === undefined)) return null;
  const [, hours, minutes = '00', half] = match;
  const hour = Number(hours);
  if (half !== undefined && (hour < 1 || hour > 12)) return null;
  const ofDay = half === undefined ? hour : (hour % 12) + (half === 'pm' ? 12 : 0);
  return ofDay < 24 && Number(minutes) < 60 ? clockText(ofDay * 60 + Number(minutes)) : null;
}

/**
 * A day as people and spreadsheet programs write it: `2027-05-16`, `16/5/27`, `16.5.2027`, `16 May`, `Sun, May 16 2027`, `46523`; a time of
 * day may stand behind it.
 *
 * @example `5/10/2027` is `no-order` where the column does not say which comes first; `31/5/2027` is 31 May under either order but one
 */
export function readWrittenDay(text: string, written: DaysWritten, zone: string | null): ReadDay | DayUnread {
  const exact = readMinute(text, zone);
  if (exact === 'no-zone') return exact;
  const on = exact === null ? null : parseDay(exact.slice(0, 10));
  if (exact !== null && on !== null) return { on, time: readTime(exact.slice(11)) };
  const plain = text.trim().toLowerCase().replace(WEEKDAY, '');
  const behind = TIME_BEHIND.exec(plain);
  const time = behind ? readTime(behind[1] as string) : null;
  if (behind && time !== null) {
    const before = dayOf(plain.slice(0, behind.index).trim(), written);
    if (before !== 'no-day') return typeof before === 'string' ? before : { on: before, time };
  }
  const counted = COUNTED.exec(plain);
  if (counted) return ofCount(Number(counted[1]), counted[2]);
  const alone = dayOf(plain, written);
  return typeof alone === 'string' ? alone : { on: alone, time: null };
}

function ofCount(days: number, part: string | undefined): ReadDay {
  const minutes = part === undefined ? 0 : Math.round(Number(`0.${part}`) * MINUTES_A_DAY);
  return {
    on: addDays(EPOCH, days - EPOCH_COUNTED + Math.floor(minutes / MINUTES_A_DAY)),
    time: part === undefined ? null : clockText(minutes % MINUTES_A_DAY),
  };
}

const two = (n: number) => String(n).padStart(2, '0');
const dayFrom = (year: number, month: number, date: number): Day | 'no-day' =>
  parseDay(`${year}-${two(month)}-${two(date)}`) ?? 'no-day';
const yearFrom = (digits: string) => (digits.length === 2 ? CENTURY + Number(digits) : Number(digits));

function dayOf(text: string, { order, year }: DaysWritten): Day | DayUnread {
  const iso = ISO.exec(text);
  if (iso) return dayFrom(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const numbers = NUMBERS.exec(text);
  if (!numbers) return ofWords(text, year);
  const inYear = numbers[3] === undefined ? year : yearFrom(numbers[3]);
  if (inYear === null) return 'no-year';
  const [first, second] = [Number(numbers[1]), Number(numbers[2])];
  if (order === null && first !== second && Math.max(first, second) <= MONTHS.length) return 'no-order';
  const isDayFirst = order === 'dmy' || (order === null && second <= MONTHS.length);
  return isDayFirst ? dayFrom(inYear, second, first) : dayFrom(inYear, first, second);
}

/** `16 May 2027`, `may 16`, `16-may-27`. */
function ofWords(text: string, year: number | null): Day | DayUnread {
  const words = text.split(/[\s\-/.,']+/).filter((word) => word !== '');
  const isMonth = (word: string) => MONTHS.findIndex((month) => word.startsWith(month));
  const months = words.filter((word) => isMonth(word) >= 0);
  const numbers = words.filter((word) => /^\d{1,4}(st|nd|rd|th)?$/.test(word)).map((word) => word.replace(/\D+$/, ''));
  const [date = '', said] = numbers;
  if (months.length !== 1 || words.length !== 1 + numbers.length || date === '' || date.length > 2) return 'no-day';
  if (numbers.length > 2 || (said !== undefined && said.length !== 2 && said.length !== 4)) return 'no-day';
  const inYear = said === undefined ? year : yearFrom(said);
  return inYear === null ? 'no-year' : dayFrom(inYear, isMonth(months[0] as string) + 1, Number(date));
}

/** What the days of a column leave open. */
export interface DaysOfColumn {
  /** Cells that were looked at, and those of them that are a day under one order at least. */
  readonly cells: number;
  readonly days: number;
  /** Cells that are no day under an order. */
  readonly bad: { readonly [O in DayOrder]: number };
  /** Cells that are another day under the one order than under the other. */
  readonly differ: number;
  readonly withoutYear: number;
}

/** A leap year, in which every date of the calendar is. */
const ANY_YEAR = 2028;

/** Counts what a column of days leaves open. @param cells those that are not empty, each with how often it stands there */
export function daysOfColumn(cells: readonly { readonly text: string; readonly count: number }[]): DaysOfColumn {
  const found = { cells: 0, days: 0, bad: { dmy: 0, mdy: 0 }, differ: 0, withoutYear: 0 };
  for (const { text, count } of cells) {
    const [dmy, mdy] = DAY_ORDERS.map((order) => {
      const read = readWrittenDay(text, { order, year: ANY_YEAR }, 'UTC');
      return typeof read === 'object' ? read.on : null;
    });
    const inNoYear = readWrittenDay(text, { order: dmy === null ? 'mdy' : 'dmy', year: null }, 'UTC');
    found.cells += count;
    if (dmy === null) found.bad.dmy += count;
    if (mdy === null) found.bad.mdy += count;
    if (dmy !== null || mdy !== null) found.days += count;
    if (dmy !== null && mdy !== null && dmy !== mdy) found.differ += count;
    if (inNoYear === 'no-year') found.withoutYear += count;
  }
  return found;
}

/** The order that a column's own days decide for: the one under which fewer are none; null: it has to be asked. */
export function orderOf({ bad, differ }: DaysOfColumn): DayOrder | null {
  if (bad.dmy !== bad.mdy) return bad.dmy < bad.mdy ? 'dmy' : 'mdy';
  return differ > 0 ? null : 'dmy';
}
