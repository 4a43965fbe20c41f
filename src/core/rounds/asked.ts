import type { Day } from '../calendar/day';
import type { CheckWindow, DayRange } from '../calendar/window';
import { isFitFor } from '../schedule/fit-days';
import type { Span } from '../settings/free-time';
import type { DayFit } from '../weather/weather-of';

/** A day on which rounds may be made. */
export interface RoundDay {
  readonly on: Day;
  readonly fit: DayFit;
  /** Minutes that the keeper has, ways and work together. */
  readonly freeMinutes: number;
  /** What the day allows at an apiary, where more is known of it than of the day as a whole. */
  readonly there?: ReadonlyMap<string, FitThere>;
  /** The hours that the keeper has, in minutes since midnight; absent: only how many. With them a day's rounds are laid out by the clock. */
  readonly free?: readonly Span[];
}

/** What a day allows at one apiary, within the hours that the keeper is free. */
export interface FitThere {
  readonly fit: DayFit;
  /** Minutes in which a brood nest can be opened. */
  readonly openMinutes: number;
  /** Minutes in which there can be work at all: those in which a brief look does, with them. */
  readonly briefMinutes: number;
  /** When that is; absent: any of the hours that the keeper has. */
  readonly open?: readonly Span[];
  readonly brief?: readonly Span[];
}

export interface RoundApiary {
  readonly id: string;
  /** There and back, min. */
  readonly wayMinutes: number;
}

/** The road between two apiaries that may be visited in one trip, min. */
export interface RoadBetween {
  readonly a: string;
  readonly b: string;
  readonly minutes: number;
}

/** Something to be done at a hive. */
export interface RoundCheck {
  readonly id: string;
  readonly apiary: string;
  readonly window: CheckWindow;
  /** The first day on which it can soundly be done, before its window; absent: the first of its window. */
  readonly earlyFrom?: Day;
  /** The last day on which there is still sense in it, late as it is; absent: there is none. */
  readonly notAfter?: Day;
  readonly minutes: number;
  /** The brood nest is opened for it: not on a day that is fit for a brief look only. */
  readonly opens: boolean;
  /** What is lost where it is late, 1 to 100: see `loss.ts`. */
  readonly weight: number;
  /** Days on which its hive is to be left shut, both ends inclusive: it is not done on them. */
  readonly shut?: readonly DayRange[];
}

/** One round to one apiary that the keeper has set down: it is made whatever else is planned. */
export interface PinnedRound {
  readonly on: Day;
  readonly apiary: string;
}

export interface RoundsAsked {
  /** One after another, one at least. */
  readonly days: readonly RoundDay[];
  readonly apiaries: readonly RoundApiary[];
  /** Pairs of apiaries of which the road between is known, each once. */
  readonly between: readonly RoadBetween[];
  readonly checks: readonly RoundCheck[];
  readonly pinned: readonly PinnedRound[];
  /** Days on which nothing is done. */
  readonly forbidden: readonly Day[];
  /** Pairs of checks that are done on one day, or neither. */
  readonly together: readonly (readonly [string, string])[];
  /** The plan that the keeper last saw, by the check: among plans that are as good, one with fewer checks on another day. */
  readonly seen?: ReadonlyMap<string, Day>;
}

/** What a day allows at an apiary: where nothing else is known of it, all of the day's free minutes, if it is fit. */
export const fitAt = ({ fit, freeMinutes, there }: RoundDay, apiary: string): FitThere =>
  there?.get(apiary) ?? { fit, openMinutes: freeMinutes, briefMinutes: freeMinutes };

/** Whether the weather of a day lets a check be done; a day of which nothing is known counts as fit. */
export const isFit = (check: Pick<RoundCheck, 'opens'>, fit: DayFit): boolean =>
  fit === 'unknown' || isFitFor(check, fit);

/** Whether a check can be done on a day, its window apart: not forbidden, fit for it, and its hive not to be left shut. */
export const isDayFor = (check: RoundCheck, day: RoundDay, forbidden: ReadonlySet<Day>): boolean =>
  !forbidden.has(day.on) &&
  isFit(check, fitAt(day, check.apiary).fit) &&
  !(check.shut ?? []).some(({ from, to }) => day.on >= from && day.on <= to);

/** The first day on which a check can soundly be done. */
export const firstDayOf = ({ earlyFrom, window }: RoundCheck): Day => earlyFrom ?? window.earliest;

/** Whether a check can be done on a day, early, in its window or late: fit for it and not forbidden. */
export const mayBeDone = (check: RoundCheck, day: RoundDay, forbidden: ReadonlySet<Day>): boolean =>
  day.on >= firstDayOf(check) &&
  (check.notAfter === undefined || day.on <= check.notAfter) &&
  isDayFor(check, day, forbidden);

/** Whether a check alone, with so much road to its apiary and back, goes into the time of a day. */
export function hasTimeAlone(
  check: RoundCheck,
  day: RoundDay,
  roadMinutes: number,
  { open, brief }: { readonly open: number; readonly brief: number } = fitMinutes(day, check.apiary),
): boolean {
  return check.minutes <= (check.opens ? open : brief) && roadMinutes + check.minutes <= day.freeMinutes;
}

const fitMinutes = (day: RoundDay, apiary: string) => {
  const { openMinutes, briefMinutes } = fitAt(day, apiary);
  return { open: openMinutes, brief: briefMinutes };
};
