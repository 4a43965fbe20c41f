import { addDays, type Day, dayAt, daysBetween, earliestOf, monthAndDate, yearOf } from '../calendar/day';
import { A_YEAR, nearestDay } from '../calendar/nearest-day';
import type { DayRange } from '../calendar/window';
import { onYear, placeInYear } from './month-day';
import { type PlaceYear, partAt, type SeasonPart } from './place-year';

/** Which part of the beekeeping year a day lies in. */
export const seasonPart = (on: Day, year: PlaceYear): SeasonPart => partAt(on, year);

/** The first day after the rest that `on` lies in; `on` itself when it lies in another part. */
export function endOfRest(on: Day, year: PlaceYear): Day {
  return nearestDay(on, 1, (day) => seasonPart(day, year) !== 'rest') ?? on;
}

/** The first day of the build-up of this season; the day itself before it has begun. */
export function springOf(today: Day, year: PlaceYear): Day {
  return earliestOf(today, workingYear(today, year).from);
}

/** The day outside the rest that is nearest, a later one before an earlier one as far away. */
function nearestWorked(on: Day, year: PlaceYear): Day {
  const after = endOfRest(on, year);
  const before = nearestDay(on, -1, (day) => seasonPart(day, year) !== 'rest') ?? on;
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
  const ends = (day: Day) => !isWorked(addDays(day, 1)) || begins(addDays(day, 1));
  // Where there is no rest, a year is shown.
  const from = nearestDay(inYear, -1, begins) ?? addDays(inYear, -A_YEAR);
  const to = nearestDay(inYear, 1, ends) ?? addDays(inYear, A_YEAR);
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
  let first = dayAt(year, 1, 1);
  // A season that runs over the end of the year began the year before; one that never ends begins with it.
  while (isSwarm(first) && isSwarm(addDays(first, -1)) && yearOf(first) === year) first = addDays(first, 1);
  while (!isSwarm(first) && yearOf(first) === year) first = addDays(first, 1);
  if (yearOf(first) !== year) first = dayAt(year, 1, 1);
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
  return seasonStarting(yearOf(nearestDay(from, 1, isSwarm) ?? from), place);
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
