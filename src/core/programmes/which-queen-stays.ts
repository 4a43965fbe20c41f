import type { Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';

/** What is known of a laying queen when two units are to be united. */
export interface LayingQueen {
  /** The days between which she emerged; null: not known. */
  readonly emerged: DayRange | null;
  /** Her first eggs, where they were waited for; null: they were not. */
  readonly laysSince: Day | null;
  /** Frames with brood at the last count that still tells; null: none. */
  readonly broodFrames: number | null;
}

/** The first or the second stays, because she is younger or lays better; `null`: nothing that is known tells. */
export type WhoStays = { readonly stays: 0 | 1; readonly by: 'younger' | 'better-layer' } | null;

/** Longer than any queen takes from emergence to her first eggs, in days: first eggs later than that are of another queen. */
const LONGEST_WAIT = 90;

/**
 * Which of two laying queens is kept when their colonies are united: the younger, where their ages are known and do not overlap;
 * else the one with more frames of brood. Of a queen of whom only the first eggs are known it is certain that she emerged not long
 * before them.
 *
 * Both of one age and with as many frames: null, the keeper judges.
 */
export function whichQueenStays(first: LayingQueen, second: LayingQueen): WhoStays {
  const isOlder = (a: LayingQueen, b: LayingQueen): boolean => {
    const [until, from] = [a.emerged?.to ?? null, b.emerged?.from ?? null];
    if (until !== null && from !== null) return until < from;
    return until !== null && b.laysSince !== null && b.laysSince - until > LONGEST_WAIT;
  };
  if (isOlder(first, second)) return { stays: 1, by: 'younger' };
  if (isOlder(second, first)) return { stays: 0, by: 'younger' };
  const [a, b] = [first.broodFrames, second.broodFrames];
  if (a === null || b === null || a === b) return null;
  return { stays: a > b ? 0 : 1, by: 'better-layer' };
}
