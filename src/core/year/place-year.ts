import { figure } from '../biology/figure';
import { monthAndDate } from '../calendar/day';
import { type ApiaryYear, spansOf } from './apiary-year';
import { atPlace, isInSpan, placeInYear, YEAR_DAYS } from './month-day';

/** The four parts of the year that set how often to look. */
export const SEASON_PARTS = ['build-up', 'swarm-season', 'after-season', 'rest'] as const;
export type SeasonPart = (typeof SEASON_PARTS)[number];

/** Months of the year, 1 to 12, in which swarms come: the first guess where no days are known. */
export type SwarmMonths = readonly number[];

/** How the year runs at a place: in which part each of its 366 days lies, and what was entered of it. */
export interface PlaceYear {
  readonly parts: readonly SeasonPart[];
  readonly entered: ApiaryYear | null;
}

const MONTHS = 12;
/** So many months before the first swarms a colony builds up, and so many after the last it is still worked. */
const BUILD_UP_MONTHS = figure('build-up-before-the-swarm-months', 1, 'months', 'caution').value;
const AFTER_SEASON_MONTHS = figure('after-season-after-the-swarm-months', 3, 'months', 'caution').value;
/** The same for seasons that are known to the day. */
const A_MONTH = figure('days-taken-for-a-month', 31, 'days', 'caution').value;

const KNOWN = new Map<string, PlaceYear>();

/**
 * The year of a place. The days of its swarm season are those that were entered, else the months in which swarms come; build-up and the time
 * after the season last as usual where nothing else was entered of them. Where swarms come all the year there is no rest.
 *
 * @example swarms from April to July and nothing entered: build-up in March, after-season from August to October, rest from November to February
 */
export function placeYear(months: SwarmMonths, entered: ApiaryYear | null): PlaceYear {
  const key = `${months.join()} ${JSON.stringify(entered)}`;
  const known = KNOWN.get(key);
  if (known) return known;
  const year = { parts: partsOf(months, entered), entered };
  KNOWN.set(key, year);
  return year;
}

const everyPlace = Array.from({ length: YEAR_DAYS }, (_, place) => place);

function partsOf(months: SwarmMonths, entered: ApiaryYear | null): readonly SeasonPart[] {
  const seasons = spansOf(entered, 'swarm-season');
  const guessed: SeasonPart[] =
    seasons.length > 0
      ? aroundDays(everyPlace.map((place) => seasons.some((season) => isInSpan(place, season))))
      : everyPlace.map((place) => partOfMonth(monthOf(place), months));
  if (!entered) return guessed;
  const { 'build-up': buildUp, winter } = entered.starts;
  const parts = winter === undefined ? guessed : withWinter(guessed, placeInYear(winter));
  return buildUp === undefined ? parts : withBuildUp(parts, placeInYear(buildUp));
}

const monthOf = (place: number): number => Number(atPlace(place).slice(0, 2));
const round = (place: number): number => ((place % YEAR_DAYS) + YEAR_DAYS) % YEAR_DAYS;

/** Whether a swarm day comes within so many days after a place, or before it where `days` is less than nothing. */
function isNear(isSwarm: readonly boolean[], place: number, days: number): boolean {
  const step = Math.sign(days);
  for (let by = 1; by <= Math.abs(days); by++) if (isSwarm[round(place + by * step)]) return true;
  return false;
}

function aroundDays(isSwarm: readonly boolean[]): SeasonPart[] {
  return everyPlace.map((place) => {
    if (isSwarm[place]) return 'swarm-season';
    if (isNear(isSwarm, place, BUILD_UP_MONTHS * A_MONTH)) return 'build-up';
    return isNear(isSwarm, place, -AFTER_SEASON_MONTHS * A_MONTH) ? 'after-season' : 'rest';
  });
}

const monthsOn = (month: number, by: number): number => ((((month - 1 + by) % MONTHS) + MONTHS) % MONTHS) + 1;

function partOfMonth(month: number, months: SwarmMonths): SeasonPart {
  const isSwarm = (by: number) => months.includes(monthsOn(month, by));
  const upTo = (count: number) => Array.from({ length: count }, (_, i) => i + 1);
  if (isSwarm(0)) return 'swarm-season';
  if (upTo(BUILD_UP_MONTHS).some(isSwarm)) return 'build-up';
  return upTo(AFTER_SEASON_MONTHS).some((by) => isSwarm(-by)) ? 'after-season' : 'rest';
}

/** From the end of the swarm season to the day on which winter begins it is still worked, and from then on no more. */
function withWinter(parts: readonly SeasonPart[], winter: number): SeasonPart[] {
  const changed = [...parts];
  for (let by = 0; by < YEAR_DAYS; by++) {
    const place = round(winter + by);
    if (parts[place] === 'swarm-season' || parts[place] === 'build-up') break;
    changed[place] = 'rest';
  }
  for (let by = 1; by < YEAR_DAYS; by++) {
    const place = round(winter - by);
    if (parts[place] === 'swarm-season') break;
    if (parts[place] === 'rest') changed[place] = 'after-season';
  }
  return changed;
}

/** It builds up from that day to the first swarms; before it it rests, where it was taken to build up already. */
function withBuildUp(parts: readonly SeasonPart[], buildUp: number): SeasonPart[] {
  const changed = parts.map((part): SeasonPart => (part === 'build-up' ? 'rest' : part));
  for (let by = 0; by < YEAR_DAYS; by++) {
    const place = round(buildUp + by);
    if (parts[place] === 'swarm-season') break;
    changed[place] = 'build-up';
  }
  return changed;
}

/** The part of the year that a day lies in. */
export function partAt(on: Parameters<typeof monthAndDate>[0], { parts }: PlaceYear): SeasonPart {
  const { month, date } = monthAndDate(on);
  return parts[(STARTS[month - 1] as number) + date - 1] as SeasonPart;
}

/** Where each month begins in a year of 366 days. */
const STARTS = Array.from({ length: MONTHS }, (_, i) => placeInYear(`${String(i + 1).padStart(2, '0')}-01`));

/** What comes first of the parts of several places, where they differ. */
const STRONGEST: readonly SeasonPart[] = ['swarm-season', 'build-up', 'after-season', 'rest'];

/** The year of several places together: swarms come where they come at any of them. */
export function joinedYear(years: readonly PlaceYear[]): PlaceYear {
  const [only] = years;
  if (only && years.length === 1) return only;
  return {
    parts: everyPlace.map(
      (place) => STRONGEST.find((part) => years.some(({ parts }) => parts[place] === part)) as SeasonPart,
    ),
    entered: null,
  };
}
