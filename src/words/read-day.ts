import { addDays, type Day, daysBetween, formatDay, parseDay, yearOf } from '../core/calendar/day';
import { weekdayWords } from './days';

/** Days that may be meant, both included; absent: any. */
export interface DayBounds {
  readonly earliest?: Day | undefined;
  readonly latest?: Day | undefined;
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
/** 1 January 1970, day 0, was a Thursday. */
const WEEKDAYS = ['thu', 'fri', 'sat', 'sun', 'mon', 'tue', 'wed'];

const numberOf = (names: readonly string[], word: string | undefined): number =>
  word === undefined || word.length < 3 ? -1 : names.findIndex((name) => word.startsWith(name));

const isWithin = (day: Day, { earliest, latest }: DayBounds) =>
  (earliest === undefined || day >= earliest) && (latest === undefined || day <= latest);

/** The nearest of several days that may be meant, of those within bounds where there is one. */
function nearest(days: readonly Day[], today: Day, bounds: DayBounds): Day | null {
  const within = days.filter((day) => isWithin(day, bounds));
  const [first, ...others] = within.length > 0 ? within : days;
  if (first === undefined) return null;
  return others.reduce((best, day) => (Math.abs(day - today) < Math.abs(best - today) ? day : best), first);
}

const dayOf = (year: number, month: number, date: number): Day | null =>
  parseDay(`${year}-${String(month).padStart(2, '0')}-${String(date).padStart(2, '0')}`);

/**
 * A day as people write it: `15 May`, `May 15 2027`, `Sat 15 May`, `yesterday`, `3 days ago`, `in 2 days`, `sun`, `15`, or `2027-05-15`.
 * What could be several days is the nearest to today that is within bounds: in May `sun` is the last Sunday where nothing to come is
 * taken, and `15 Dec` that of last year. Null where it is no day, or could be read in two ways, as `5/10` could.
 */
export function readDay(text: string, today: Day, bounds: DayBounds = {}): Day | null {
  const words = text.trim().toLowerCase().replaceAll(/[,.]/g, ' ').split(/\s+/);
  const said = words.join(' ');
  const iso = parseDay(said);
  if (iso !== null) return iso;
  if (said === 'today') return today;
  if (said === 'yesterday') return addDays(today, -1);
  if (said === 'tomorrow') return addDays(today, 1);
  const ago = /^(\d{1,3}) days? ago$/.exec(said);
  if (ago) return addDays(today, -Number(ago[1]));
  const ahead = /^in (\d{1,3}) days?$/.exec(said);
  if (ahead) return addDays(today, Number(ahead[1]));
  const weekday = numberOf(WEEKDAYS, words[0]);
  if (weekday >= 0 && words.length === 1) {
    const back = addDays(today, -((((today - weekday) % 7) + 7) % 7));
    return nearest([back, addDays(back, 7), addDays(back, -7)], today, bounds);
  }
  return ofMonth(weekday >= 0 ? words.slice(1) : words, today, bounds);
}

function ofMonth(words: readonly string[], today: Day, bounds: DayBounds): Day | null {
  const dates = words.flatMap((word) => (/^\d{1,2}(st|nd|rd|th)?$/.test(word) ? [Number.parseInt(word, 10)] : []));
  const years = words.flatMap((word) => (/^\d{4}$/.test(word) ? [Number(word)] : []));
  const months = words.flatMap((word) => (numberOf(MONTHS, word) >= 0 ? [numberOf(MONTHS, word) + 1] : []));
  const [date, month, year] = [dates[0], months[0], years[0]];
  const isAll = dates.length + years.length + months.length === words.length;
  if (!isAll || date === undefined || dates.length > 1 || months.length > 1 || years.length > 1) return null;
  const thisYear = yearOf(today);
  if (month !== undefined) {
    const candidates = year === undefined ? [thisYear, thisYear - 1, thisYear + 1] : [year];
    return nearest(
      candidates.flatMap((one) => dayOf(one, month, date) ?? []),
      today,
      bounds,
    );
  }
  if (year !== undefined) return null;
  const present = Number(formatDay(today).slice(5, 7));
  const days = [present - 1, present, present + 1].flatMap(
    (one) => dayOf(thisYear + Math.floor((one - 1) / 12), ((one + 11) % 12) + 1, date) ?? [],
  );
  return nearest(days, today, bounds);
}

/** `Sat 15 May`, with the year where it is another than this: what {@link readDay} reads back as the same day. */
export const writtenDay = (day: Day, today: Day): string =>
  yearOf(day) === yearOf(today) && Math.abs(daysBetween(day, today)) < 150
    ? weekdayWords(day)
    : `${weekdayWords(day)} ${yearOf(day)}`;
