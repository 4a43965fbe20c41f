import { EGG_DAYS, OPEN_LARVA_DAYS, SEALED_WORKER_DAYS } from '../biology/development';
import { figure } from '../biology/figure';
import type { Comb } from './hive';

/** Eggs a day as each kind of brood tells it, and how they compare. */
export interface LayingRate {
  /** By the eggs: today's rate. */
  readonly now: number;
  /** By the open larvae: about a week ago. */
  readonly lastWeek: number;
  /** By the sealed brood: about two weeks ago. */
  readonly before: number;
  readonly trend: 'rising' | 'steady' | 'falling' | 'unknown';
  /** The lowest and the highest of those that were laid where they are; brood that is not there yet says nothing against eggs that are. */
  readonly low: number;
  readonly high: number;
}

/** Counting in tenths is rough: what differs by less than this is the same. */
const SAME_RATE = figure('laying-rates-alike-when-they-differ-by-less-than', 25, 'percent', 'caution');

/** How old the oldest brood of each kind is, in days. */
const OLDEST_EGG = EGG_DAYS.value;
const OLDEST_LARVA = OLDEST_EGG + OPEN_LARVA_DAYS.value;
const OLDEST_SEALED = OLDEST_LARVA + SEALED_WORKER_DAYS.value;

/** Brood that came or went on frames longer ago than this many days has emerged: it tells no wrong rate any more. */
export const MOVED_TELLS_FOR = OLDEST_SEALED;

/**
 * At a steady rate R a colony holds 3R eggs, 6R open larvae and 12R sealed worker cells; so each of the three tells the rate of
 * its own time. Brood that was moved tells nothing of her: once frames of it came or went, a kind of brood counts only when all of it was
 * laid since, and until the sealed brood was there is no trend.
 *
 * @param comb cells; of all boxes in which she can lay
 * @param sinceMoved days since brood came into the hive or left it; without an end: it never did. Within three days of it even the eggs may
 * be another's, but they are all there is to go by
 */
export function layingRate(
  { eggs, larvae, sealed }: Pick<Comb, 'eggs' | 'larvae' | 'sealed'>,
  sinceMoved = Number.POSITIVE_INFINITY,
): LayingRate {
  const now = eggs / EGG_DAYS.value;
  const lastWeek = larvae / OPEN_LARVA_DAYS.value;
  const before = sealed / SEALED_WORKER_DAYS.value;
  const told = [
    now,
    ...(sinceMoved >= OLDEST_LARVA ? [lastWeek] : []),
    ...(sinceMoved >= OLDEST_SEALED ? [before] : []),
  ];
  const rates = now === 0 ? told : told.filter((rate) => rate > 0);
  return {
    now,
    lastWeek,
    before,
    trend: sinceMoved < OLDEST_SEALED ? 'unknown' : trendOf(now, before),
    low: Math.min(...rates),
    high: Math.max(...rates),
  };
}

function trendOf(now: number, before: number): LayingRate['trend'] {
  if (now === 0 && before === 0) return 'unknown';
  const within = SAME_RATE.value / 100;
  if (now > before * (1 + within)) return 'rising';
  return now < before * (1 - within) ? 'falling' : 'steady';
}
