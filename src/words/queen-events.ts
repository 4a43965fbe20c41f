import { day } from '../core/calendar/day';
import type { QueenEventKind, SwarmWent } from '../core/colony/facts';
import { rangeWords, weekdayWords } from './days';

/** What befell a queen. */
export const QUEEN_EVENT_WORDS: { readonly [K in QueenEventKind]: string } = {
  present: 'a laying queen is here',
  'virgin-out': 'a virgin has emerged',
  'virgin-in': 'a virgin was put in',
  'virgin-caged-in': 'a virgin was given in a cage',
  'virgin-taken': 'the virgin was caught and taken out',
  'caged-in': 'a mated queen was given in a cage',
  released: 'let out of the cage',
  marked: 'marked',
  clipped: 'wing clipped',
  removed: 'taken away',
  lost: 'dead or lost',
  swarmed: 'left with a swarm',
  'cast-left': 'a virgin left with a cast',
};

/** Where a swarm went. */
export const SWARM_WENT_WORDS: { readonly [W in SwarmWent]: string } = {
  'not-known': 'not known',
  hanging: 'hung in sight',
  'flew-off': 'flew off',
  hived: 'was hived',
};

/** On which day it was: `Thu 20 May`, or between which days where it is not certain. */
export const queenEventDay = ({ on, to }: { readonly on: string; readonly to: string | null }): string =>
  to === null ? weekdayWords(day(on)) : `some day from ${rangeWords({ from: day(on), to: day(to) })}`;
