import { FIRST_FLIGHTS } from '../biology/mating';
import { addDays, type Day } from '../calendar/day';
import type { Window } from '../calendar/window';
import type { Afternoons } from '../weather/afternoons';

export interface VirginFlights {
  /** The first day on which she may fly. */
  readonly from: Day;
  /** Good afternoons since then, up to yesterday. */
  readonly soFar: number;
  /** Good ones forecast from today on. */
  readonly forecast: number;
  /** Afternoons up to yesterday of which too little is known. */
  readonly unknown: number;
  /** The last day of those in which she had no good afternoon at all; null: she had one, may have had one, or they are not over. */
  readonly lateSince: Day | null;
}

/** The days that a virgin could first fly on, up to the last on which that is usual, whenever in its window she emerged. */
const firstDays = (emergence: Window) => ({
  from: addDays(emergence.earliest, FIRST_FLIGHTS.value.early),
  to: addDays(emergence.latest, FIRST_FLIGHTS.value.late),
});

/**
 * Whether a virgin could fly to mate. Her mating may be late once every afternoon was poor on which she could have flown in her first
 * ten days; where too little is known of one of them, nothing is said.
 *
 * @example emerged on 1 May, poor from 6 to 11 May: late from 11 May on; with one of these days not known: `lateSince` null
 */
export function virginFlights(emergence: Window, { good, poor }: Afternoons, today: Day): VirginFlights {
  const { from, to } = firstDays(emergence);
  const flown = good.filter((on) => on >= from);
  const soFar = flown.filter((on) => on < today).length;
  const known = soFar + poor.filter((on) => on >= from && on < today).length;
  const days = Array.from({ length: to - from + 1 }, (_, i) => addDays(from, i));
  const wasPoor = new Set(poor);
  return {
    from,
    soFar,
    forecast: flown.length - soFar,
    unknown: Math.max(0, today - from - known),
    lateSince: to < today && days.every((on) => wasPoor.has(on)) ? to : null,
  };
}
