import type { Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';

/** Whether nectar comes in: a scale shows it, or its days are there; null: neither is known. */
export function isFlowOn(expected: DayRange | null, isOnScale: boolean, today: Day): boolean | null {
  if (isOnScale) return true;
  return expected === null ? null : expected.from <= today && today <= expected.to;
}
