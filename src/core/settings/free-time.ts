import { type Day, day, dayOfWeek } from '../calendar/day';

/** Minutes since midnight; `to` is the first that is no longer in it. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** Days on which the keeper is not there, both ends inclusive, `YYYY-MM-DD`. */
export interface Away {
  readonly from: string;
  readonly to: string;
  readonly why: string;
}

/** Hours on one day beside those of its weekday. */
export interface ExtraHours extends Span {
  /** `YYYY-MM-DD` */
  readonly on: string;
}

/** When the keeper has time for the hives. */
export interface FreeTime {
  /** By the weekday, from Sunday to Saturday. */
  readonly freeWeek: readonly (readonly Span[])[];
  readonly away: readonly Away[];
  readonly extraHours: readonly ExtraHours[];
}

const HOUR = 60;
const EVENING: readonly Span[] = [{ from: 17 * HOUR, to: 20 * HOUR }];
const WEEKEND: readonly Span[] = [{ from: 10 * HOUR, to: 18 * HOUR }];

/** Somebody with a job: evenings from Monday to Friday, and the days of the weekend. */
export const USUAL_WEEK: FreeTime['freeWeek'] = [WEEKEND, EVENING, EVENING, EVENING, EVENING, EVENING, WEEKEND];

/** The days away that a day lies in. */
export const awayOn = ({ away }: Pick<FreeTime, 'away'>, on: Day): Away | undefined =>
  away.find(({ from, to }) => on >= day(from) && on <= day(to));

/** Spans in order, those that touch or overlap made one; empty ones are left out. */
export function joined(spans: readonly Span[]): readonly Span[] {
  const inOrder = spans.filter(({ from, to }) => from < to).sort((a, b) => a.from - b.from);
  const so: Span[] = [];
  for (const span of inOrder) {
    const last = so.at(-1);
    if (!last || last.to < span.from) so.push(span);
    else so[so.length - 1] = { from: last.from, to: Math.max(last.to, span.to) };
  }
  return so;
}

/**
 * Spans with one painted over them: made free, or taken out.
 *
 * @example `10:00 to 18:00` with `12:00 to 13:00` taken out is `10:00 to 12:00` and `13:00 to 18:00`
 */
export function painted(spans: readonly Span[], over: Span, isFree: boolean): readonly Span[] {
  if (isFree) return joined([...spans, over]);
  return joined(
    spans.flatMap((span) => [
      { from: span.from, to: Math.min(span.to, over.from) },
      { from: Math.max(span.from, over.to), to: span.to },
    ]),
  );
}

/** A span lies within the free hours wholly. */
export const isFreeIn = (spans: readonly Span[], { from, to }: Span): boolean =>
  joined(spans).some((span) => span.from <= from && to <= span.to);

/** What of some spans lies in one. */
export const within = (spans: readonly Span[], { from, to }: Span): readonly Span[] =>
  spans.flatMap((span) => {
    const cut = { from: Math.max(span.from, from), to: Math.min(span.to, to) };
    return cut.from < cut.to ? [cut] : [];
  });

export const minutesIn = (spans: readonly Span[]): number => spans.reduce((sum, { from, to }) => sum + to - from, 0);

/**
 * The hours of a day that the keeper has: those of its weekday and extra ones of the day. None of the weekday's on days away; extra hours
 * hold there too, since they were said of that very day.
 */
export function freeOn(time: FreeTime, on: Day): readonly Span[] {
  const usual = awayOn(time, on) ? [] : (time.freeWeek[dayOfWeek(on)] ?? []);
  return joined([...usual, ...time.extraHours.filter((extra) => day(extra.on) === on)]);
}
