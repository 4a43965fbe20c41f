import { figure } from '../biology/figure';
import { addDays, type Day, daysBetween, earliestOf, monthAndDate } from '../calendar/day';
import type { DayRange } from '../calendar/window';

/** The four parts of the year that set how often to look. */
export const SEASON_PARTS = ['build-up', 'swarm-season', 'after-season', 'rest'] as const;
export type SeasonPart = (typeof SEASON_PARTS)[number];

/** Months of the year, 1 to 12, in which swarms come. */
export type SwarmMonths = readonly number[];

const MONTHS = 12;
/** So many months before the first swarms a colony builds up, and so many after the last it is still worked. */
const BUILD_UP_MONTHS = figure('build-up-before-the-swarm-months', 1, 'months', 'caution').value;
const AFTER_SEASON_MONTHS = figure('after-season-after-the-swarm-months', 3, 'months', 'caution').value;

const monthsOn = (month: number, by: number): number => ((((month - 1 + by) % MONTHS) + MONTHS) % MONTHS) + 1;

const isNear = (month: number, swarmMonths: SwarmMonths, by: readonly number[]) =>
  by.some((months) => swarmMonths.includes(monthsOn(month, months)));

const upTo = (count: number) => Array.from({ length: count }, (_, i) => i + 1);

/**
 * Which part of the beekeeping year a day lies in, by the months in which swarms come: the month before them is build-up, the three after
 * them are after-season, the others rest. Where they come all the year there is no rest.
 *
 * @example swarms from April to July: build-up in March, after-season from August to October, rest from November to February
 */
export function seasonPart(on: Day, swarmMonths: SwarmMonths): SeasonPart {
  let parts = KNOWN.get(swarmMonths);
  if (!parts) {
    parts = upTo(MONTHS).map((month) => partOf(month, swarmMonths));
    KNOWN.set(swarmMonths, parts);
  }
  return parts[monthAndDate(on).month - 1] as SeasonPart;
}

/** The parts of the twelve months: they are asked for day by day, and the same few lists of months come again and again. */
const KNOWN = new WeakMap<SwarmMonths, readonly SeasonPart[]>();

function partOf(month: number, swarmMonths: SwarmMonths): SeasonPart {
  if (swarmMonths.includes(month)) return 'swarm-season';
  if (isNear(month, swarmMonths, upTo(BUILD_UP_MONTHS))) return 'build-up';
  return isNear(
    month,
    swarmMonths,
    upTo(AFTER_SEASON_MONTHS).map((months) => -months),
  )
    ? 'after-season'
    : 'rest';
}

/** The first day after the rest that `on` lies in; `on` itself when it lies in another part. */
export function endOfRest(on: Day, swarmMonths: SwarmMonths): Day {
  let day = on;
  while (seasonPart(day, swarmMonths) === 'rest') day = addDays(day, 1);
  return day;
}

/** The first day of the build-up of this season; the day itself before it has begun. */
export function springOf(today: Day, swarmMonths: SwarmMonths): Day {
  return earliestOf(today, workingYear(today, swarmMonths).from);
}

/** More than a year: where there is no rest, a year is shown. */
const A_YEAR = 366;

/** The day outside the rest that is nearest, a later one before an earlier one as far away. */
function nearestWorked(on: Day, swarmMonths: SwarmMonths): Day {
  const after = endOfRest(on, swarmMonths);
  let before = on;
  while (seasonPart(before, swarmMonths) === 'rest') before = addDays(before, -1);
  return daysBetween(before, on) < daysBetween(on, after) ? before : after;
}

/**
 * The beekeeping year around a day, from the first day of its build-up to its last before the rest. In the rest it is the nearer: what is
 * over for the first half of it, then what is to come.
 */
export function workingYear(on: Day, swarmMonths: SwarmMonths): DayRange {
  const inYear = nearestWorked(on, swarmMonths);
  const isWorked = (day: Day) => seasonPart(day, swarmMonths) !== 'rest';
  // Of a year without a rest the build-up begins it; where swarms never end, the calendar does.
  const begins = (day: Day) => {
    if (!isWorked(addDays(day, -1))) return true;
    const [was, is] = [seasonPart(addDays(day, -1), swarmMonths), seasonPart(day, swarmMonths)];
    if (is === 'build-up' && was !== 'build-up') return true;
    return swarmMonths.length === MONTHS && monthAndDate(day).month === 1 && monthAndDate(day).date === 1;
  };
  let from = inYear;
  while (!begins(from) && daysBetween(from, inYear) < A_YEAR) from = addDays(from, -1);
  let to = inYear;
  while (isWorked(addDays(to, 1)) && !begins(addDays(to, 1))) to = addDays(to, 1);
  return { from, to: earliestOf(to, addDays(from, A_YEAR)) };
}
