import { addDays, type Day, dayOfMinute } from '../core/calendar/day';
import { MINUTES_A_DAY, minuteAt, minutesOf } from '../core/calendar/minute';
import type { ScaleReading } from '../core/scale/scale-of';
import { around } from './chance';

/** Something that changes the weight at a minute: put on, taken off, flown off. Over some minutes, where it takes its time. */
export interface WeightEvent {
  /** Local minute. */
  readonly at: string;
  readonly kg: number;
  readonly overMinutes?: number;
}

/** A simulated hive scale. The same scale always reads the same. */
export interface HiveScale {
  readonly seed: string;
  readonly from: Day;
  readonly startKg: number;
  /** Minutes from one reading to the next. */
  readonly every: number;
  /** What comes in on a day of good flying, kg, by the day from which it does. */
  readonly flow: readonly { readonly from: Day; readonly kg: number }[];
  readonly events?: readonly WeightEvent[];
  /** Without readings, from a minute to another. */
  readonly gaps?: readonly { readonly from: string; readonly to: string }[];
}

/** What a colony eats in a day, and what it weighs less while its foragers are out, kg. */
const EATS = 0.12;
const FORAGERS_KG = 0.25;
/** A reading strays by so much, kg. */
const NOISE_KG = 0.02;
/** Good flying hours that make a whole day of flow. */
const WHOLE_DAY_HOURS = 6;

/** Share of a day's nectar that is in by an hour: between eight and six in the evening. */
const isIn = (hour: number) => Math.min(1, Math.max(0, (hour - 8) / 10));

/**
 * What the scale read up to a minute.
 *
 * @param flyingHours how many hours of a day the bees could fly
 * @param until local minute, inclusive
 */
export function scaleReadings(scale: HiveScale, flyingHours: (on: Day) => number, until: string): ScaleReading[] {
  const { seed, from, startKg, every, flow, events = [], gaps = [] } = scale;
  const last = dayOfMinute(until);
  const readings: ScaleReading[] = [];
  let base = startKg;
  for (let on = from; on <= last; on = addDays(on, 1)) {
    const nectar = flow.findLast((one) => one.from <= on)?.kg ?? 0;
    const gain = nectar * Math.min(1, flyingHours(on) / WHOLE_DAY_HOURS);
    for (let minute = 0; minute < MINUTES_A_DAY; minute += every) {
      const at = minuteAt(on, minute);
      if (at > until) return readings;
      if (gaps.some((gap) => at >= gap.from && at < gap.to)) continue;
      const hour = minute / 60;
      const isOut = gain > 0 && hour > 9 && hour < 18 ? Math.sin((Math.PI * (hour - 9)) / 9) : 0;
      const put = events.reduce((sum, event) => sum + event.kg * shareOf(event, on, minute), 0);
      const kg =
        base + gain * isIn(hour) - (EATS * hour) / 24 - FORAGERS_KG * isOut + put + NOISE_KG * around(seed, at);
      readings.push({ at, kg: Math.round(Math.max(0, kg) * 100) / 100 });
    }
    base += gain - EATS;
  }
  return readings;
}

/** How much of an event has happened by a minute, 0 to 1. */
function shareOf({ at, overMinutes = 0 }: WeightEvent, on: Day, minute: number): number {
  const since = on * MINUTES_A_DAY + minute - minutesOf(at);
  if (since < 0) return 0;
  return overMinutes === 0 ? 1 : Math.min(1, since / overMinutes);
}
