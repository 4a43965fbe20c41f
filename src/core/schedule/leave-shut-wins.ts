import { addDays, type Day, earliestOf, latestOf } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import { sentences } from '../says/together';
import type { Check, LeaveShut } from './check';
import { say } from './says';

/**
 * A check whose window runs into a span in which the hive is to be left shut ends before it or begins after it; one that lies in it
 * whole is put on the first days after it, and says so. One that opens nothing, or is forced, stays.
 */
export function outOfLeaveShut(check: Check, spans: readonly LeaveShut[]): Check {
  if (!check.opens || check.forced !== null) return check;
  return spans.filter(({ from, to }) => from <= to).reduce(outOf, check);
}

function outOf(check: Check, { from, to }: LeaveShut): Check {
  const { earliest, ideal, latest } = check.window;
  if (latest < from || earliest > to) return check;
  if (earliest < from) {
    const last = addDays(from, -1);
    return { ...check, window: { earliest, ideal: earliestOf(ideal, last), latest: last } };
  }
  const first = addDays(to, 1);
  const window: CheckWindow =
    latest > to
      ? { earliest: first, ideal: latestOf(ideal, first), latest }
      : { earliest: first, ideal: first, latest: addDays(first, latest - earliest) };
  return { ...check, window, why: sentences(check.why, say('moved-for-leave-shut', { from: ideal, to })) };
}

/** Whether a hive is to be left shut on a day, and until when; null when it may be opened. */
export function shutOn(spans: readonly LeaveShut[], day: Day): LeaveShut | null {
  return spans.find(({ from, to }) => from <= day && day <= to) ?? null;
}
