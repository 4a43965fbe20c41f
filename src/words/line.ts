import { addDays, type Day, daysBetween, earliestOf } from '../core/calendar/day';
import type { CheckOnDay } from '../core/schedule/standing';
import { weekdayWords } from './days';
import { orderOf } from './due';

/** A weekday alone is one of the next six days, or the last six. */
const NEAR_DAYS = 6;

/** `Sat`, `Sat 29 May` where that is further off. */
export const nearDayWords = (day: Day, today: Day): string => {
  const words = weekdayWords(day);
  return Math.abs(daysBetween(today, day)) <= NEAR_DAYS ? (words.split(' ')[0] ?? words) : words;
};

const lastDayOf = ({ check: { window, plannedFor } }: CheckOnDay): Day =>
  plannedFor !== null && plannedFor > window.latest ? plannedFor : window.latest;

/** So many words of orders stand in a line; those that have no room are counted. */
const ORDER_WORDS = 8;
const countWords = (text: string): number => text.split(' ').length;

/**
 * What is to be done at a hive and by when, in a line: `Choose a method. Late since Sat.`, `Make room. Inspect. By Mon.`
 *
 * @param tasks what presses most first; at least one
 */
export function lineWords(tasks: readonly CheckOnDay[], today: Day): string {
  const [lead = '', ...others] = tasks.map(({ check }) => `${orderOf(check)}.`);
  const [second] = others;
  const hasRoom = second !== undefined && countWords(`${lead} ${second}`) <= ORDER_WORDS;
  const told = hasRoom ? [lead, second] : [lead];
  const more = tasks.length - told.length;
  const said = more > 0 ? [...told, `${more} more.`] : told;
  const late = tasks.filter(({ standing }) => standing === 'late').map(lastDayOf);
  const [first, ...rest] = late.length > 0 ? late : tasks.map(lastDayOf);
  return first === undefined ? '' : `${said.join(' ')} ${whenWords(earliestOf(first, ...rest), today)}`;
}

function whenWords(last: Day, today: Day): string {
  if (last === today) return 'Today.';
  if (last > today) return last === addDays(today, 1) ? 'By tomorrow.' : `By ${nearDayWords(last, today)}.`;
  const since = addDays(last, 1);
  return since === today ? 'Was due yesterday.' : `Late since ${nearDayWords(since, today)}.`;
}
