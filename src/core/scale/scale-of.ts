import { addDays, type Day, dayOfMinute } from '../calendar/day';
import { minuteOfDay, minutesOf } from '../calendar/minute';
import { flowsIn, type ScaleFlow } from './flows';
import { BACK_MIN, GAP_MIN, READINGS_A_DAY, SWARM, WHOLE_DAY } from './scale-figures';
import { type ScaleStep, stepsAmong } from './steps';
import { type VisitSpan, visitsOf } from './visits';

/** What a hive weighed at a local minute. */
export interface ScaleReading {
  readonly at: string;
  readonly kg: number;
}

/** A visit to the hive, in local minutes; `to` is not before `from`. */
export interface ScaleVisit {
  readonly from: string;
  readonly to: string;
}

/** From one reading to the next. Weights are whole hundredths of a kilogram, times minutes since the beginning of days. */
export interface Change {
  readonly from: number;
  readonly to: number;
  readonly at: string;
  readonly by: number;
}

export interface Scale {
  /** From the first reading's day to the last's; `gain` null: too little was read to tell. */
  readonly days: readonly { readonly on: Day; readonly gain: number | null }[];
  readonly steps: readonly ScaleStep[];
  readonly visits: readonly { readonly from: string; readonly by: number }[];
  /** A question to the keeper, not a fact; `returned`: at least half of it came back within the hour. */
  readonly possibleSwarms: readonly (ScaleStep & { readonly returned: boolean })[];
  readonly flow: readonly ScaleFlow[];
}

/**
 * What came in by the hive scale, apart from what was put on, taken off or flew off: the day's gains, sudden steps, what each visit
 * changed, swarms that may have left, flows. All weights are hundredths of a kilogram.
 *
 * @param readings in any order, no two at one minute, at least one
 * @param today its last reading may be of any hour, since the day is not over; null: all days are
 */
export function scaleOf(readings: readonly ScaleReading[], visits: readonly ScaleVisit[], today: Day | null): Scale {
  const inOrder = readings
    .map(({ at, kg }) => ({ at, minute: minutesOf(at), weight: Math.round(kg * 100) }))
    .sort((a, b) => a.minute - b.minute);
  const changes = inOrder.slice(1).map((reading, i): Change => {
    const before = inOrder[i] as (typeof inOrder)[number];
    return { from: before.minute, to: reading.minute, at: reading.at, by: reading.weight - before.weight };
  });
  const spans = visitsOf(visits, changes);
  const ofVisit = new Set(spans.flatMap(({ changes: own }) => own));
  const { steps, changes: ofStep } = stepsAmong(changes, ofVisit);
  const firstOf = new Map<Day, number>();
  const countOf = new Map<Day, number>();
  for (const [i, { at }] of inOrder.entries()) {
    const on = dayOfMinute(at);
    if (!firstOf.has(on)) firstOf.set(on, i);
    countOf.set(on, (countOf.get(on) ?? 0) + 1);
  }
  const isCounted = (i: number) => !ofVisit.has(i) && !ofStep.has(i);
  const gainOf = (on: Day): number | null => {
    const count = countOf.get(on) ?? 0;
    if (count < READINGS_A_DAY) return null;
    const first = firstOf.get(on) as number;
    // Change `i` leads from reading `i` to the one after it.
    const end = firstOf.get(addDays(on, 1)) ?? first + count - 1;
    const own = changes.slice(first, end);
    if (own.some(({ from, to }) => to - from > GAP_MIN)) return null;
    const [begins, ends] = [first, first + count - 1].map((i) => minuteOfDay(inOrder[i]?.at as string)) as [
      number,
      number,
    ];
    if (begins > WHOLE_DAY.fromMin || (ends < WHOLE_DAY.toMin && on !== today)) return null;
    return own.reduce((sum, { by }, i) => sum + (isCounted(first + i) ? by : 0), 0);
  };
  const [first, last] = [dayOfMinute(inOrder[0]?.at as string), dayOfMinute(inOrder.at(-1)?.at as string)];
  const days = Array.from({ length: last - first + 1 }, (_, i) => {
    const on = addDays(first, i);
    return { on, gain: gainOf(on) };
  });
  return {
    days,
    steps,
    visits: spans.map(({ from, by }: VisitSpan) => ({ from, by })),
    possibleSwarms: steps.filter(mayBeSwarm).map((step) => ({ ...step, returned: cameBack(step, steps) })),
    flow: flowsIn(days),
  };
}

function mayBeSwarm({ at, by }: ScaleStep): boolean {
  const minute = minuteOfDay(at);
  return -by >= SWARM.least && -by <= SWARM.most && minute >= SWARM.fromMin && minute <= SWARM.toMin;
}

const cameBack = (left: ScaleStep, steps: readonly ScaleStep[]): boolean =>
  steps.some(({ at, by }) => {
    const later = minutesOf(at) - minutesOf(left.at);
    return later > 0 && later <= BACK_MIN && by * 2 >= -left.by;
  });
