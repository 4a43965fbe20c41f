import { addDays, type Day, dayOfWeek } from '../../core/calendar/day';

/** The days that a time strip shows, first to last, all the same width. */
export interface Axis {
  readonly first: Day;
  readonly days: number;
  readonly today: Day;
}

const DAYS_BACK = 7;
const DAYS_AHEAD = 21;

/** The last seven days, today, and the next twenty-one. */
export function axisAround(today: Day): Axis {
  return { first: addDays(today, -DAYS_BACK), days: DAYS_BACK + 1 + DAYS_AHEAD, today };
}

/**
 * From two days before a day to seven weeks after it: as far as a young queen takes to lay.
 *
 * @param from the day from which it is followed; today where nothing else is said
 */
export function axisAhead(today: Day, from: Day = today): Axis {
  return { first: addDays(from, -2), days: 51, today };
}

/** Whether a day stands on it. */
export const isOn = ({ first, days }: Axis, day: Day): boolean => day >= first && day < first + days;

/** Too many days for a number on each. */
export const isLong = ({ days }: Axis) => days > 35;

export function axisDays({ first, days }: Axis): readonly Day[] {
  return Array.from({ length: days }, (_, i) => addDays(first, i));
}

/** The left edge of a day, in per cent of the strip; may lie outside it. */
export function leftOf({ first, days }: Axis, day: Day): number {
  return ((day - first) / days) * 100;
}

/** The right edge of a day. */
export function rightOf(axis: Axis, day: Day): number {
  return leftOf(axis, addDays(day, 1));
}

/** The width of a day, in per cent of the strip. */
export const dayWidth = ({ days }: Axis): number => 100 / days;

/** On which of its days, from 0, the first Saturday is that it shows, or the one whose Sunday it begins with. */
export const firstSaturday = ({ first }: Axis): number => (6 - dayOfWeek(first) + 7) % 7;

/** Where a mark stands on its lane: from one share of it to another, so far from the top. */
export const insetOf = (start: number, end: number, top: number) =>
  `${top}px ${percent(100 - end)} auto ${percent(start)}`;

export const percent = (value: number) => `${Math.round(value * 1000) / 1000}%`;

export function isWeekend(day: Day): boolean {
  const weekday = dayOfWeek(day);
  return weekday === 0 || weekday === 6;
}
