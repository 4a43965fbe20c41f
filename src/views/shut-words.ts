import { addDays } from '../core/calendar/day';
import { weekdayWords } from '../core/calendar/words';
import type { LeaveShut } from '../core/schedule/check';

/** `Leave shut: not before Sat 5 Jun`. */
export function notBeforeWords({ to }: LeaveShut): string {
  return `Leave shut: not before ${weekdayWords(addDays(to, 1))}`;
}
