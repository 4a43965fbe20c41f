import type { Day } from '../../core/calendar/day';
import type { MethodName } from '../../core/methods/method';
import { dayWords } from '../days';
import { methodTitle } from '../methods/methods';

/** The frames of a colony. */
export const framesPhrases = {
  started: (method: MethodName) => `started: ${methodTitle(method)}`,
  carriedForwardToToday: ', carried forward to today with bees emerged and eggs laid since',
  knownFrom: (told: 'left' | 'counted' | 'found', on: Day, since: string) =>
    `As the frames were ${told} on ${dayWords(on)}${since}.`,
};
