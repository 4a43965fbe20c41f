import type { Day } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import { isFitFor } from '../schedule/fit-days';
import type { DayFit } from '../weather/weather-of';

/** A day on which rounds may be made. */
export interface RoundDay {
  readonly on: Day;
  readonly fit: DayFit;
  /** Minutes that the keeper has, ways and work together. */
  readonly freeMinutes: number;
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
}

/** Whether the weather of a day lets a check be done; a day of which nothing is known counts as fit. */
export const isFit = (check: Pick<RoundCheck, 'opens'>, fit: DayFit): boolean =>
  fit === 'unknown' || isFitFor(check, fit);

/** Whether a check lies in its window on a day that is fit for it and not forbidden. */
export const mayBeDone = (check: RoundCheck, { on, fit }: RoundDay, forbidden: ReadonlySet<Day>): boolean =>
  on >= check.window.earliest && on <= check.window.latest && !forbidden.has(on) && isFit(check, fit);

/** Whether a check alone, with the way there, goes into the time of a day. */
export const hasTimeAlone = (check: RoundCheck, { freeMinutes }: RoundDay, apiary: RoundApiary): boolean =>
  apiary.wayMinutes + check.minutes <= freeMinutes;
