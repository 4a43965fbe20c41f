import type { Issue } from '../problems/issue';
import { say } from '../problems/says';
import { type ApiaryYear, spansOf } from './apiary-year';
import { isInSpan, placeInYear } from './month-day';

/** What cannot be of an apiary's year: that it rests, or begins to build up, in the midst of its swarm season. */
export function yearFaults(year: ApiaryYear): readonly Issue[] {
  const seasons = spansOf(year, 'swarm-season');
  return (['build-up', 'winter'] as const).flatMap((start): Issue[] => {
    const day = year.starts[start];
    if (day === undefined || !seasons.some((season) => isInSpan(placeInYear(day), season))) return [];
    // On the very first day of it there is no build-up to speak of.
    if (start === 'build-up' && seasons.some(({ from }) => from === day)) return [];
    const message = say(start === 'winter' ? 'winter-in-the-swarm-season' : 'build-up-in-the-swarm-season');
    return [{ path: ['year', 'starts', start], code: 'contradiction', message }];
  });
}
