import type { Day } from '../calendar/day';
import type { CheckWindow, DayRange } from '../calendar/window';
import { isFitFor } from '../schedule/fit-days';
import type { DayFit } from '../weather/weather-of';

/** A day on which rounds may be made. */
export interface RoundDay {
  readonly on: Day;
  readonly fit: DayFit;
  /** Minutes that the keeper has, ways and work together. */
  readonly freeMinutes: number;
  /** What the day allows at an apiary, where more is known of it than of the day as a whole. */
  readonly there?: ReadonlyMap<string, FitThere>;
}

/** What a day allows at one apiary, within the hours that the keeper is free. */
export interface FitThere {
  readonly fit: DayFit;
  /** Minutes in which a brood nest can be opened. */
  readonly openMinutes: number;
  /** Minutes in which there can be work at all: those in which a brief look does, with them. */
  readonly briefMinutes: number;
}

export interface RoundApiary {
  readonly id: string;
  /** There and back; spent once for each round. */
  readonly wayMinutes: number;
}

/** Something to be done at a hive. */
export interface RoundCheck {
  readonly id: string;
  readonly apiary: string;
  readonly window: CheckWindow;
  readonly minutes: number;
  /** The brood nest is opened for it: not on a day that is fit for a brief look only. */
  readonly opens: boolean;
  /** What is lost where it is not done, 1 to 100. */
  readonly weight: number;
  /** It is late, and every day counts: on each but its first no day is in hand. */
  readonly isPressing?: boolean;
  /** Days on which its hive is to be left shut, both ends inclusive: it is not done on them. */
  readonly shut?: readonly DayRange[];
}

/** One trip to one apiary that the keeper has set down: it is made whatever else is planned. */
export interface PinnedRound {
  readonly on: Day;
  readonly apiary: string;
}

export interface RoundsAsked {
  /** One after another. */
  readonly days: readonly RoundDay[];
  readonly apiaries: readonly RoundApiary[];
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

/** Whether a check lies in its window on a day that is fit for it and not forbidden. */
export const mayBeDone = (check: RoundCheck, day: RoundDay, forbidden: ReadonlySet<Day>): boolean =>
  day.on >= check.window.earliest && day.on <= check.window.latest && isDayFor(check, day, forbidden);

/** Whether a check alone, with the way there, goes into the time of a day. */
export function hasTimeAlone(check: RoundCheck, day: RoundDay, apiary: RoundApiary): boolean {
  const { openMinutes, briefMinutes } = fitAt(day, apiary.id);
  const fitMinutes = check.opens ? openMinutes : briefMinutes;
  return check.minutes <= fitMinutes && apiary.wayMinutes + check.minutes <= day.freeMinutes;
}
