import { addDays, type Day, dayOfMinute, formatDay } from './day';

export const MINUTES_A_DAY = 1440;
export const MINUTES_AN_HOUR = 60;
const two = (value: number) => String(value).padStart(2, '0');

/** Minutes since midnight of a local minute `YYYY-MM-DDTHH:mm`. */
export const minuteOfDay = (at: string): number =>
  Number(at.slice(11, 13)) * MINUTES_AN_HOUR + Number(at.slice(14, 16));

/** Minutes since the beginning of days, by which two local minutes are set apart. */
export const minutesOf = (at: string): number => dayOfMinute(at) * MINUTES_A_DAY + minuteOfDay(at);

/** `14:05` of minutes since midnight; 1440 is `24:00`. */
export const clockText = (minutes: number): string =>
  `${two(Math.floor(minutes / MINUTES_AN_HOUR))}:${two(minutes % MINUTES_AN_HOUR)}`;

/** `14:00` of an hour of the day; 24 is its end. */
export const hourText = (hour: number): string => clockText(hour * MINUTES_AN_HOUR);

/** The local minute so many minutes after midnight of a day, which may lie on a later one. @example 1441 minutes: one past midnight */
export const minuteAt = (on: Day, minutes: number): string =>
  `${formatDay(addDays(on, Math.floor(minutes / MINUTES_A_DAY)))}T${clockText(minutes % MINUTES_A_DAY)}`;
