import { figure } from '../biology/figure';
import { addDays, type Day, dayOfMinute } from '../calendar/day';
import { minuteOfDay } from '../calendar/minute';
import { grouped } from '../grouped';
import { type FreeTime, freeOn, minutesIn, type Span, within } from '../settings/free-time';
import type { WeatherHour } from '../weather/weather-of';
import type { RoundDay } from './asked';
import { type FitHours, fitHours, WORKING_SPAN } from './fit-hours';

/** Rounds are planned so many days ahead, today with them. */
export const PLANNED_DAYS = figure('rounds-are-planned-for', 14, 'days', 'caution').value;
/** Work ends so long before the sun sets. */
export const BEFORE_SUNSET = figure('work-ends-before-sunset', 30, 'minutes', 'caution').value;

/** A day as the planner sees it, with its hours. */
export interface PlannedDay extends RoundDay {
  readonly free: readonly Span[];
  readonly there: ReadonlyMap<string, FitHours>;
  /** Nothing is known of its weather at any apiary: it counts as fit. */
  readonly isGuessed: boolean;
}

interface DaysAsked {
  readonly today: Day;
  /** The minute of asking: what is over of today is not planned. */
  readonly minute: string;
  readonly time: FreeTime;
  /** By the apiary; those of which nothing is known have none. */
  readonly hours: ReadonlyMap<string, readonly WeatherHour[]>;
  readonly apiaries: readonly string[];
  /** When the sun sets on a day, in minutes since midnight; null: not known. */
  readonly sunset: (on: Day) => number | null;
}

/**
 * The days for which rounds are planned: of each the hours in which the keeper is free and there is work at hives, of today from now on, and
 * not later than {@link BEFORE_SUNSET} before the sun sets; and what they allow at each apiary.
 */
export function plannedDays({ today, minute, time, hours, apiaries, sunset }: DaysAsked): readonly PlannedDay[] {
  const byDay = new Map(apiaries.map((id) => [id, grouped(hours.get(id) ?? [], ({ at }) => dayOfMinute(at))] as const));
  return Array.from({ length: PLANNED_DAYS }, (_, i) => {
    const on = addDays(today, i);
    const dark = sunset(on);
    const to = dark === null ? WORKING_SPAN.to : Math.min(WORKING_SPAN.to, dark - BEFORE_SUNSET);
    const from = on === today ? Math.max(WORKING_SPAN.from, minuteOfDay(minute)) : WORKING_SPAN.from;
    const free = within(freeOn(time, on), { from, to });
    const there = new Map(apiaries.map((id) => [id, fitHours(byDay.get(id)?.get(on) ?? [], free)] as const));
    const fits = [...there.values()];
    return {
      on,
      fit: fits.length > 0 && fits.every(({ fit }) => fit === 'shut') ? 'shut' : 'unknown',
      freeMinutes: minutesIn(free),
      free,
      there,
      isGuessed: fits.every(({ fit }) => fit === 'unknown'),
    };
  });
}
