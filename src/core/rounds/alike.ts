import type { Day } from '../calendar/day';
import { grouped } from '../grouped';
import { firstDayOf, type RoundCheck, type RoundsAsked } from './asked';

/** Checks of which the plan cannot tell one from the other: how many of them are done on a day is all that it has to find out. */
export interface Alike {
  readonly checks: readonly RoundCheck[];
  /** Any of them, for what they all have. */
  readonly one: RoundCheck;
  /** The day on which the keeper last saw them; undefined: on none. */
  readonly seenOn: Day | undefined;
}

/** All checks of a question, those that are alike as one; what belongs together with another stands alone. */
export function alikes({
  checks,
  together,
  seen,
}: Pick<RoundsAsked, 'checks' | 'together' | 'seen'>): readonly Alike[] {
  const paired = new Set(together.flat());
  const key = (check: RoundCheck): string => {
    const { id, apiary, window, notAfter, minutes, opens, weight, shut } = check;
    const all = [window.earliest, window.ideal, window.latest, firstDayOf(check), notAfter ?? null, minutes, weight];
    return JSON.stringify([paired.has(id) ? id : '', apiary, all, opens, shut ?? [], seen?.get(id) ?? null]);
  };
  return [...grouped(checks, key).values()].map((list) => {
    const one = list[0] as RoundCheck;
    return { checks: list, one, seenOn: seen?.get(one.id) };
  });
}
