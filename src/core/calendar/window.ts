import { type Day, earliestOf, latestOf } from './day';

/** Inclusive days from first to last. */
export interface DayRange {
  readonly from: Day;
  readonly to: Day;
}

/** When something uncertain happens: surely between the outer days, likely between the inner ones. All inclusive. */
export interface Window {
  readonly earliest: Day;
  readonly likelyFrom: Day;
  readonly likelyTo: Day;
  readonly latest: Day;
}

/** When something is to be done: the best day, and the days between which it still does its work. All inclusive. */
export interface CheckWindow {
  readonly earliest: Day;
  readonly ideal: Day;
  readonly latest: Day;
}

/** Applies `cut` to each of the four days. */
export function mapWindow(window: Window, cut: (day: Day) => Day): Window {
  return {
    earliest: cut(window.earliest),
    likelyFrom: cut(window.likelyFrom),
    likelyTo: cut(window.likelyTo),
    latest: cut(window.latest),
  };
}

/** No day before `floor`. */
export function notBefore(window: Window, floor: Day): Window {
  return mapWindow(window, (day) => latestOf(day, floor));
}

/** No day after `ceiling`. */
export function notAfter(window: Window, ceiling: Day): Window {
  return mapWindow(window, (day) => earliestOf(day, ceiling));
}

/** The window in which either of two events may happen: the earlier starts and the later ends, field by field. */
export function joined(one: Window, other: Window): Window {
  return {
    earliest: earliestOf(one.earliest, other.earliest),
    likelyFrom: earliestOf(one.likelyFrom, other.likelyFrom),
    likelyTo: latestOf(one.likelyTo, other.likelyTo),
    latest: latestOf(one.latest, other.latest),
  };
}

/** The window in which any one of several events may happen, {@link joined}. Null where none of them has one. */
export function spanOf<T>(items: readonly T[], windowOf: (item: T) => Window | null): Window | null {
  let span: Window | null = null;
  for (const item of items) {
    const window = windowOf(item);
    if (window) span = span ? joined(span, window) : window;
  }
  return span;
}
