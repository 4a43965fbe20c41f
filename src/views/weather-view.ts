import { addDays, type Day, dayOfMinute, formatDay } from '../core/calendar/day';
import type { NightAhead } from '../core/weather/nights-ahead';
import type { DayFit, WeatherDay, WeatherHour } from '../core/weather/weather-of';
import { minuteWords, weekdayWords } from '../words/days';
import { coldestWords, dayAllows, flightWords, nightWords, swarmWeatherWords, toldWords } from '../words/weather';
import type { ApiaryWeather } from './measured';

export interface WeatherDayView {
  readonly on: Day;
  readonly when: string;
  readonly fit: DayFit;
  /** What it allows, sentence by sentence. */
  readonly says: readonly string[];
  readonly nightLowC: number | null;
}

/** An hour on the page's axis. */
export interface HourDrawn extends WeatherHour {
  /** Days since the beginning of days, with the hour as their fraction. */
  readonly x: number;
}

export interface WeatherView {
  /** From today on, in words. */
  readonly ahead: readonly WeatherDayView[];
  /** All that stand on the axis, for its lane of nights. */
  readonly days: readonly WeatherDayView[];
  readonly hours: readonly HourDrawn[];
  /** When a hive can be opened, as the ends of each run on the page's axis. */
  readonly open: readonly { readonly from: number; readonly to: number }[];
  readonly nights: readonly NightAhead[];
  /** The coldest of the next five nights, and who says so; null: not all of them are known. */
  readonly coldest: string | null;
  /** Where the hours come from, and as of when; null: there are none. */
  readonly told: string | null;
}

interface Known extends WeatherHour {
  readonly toldAt: string | null;
  readonly source: 'file' | 'device' | 'simulated';
}

/** An apiary's weather, as its page shows it. */
export function weatherView(weather: ApiaryWeather | null, hours: readonly Known[], today: Day): WeatherView {
  const days = (weather?.days ?? []).map((one) => dayView(one, weather?.swarmWeather ?? []));
  const nights = weather?.nights.nights ?? [];
  const coldestC = weather?.nights.coldestC ?? null;
  const isSaid = nights.some(({ by, lowC }) => by === 'keeper' && lowC === coldestC);
  return {
    ahead: days.filter(({ on }) => on >= today),
    days,
    hours: hours.map(({ at, tempC, rainMm, windMs }) => ({ at, tempC, rainMm, windMs, x: xOf(at) })),
    open: (weather?.days ?? []).flatMap(({ on, open }) =>
      open.map(({ from, to }) => ({ from: on + from / HOURS, to: on + to / HOURS })),
    ),
    nights,
    coldest: coldestC === null ? null : coldestWords(coldestC, isSaid),
    told: toldOf(hours, today),
  };
}

const HOURS = 24;
const xOf = (at: string): number => dayOfMinute(at) + Number(at.slice(11, 13)) / HOURS;

function dayView(day: WeatherDay, swarmWeather: readonly Day[]): WeatherDayView {
  const { on, fit, flightHours, nightLowC } = day;
  const says = [
    dayAllows(day),
    flightWords(flightHours),
    swarmWeather.includes(on) ? swarmWeatherWords : '',
    nightLowC === null ? '' : nightWords(nightLowC),
  ];
  return { on, when: weekdayWords(on), fit, says: says.filter((text) => text !== ''), nightLowC };
}

/** A forecast that is older than this is said to be old. */
const FRESH_DAYS = 2;

/** Of the hours to come: by which way they came, and when they were told. */
function toldOf(hours: readonly Known[], today: Day): string | null {
  const tomorrow = formatDay(addDays(today, 1));
  const coming = hours.filter(({ at }) => at >= tomorrow);
  const [last] = [...(coming.length > 0 ? coming : hours)].sort((a, b) =>
    (a.toldAt ?? '~') < (b.toldAt ?? '~') ? 1 : -1,
  );
  if (!last) return null;
  const { toldAt, source } = last;
  const isOld = toldAt !== null && dayOfMinute(toldAt) < addDays(today, -FRESH_DAYS);
  return toldWords(source, toldAt === null ? null : minuteWords(toldAt), { isOld, isForecast: coming.length > 0 });
}
