import { addDays } from '../calendar/day';
import type { DayRange, Window } from '../calendar/window';
import { QUEEN_EMERGES } from './development';
import type { AgeSpread, Figure } from './figure';

/**
 * When the virgins of a colony emerge that lost a swarm some time in `left`: the first by the figure, counted from the first of those
 * days; the last out of an egg laid on the last of them, where the figure is of a prime swarm's queen, else by the figure too.
 */
export function emergesAfter(left: DayRange, { value }: Figure<AgeSpread>): Window {
  return {
    earliest: addDays(left.from, value.early),
    likelyFrom: addDays(left.from, value.typical),
    likelyTo: addDays(left.to, value.late),
    latest: addDays(left.to, value.late),
  };
}

/** After a prime swarm the last virgin comes of an egg that its queen laid on the day she left. */
export function emergesAfterPrime(left: DayRange, first: Figure<AgeSpread>): Window {
  const { typical, late } = QUEEN_EMERGES.value;
  return { ...emergesAfter(left, first), likelyTo: addDays(left.to, typical), latest: addDays(left.to, late) };
}
