import type { Day } from '../core/calendar/day';
import { hourText } from '../core/calendar/minute';
import type { NoFitDay } from '../core/schedule/fit-days';
import { toUnit } from '../core/units/units';
import { GOOD_AFTERNOON, OPEN_HOUR } from '../core/weather/weather-figures';
import type { DayFit, WeatherDay } from '../core/weather/weather-of';
import { dayWords, weekdayWords } from './days';
import { listWords } from './list';
import { temperatureWords, unitsSpoken } from './measures';

/** What the weather of a day lets the lid of a hive do. */
/** What the weather allows in the hours of a round. */
export const FIT_WORDS: { readonly [F in DayFit]: string } = {
  open: 'Fit to open hives',
  brief: 'Brief looks only',
  shut: 'Not fit to open hives',
  unknown: 'Weather not known',
};

export const LID_WORDS: { readonly [F in DayFit]: string } = {
  open: 'lids up',
  brief: 'lids ajar',
  shut: 'lids down',
  unknown: 'weather not known',
};

/** `Open hives from 11:00 to 17:00.` */
export function dayAllows({ fit, open }: Pick<WeatherDay, 'fit' | 'open'>): string {
  const hours = listWords(open.map(({ from, to }) => `${hourText(from)} to ${hourText(to)}`));
  if (fit === 'open') return `Open hives from ${hours}.`;
  if (fit === 'brief')
    return open.length > 0
      ? `A brief look only: it is warm and dry from ${hours} and no longer.`
      : 'A brief look only: do not open the brood nest.';
  if (fit === 'shut') return 'Leave hives shut.';
  return 'Not known: too few of its hours are given.';
}

export const flightWords = (hours: number): string =>
  hours >= GOOD_AFTERNOON
    ? `Virgins can fly, ${hours} hours.`
    : hours > 0
      ? `${hours} hour for flights: too little.`
      : '';

export const nightWords = (lowC: number | null): string =>
  lowC === null ? 'Night not known.' : `Night down to ${temperatureWords(lowC)}.`;

export const swarmWeatherWords = 'Swarm weather: the first fine day after days that kept the bees in.';

/** What is told of the colonies that may swarm on the first fine day. */
export const swarmRiskWords = (on: Day, names: readonly string[]): string =>
  `Swarm weather on ${dayWords(on)}: ${listWords(names)} may swarm. Be there by mid-morning, or act before.`;

/** `The forecast leaves no fit day for it by Wed 19 May; the next is Thu 20 May.` */
export const noFitDayWords = ({ until, next }: NoFitDay): string =>
  `The forecast leaves no fit day for it by ${weekdayWords(until)}${next === null ? ', and none is in sight' : `; the next is ${weekdayWords(next)}`}.`;

/** The coldest of the next five nights, and who says so. */
export const coldestWords = (coldestC: number, isSaid: boolean): string =>
  `${temperatureWords(coldestC)}, ${isSaid ? 'as you said' : 'from the forecast'}`;

/** What makes an hour fit, and what a forecast is worth. */
export const fitHourWords = (): string =>
  `A hive is opened at ${temperatureWords(OPEN_HOUR.leastC)} or more, without rain or strong wind. A forecast is no promise: look at the sky, and at your bees.`;

/** Good afternoons of a virgin. */
export function flightsWords({
  soFar,
  forecast,
  unknown,
}: {
  readonly soFar: number;
  readonly forecast: number;
  readonly unknown: number;
}): string {
  const good = (n: number) => (n === 0 ? 'no good afternoon' : n === 1 ? 'one good afternoon' : `${n} good afternoons`);
  const missing = unknown === 0 ? '' : unknown === 1 ? ', one not known' : `, ${unknown} not known`;
  return `Flights: ${good(soFar)} so far${missing}; ${forecast === 0 ? 'none forecast' : `${forecast} forecast`}.`;
}

const SOURCE_WORDS = {
  file: 'from a file',
  device: 'from the weather station',
  simulated: 'from the simulated station',
} as const;

/** Where the hours come from, and as of when. */
export function toldWords(
  source: keyof typeof SOURCE_WORDS,
  when: string | null,
  { isOld, isForecast }: { readonly isOld: boolean; readonly isForecast: boolean },
): string {
  const what = isForecast ? 'Forecast' : 'Record';
  const old = isOld ? '. It is days old: bring in a newer one' : '';
  return `${what} ${SOURCE_WORDS[source]}${when === null ? '' : `, as of ${when}`}${old}.`;
}

/** In miles an hour where ways are said in miles. */
export const windUnit = (): { readonly name: string; readonly of: (ms: number) => number } =>
  unitsSpoken().distance === 'mi' ? { name: 'mph', of: (ms) => toUnit(ms, 'mph') } : { name: 'm/s', of: (ms) => ms };
