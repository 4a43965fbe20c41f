import type { DayRange } from '../calendar/window';
import { fitAt, isDayFor, type RoundCheck, type RoundsAsked } from './asked';
import type { WhyLate } from './plan-rounds';

/**
 * What ruled out the days, both ends inclusive, on which a check is not done. A day without time for it, its way with it, is no day that the
 * weather spoils; one on which there is time and too few fit minutes is.
 *
 * @example of rain on the only free evening: `no-fit-day`, whatever the weather was on days without free hours
 */
export function whyNotSooner(
  check: RoundCheck,
  { from, to }: DayRange,
  { days, apiaries, forbidden }: Pick<RoundsAsked, 'days' | 'apiaries' | 'forbidden'>,
): WhyLate {
  const closed = new Set(forbidden);
  const way = apiaries.find(({ id }) => id === check.apiary)?.wayMinutes ?? 0;
  const within = days.filter(({ on }) => on >= from && on <= to);
  const roomy = within.filter(({ freeMinutes }) => way + check.minutes <= freeMinutes);
  const fit = roomy.filter((day) => {
    const { openMinutes, briefMinutes } = fitAt(day, check.apiary);
    return isDayFor(check, day, closed) && check.minutes <= (check.opens ? openMinutes : briefMinutes);
  });
  if (within.length === 0) return 'outside-days';
  if (roomy.length === 0) return 'no-free-day';
  return fit.length === 0 ? 'no-fit-day' : 'not-enough-hours';
}
