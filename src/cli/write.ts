import { type Day, formatDay } from '../core/calendar/day';
import type { DayRange, Window } from '../core/calendar/window';

export function writeDay(day: Day | null): string | null {
  return day === null ? null : formatDay(day);
}

export function writeWindow(window: Window | null) {
  if (!window) return null;
  const { earliest, likelyFrom, likelyTo, latest } = window;
  return {
    earliest: formatDay(earliest),
    likelyFrom: formatDay(likelyFrom),
    likelyTo: formatDay(likelyTo),
    latest: formatDay(latest),
  };
}

export function writeRange(range: { readonly from: Day | null; readonly to: DayRange['to'] } | null) {
  return range && { from: writeDay(range.from), to: formatDay(range.to) };
}
