import { figure } from '../biology/figure';
import { type Day, daysBetween } from '../calendar/day';
import type { RoundCheck, RoundDay } from './asked';

/** What lets a colony swarm or a virgin out unseen: it is not left to the last day of its window, where that can be. */
export const GRAVEST = 100;
/** What weighs so much at least is heavy: nothing light is weighed against it. */
export const HEAVY_FROM = figure('heavy-from-a-weight-of', 40, 'weight', 'caution').value;
/** The first day late is the worst: it counts for so many days more. */
export const FIRST_DAY_LATE = figure('the-first-day-late-adds', 2, 'days', 'caution').value;
/** What is lost by what cannot be done any more, wherever the days planned end. */
export const LOST = figure('what-can-no-longer-be-done-loses', 300, 'weight', 'caution').value;
/** A day early loses this part of the weight. */
export const EARLY_PART = figure('a-day-early-loses-a-share-of-one-in', 10, 'weight', 'caution').value;
/** The days on which what waits longer weighs more: after that each day weighs the same. */
export const GROWS_FOR = figure('waiting-weighs-more-each-day-for', 28, 'days', 'caution').value;

/** What a check adds to each goal. */
export interface Loss {
  readonly heavy: number;
  /** 1: it is among the gravest, and on the last day of a window of several. */
  readonly lastDay: number;
  readonly light: number;
  /** Its minutes for each day that it is done early, where it is light. */
  readonly early: number;
  /** Days off the best one. */
  readonly off: number;
}

export const NO_LOSS: Loss = { heavy: 0, lastDay: 0, light: 0, early: 0, off: 0 };

export const isHeavy = ({ weight }: Pick<RoundCheck, 'weight'>): boolean => weight >= HEAVY_FROM;

/**
 * What is lost by a check that is done on a day. Heavy: its weight times the days late and {@link FIRST_DAY_LATE}, or a tenth of it, rounded
 * up, for each day early. Light: its weight times the sum of min(k, {@link GROWS_FOR}) for k = 1 to the days late.
 *
 * @example of weight 100, a day late: 300; of weight 5, three days late: 5 * (1 + 2 + 3) = 30
 */
export function lossOn(check: RoundCheck, on: Day): Loss {
  const { window, weight, minutes } = check;
  const late = Math.max(0, daysBetween(window.latest, on));
  const early = Math.max(0, daysBetween(on, window.earliest));
  const heavy = isHeavy(check);
  return {
    heavy: heavy ? lateHeavy(weight, late) + early * Math.ceil(weight / EARLY_PART) : 0,
    lastDay: isOnLastDay(check, on) ? 1 : 0,
    light: heavy ? 0 : lateLight(weight, late),
    early: heavy ? 0 : early * minutes,
    off: Math.abs(daysBetween(window.ideal, on)),
  };
}

/**
 * What is lost by a check that is not done: as though it were done on the day after the last; {@link LOST} where it is heavy and cannot be
 * done after that; nothing where its window goes on after the last of the days.
 */
export function lossUndone(check: RoundCheck, days: readonly Pick<RoundDay, 'on'>[]): Loss {
  const { window, weight, notAfter } = check;
  const last = days.at(-1)?.on;
  if (last === undefined || window.latest > last) return NO_LOSS;
  const late = daysBetween(window.latest, last) + 1;
  if (!isHeavy(check)) return { ...NO_LOSS, light: lateLight(weight, late) };
  const isLost = notAfter !== undefined && notAfter <= last;
  return { ...NO_LOSS, heavy: isLost ? LOST : lateHeavy(weight, late) };
}

const lateHeavy = (weight: number, late: number): number => (late > 0 ? weight * (late + FIRST_DAY_LATE) : 0);

function lateLight(weight: number, late: number): number {
  const growing = Math.min(late, GROWS_FOR);
  return weight * ((growing * (growing + 1)) / 2 + (late - growing) * GROWS_FOR);
}

/** No day is in hand if it rains. */
export const isOnLastDay = ({ weight, window }: RoundCheck, on: Day): boolean =>
  weight === GRAVEST && window.earliest < window.latest && on === window.latest;
