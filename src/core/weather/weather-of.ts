import { addDays, type Day, dayOfMinute, earliestOf, latestOf } from '../calendar/day';
import {
  BRIEF_HOUR,
  CONFINED_DAYS,
  FLIGHT_HOUR,
  FLIGHT_HOURS,
  GOOD_AFTERNOON,
  KNOWN_HOURS,
  NIGHT,
  NIGHT_HOURS_KNOWN,
  NIGHTS_AHEAD,
  OPEN_HOUR,
  OPEN_HOURS_RUNNING,
  SWARM_HOURS,
  WORKING_HOURS,
} from './weather-figures';

/** An hour of a record or a forecast. */
export interface WeatherHour {
  /** The minute at which it begins, local, on the full hour: `YYYY-MM-DDTHH:00`. */
  readonly at: string;
  readonly tempC: number;
  readonly rainMm: number;
  readonly windMs: number;
}

/** `open`: the brood nest can be opened; `brief`: a brief look; `unknown`: too few of its hours are given. */
export type DayFit = 'open' | 'brief' | 'shut' | 'unknown';

export interface WeatherDay {
  readonly on: Day;
  readonly fit: DayFit;
  /** Runs of open hours, of any length, from the hour at which one begins to the hour at which its last ends. */
  readonly open: readonly { readonly from: number; readonly to: number }[];
  readonly flightHours: number;
  /** The lowest of its night, which ends the next morning; null: too few hours of it are given. */
  readonly nightLowC: number | null;
  /** Hours of its night that are given. */
  readonly nightHours: number;
}

export interface FlyingVirgin {
  readonly id: string;
  readonly flightsFrom: Day;
}

export interface Weather {
  /** From the first hour's day to the last hour's. */
  readonly days: readonly WeatherDay[];
  /** The lowest of those of the next five nights that are known; null: none is. */
  readonly coldestOfNextFive: number | null;
  readonly nightsKnown: number;
  /** The lows of the next five nights; null: too few hours of one are given. */
  readonly nextNights: readonly (number | null)[];
  /** Good afternoons since she could fly, up to yesterday, and from today on. */
  readonly virgins: readonly { readonly id: string; readonly goodSoFar: number; readonly goodForecast: number }[];
  /** Days on which swarms leave: warm, after days that kept them in. */
  readonly swarmWeather: readonly Day[];
}

/** Hours by day and hour of the day. */
type Hours = (on: Day, hour: number) => WeatherHour | undefined;

const HOURS_A_DAY = 24;

const isDry = ({ rainMm }: WeatherHour) => rainMm === 0;
/** Whether an hour that is given is dry, warm and calm enough. */
export const isFit = (
  hour: WeatherHour | undefined,
  { leastC, windUnder }: { leastC: number; windUnder: number },
): boolean => hour !== undefined && isDry(hour) && hour.tempC >= leastC && hour.windMs < windUnder;

const hoursFrom = (first: number, last: number) => Array.from({ length: last - first + 1 }, (_, i) => first + i);
const WORKING = hoursFrom(WORKING_HOURS.first, WORKING_HOURS.last);
const FLIGHTS = hoursFrom(FLIGHT_HOURS.first, FLIGHT_HOURS.last);

/**
 * What the hours of a record or a forecast mean for a keeper: on which days hives can be opened, how cold the nights are, on which
 * afternoons virgins fly, when swarms leave. Hours that are not given are not known, and never taken for good or bad.
 *
 * @param hours in any order, no two alike
 * @param today the day of asking: afternoons before it have been, it and those after it are forecast
 */
export function weatherOf(hours: readonly WeatherHour[], virgins: readonly FlyingVirgin[], today: Day): Weather {
  const byHour = new Map(hours.map((hour) => [hourNumber(hour), hour]));
  const at: Hours = (on, hour) => byHour.get(on * HOURS_A_DAY + hour);
  const [one, ...others] = [...byHour.keys()].map((number) => Math.floor(number / HOURS_A_DAY)) as [Day, ...Day[]];
  const [first, last] = [earliestOf(one, ...others), latestOf(one, ...others)];
  const days = Array.from({ length: last - first + 1 }, (_, i) => weatherDay(at, addDays(first, i)));
  const nextNights = Array.from({ length: NIGHTS_AHEAD }, (_, i) => nightOf(at, addDays(today, i)).lowC);
  const nights = nextNights.filter((low) => low !== null);
  const good = days.filter(({ flightHours }) => flightHours >= GOOD_AFTERNOON).map(({ on }) => on);
  return {
    days,
    coldestOfNextFive: nights.length === 0 ? null : Math.min(...nights),
    nightsKnown: nights.length,
    nextNights,
    virgins: virgins.map(({ id, flightsFrom }) => {
      const flown = good.filter((on) => on >= flightsFrom);
      const goodSoFar = flown.filter((on) => on < today).length;
      return { id, goodSoFar, goodForecast: flown.length - goodSoFar };
    }),
    swarmWeather: days.filter((_, i) => isSwarmWeather(at, days, i)).map(({ on }) => on),
  };
}

const hourNumber = ({ at }: WeatherHour): number => dayOfMinute(at) * HOURS_A_DAY + Number(at.slice(11, 13));

function weatherDay(at: Hours, on: Day): WeatherDay {
  const isOpen = (hour: number) => isFit(at(on, hour), OPEN_HOUR);
  const runs: { from: number; to: number }[] = [];
  for (const hour of WORKING.filter(isOpen)) {
    const run = runs.at(-1);
    if (run?.to === hour) run.to = hour + 1;
    else runs.push({ from: hour, to: hour + 1 });
  }
  const { lowC, hours } = nightOf(at, on);
  return {
    on,
    fit: fitOf(at, on, runs),
    open: runs,
    flightHours: FLIGHTS.filter((hour) => isFit(at(on, hour), FLIGHT_HOUR)).length,
    nightLowC: lowC,
    nightHours: hours,
  };
}

function fitOf(at: Hours, on: Day, runs: WeatherDay['open']): DayFit {
  if (runs.some(({ from, to }) => to - from >= OPEN_HOURS_RUNNING)) return 'open';
  const given = WORKING.filter((hour) => at(on, hour) !== undefined);
  if (given.length < KNOWN_HOURS) return 'unknown';
  // An open hour is a brief one too.
  return given.some((hour) => isFit(at(on, hour), BRIEF_HOUR)) ? 'brief' : 'shut';
}

/** The night that begins on an evening. It is told by its hours alone, wherever the days end. */
function nightOf(at: Hours, on: Day): { readonly lowC: number | null; readonly hours: number } {
  const given = Array.from({ length: NIGHT.hours }, (_, i) => {
    const hour = NIGHT.evening + i;
    return hour < HOURS_A_DAY ? at(on, hour) : at(addDays(on, 1), hour - HOURS_A_DAY);
  }).flatMap((hour) => (hour ? [hour.tempC] : []));
  return { lowC: given.length < NIGHT_HOURS_KNOWN ? null : Math.min(...given), hours: given.length };
}

function isSwarmWeather(at: Hours, days: readonly WeatherDay[], i: number): boolean {
  const { on } = days[i] as WeatherDay;
  const before = days.slice(Math.max(0, i - CONFINED_DAYS), i);
  const wereConfined = before.length === CONFINED_DAYS && before.every(({ fit }) => fit === 'shut' || fit === 'brief');
  const warm = { leastC: FLIGHT_HOUR.leastC, windUnder: OPEN_HOUR.windUnder };
  return wereConfined && WORKING.filter((hour) => isFit(at(on, hour), warm)).length >= SWARM_HOURS;
}
