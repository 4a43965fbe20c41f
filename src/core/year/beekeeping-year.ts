import { addDays, type Day, day, daysBetween, earliestOf, monthAndDate, yearOf } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import { onYear, placeInYear } from './month-day';
import { type PlaceYear, partAt, type SeasonPart } from './place-year';

/** Which part of the beekeeping year a day lies in. */
export const seasonPart = (on: Day, year: PlaceYear): SeasonPart => partAt(on, year);

/** The first day after the rest that `on` lies in; `on` itself when it lies in another part. */
export function endOfRest(on: Day, year: PlaceYear): Day {
  let day = on;
  while (seasonPart(day, year) === 'rest') day = addDays(day, 1);
  return day;
}

/** The first day of the build-up of this season; the day itself before it has begun. */
export function springOf(today: Day, year: PlaceYear): Day {
  return earliestOf(today, workingYear(today, year).from);
}

/** More than a year: where there is no rest, a year is shown. */
const A_YEAR = 366;

/** The day outside the rest that is nearest, a later one before an earlier one as far away. */
function nearestWorked(on: Day, year: PlaceYear): Day {
  const after = endOfRest(on, year);
  let before = on;
  while (seasonPart(before, year) === 'rest') before = addDays(before, -1);
  return daysBetween(before, on) < daysBetween(on, after) ? before : after;
}

/**
 * The beekeeping year around a day, from the first day of its build-up to its last before the rest. In the rest it is the nearer: what is
 * over for the first half of it, then what is to come.
 */
export function workingYear(on: Day, year: PlaceYear): DayRange {
  const inYear = nearestWorked(on, year);
  const isWorked = (day: Day) => seasonPart(day, year) !== 'rest';
  const isAlways = year.parts.every((part) => part === 'swarm-season');
  // Of a year without a rest the build-up begins it; where swarms never end, the calendar does.
  const begins = (day: Day) => {
    if (!isWorked(addDays(day, -1))) return true;
    const [was, is] = [seasonPart(addDays(day, -1), year), seasonPart(day, year)];
    if (is === 'build-up' && was !== 'build-up') return true;
    return isAlways && monthAndDate(day).month === 1 && monthAndDate(day).date === 1;
  };
  let from = inYear;
  while (!begins(from) && daysBetween(from, inYear) < A_YEAR) from = addDays(from, -1);
  let to = inYear;
  while (isWorked(addDays(to, 1)) && !begins(addDays(to, 1))) to = addDays(to, 1);
  return { from, to: earliestOf(to, addDays(from, A_YEAR)) };
}

/** One season: its days from build-up to rest, and those between which swarms come. */
export interface Season extends DayRange {
  /** The calendar year in which its swarms begin to come. */
  readonly year: number;
  readonly swarms: DayRange;
}

/** Seasons as they were reckoned, by place and year: every colony of an apiary asks for the same. */
const KNOWN = new WeakMap<PlaceYear, Map<number, Season>>();

/** The season whose swarms begin to come in a calendar year: in the south it ends in the next. */
export function seasonStarting(year: number, place: PlaceYear): Season {
  const ofPlace = KNOWN.get(place) ?? new Map<number, Season>();
  const season = ofPlace.get(year) ?? reckonSeason(year, place);
  KNOWN.set(place, ofPlace.set(year, season));
  return season;
}

function reckonSeason(year: number, place: PlaceYear): Season {
  const isSwarm = (on: Day) => seasonPart(on, place) === 'swarm-season';
  let first = day(`${year}-01-01`);
  // A season that runs over the end of the year began the year before; one that never ends begins with it.
  while (isSwarm(first) && isSwarm(addDays(first, -1)) && yearOf(first) === year) first = addDays(first, 1);
  while (!isSwarm(first) && yearOf(first) === year) first = addDays(first, 1);
  if (yearOf(first) !== year) first = day(`${year}-01-01`);
  const { from, to } = workingYear(first, place);
  let last = to;
  while (!isSwarm(last) && last > first) last = addDays(last, -1);
  return { year, from, to, swarms: { from: first, to: last } };
}

/** The season that a day belongs to: in the rest the one that comes. */
export function seasonAround(on: Day, place: PlaceYear): Season {
  const { to } = workingYear(on, place);
  const from = to < on ? workingYear(endOfRest(on, place), place).from : workingYear(on, place).from;
  const isSwarm = (day: Day) => seasonPart(day, place) === 'swarm-season';
  let first = from;
  while (!isSwarm(first)) first = addDays(first, 1);
  return seasonStarting(yearOf(first), place);
}

/** A stretch of days that comes every year, as it lies in a season: the one whose first day does. */
export function inSeason(
  span: { readonly from: string; readonly to: string },
  { from, to }: DayRange,
): DayRange | null {
  for (const year of [yearOf(from), yearOf(to)]) {
    const first = onYear(span.from, year);
    if (first < from || first > to) continue;
    const isOver = placeInYear(span.to) < placeInYear(span.from);
    return { from: first, to: onYear(span.to, year + (isOver ? 1 : 0)) };
  }
  return null;
}
