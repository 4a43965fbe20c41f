import { addDays } from '../core/calendar/day';
import type { LeaveShut } from '../core/schedule/check';
import { weekdayWords } from './days';

/** `Leave shut: not before Sat 5 Jun`. */
export function notBeforeWords({ to }: LeaveShut): string {
  return `Leave shut: not before ${weekdayWords(addDays(to, 1))}`;
}
