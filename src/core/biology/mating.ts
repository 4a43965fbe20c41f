import { LAST_QUEENABLE_AGE, QUEEN_EMERGES } from './development';
import { figure } from './figure';

const SINCE_EMERGED = 'days-since-emerged';

export const FIRST_FLIGHTS = figure(
  'first-flights-of-a-virgin',
  { early: 5, typical: 6, late: 10 },
  SINCE_EMERGED,
  'mating',
);

/** Where weather kept her in, a test frame for want of eggs can wait for so long. */
export const LATE_MATING_WAITS = figure('a-test-frame-waits-for-a-late-mating', 4, 'days', 'mating');

export const FIRST_EGGS = figure(
  'first-eggs-of-a-young-queen',
  { early: 8, typical: 12, late: 21 },
  SINCE_EMERGED,
  'mating',
);

/** A queen raised after the loss of another lays no sooner than this: out of the oldest larva that can still become one. */
export const EGGS_AFTER_LOSS = figure(
  'first-eggs-of-a-queen-raised-after-a-loss-at-the-earliest',
  QUEEN_EMERGES.value.early - LAST_QUEENABLE_AGE.value + FIRST_EGGS.value.early,
  'days-since-queenless',
  'derived',
);

/** After this many days without eggs or anything else seen, the mating counts as failed. */
export const MATING_FAILED = figure('mating-counts-as-failed-after', 28, SINCE_EMERGED, 'setting');

/** A hive with a virgin is left shut until this many days after the last day on which she may have emerged. */
export const LEAVE_SHUT_DAYS = figure('leave-shut-after-the-latest-emergence', 10, 'days', 'setting');

/** Looking for the young queen's eggs, counted from the last day on which she may have emerged. */
export const LOOK_FOR_EGGS = figure(
  'look-for-a-young-queens-eggs',
  { early: 11, typical: 13, late: 17 },
  'days-since-latest-emergence',
  'caution',
);

/** A queen let out of her cage is expected to lay within this many days of being caged in. */
export const RELEASED_QUEEN_LAYS = figure(
  'eggs-of-a-caged-queen',
  { early: 7, typical: 7, late: 12 },
  'days-since-caged',
  'caution',
);
/** Eggs seen before this were laid by another: a bought queen is still in her cage, or only just out of it. */
export const BOUGHT_QUEEN_LAYS_FROM = figure(
  'first-eggs-of-a-caged-queen-at-the-earliest',
  5,
  'days-since-caged',
  'caution',
);
export const CAGE_CHECK = figure(
  'see-whether-a-caged-queen-is-out',
  { early: 3, typical: 3, late: 5 },
  'days-since-caged',
  'caution',
);
/** A prime swarm's old queen lays again once she has comb. */
export const PRIME_SWARM_LAYS = figure(
  'hived-prime-swarm-look-for-eggs',
  { early: 3, typical: 3, late: 7 },
  'days-since-hived',
  'mating',
);
export const CAST_LAYS = figure(
  'hived-cast-look-for-eggs',
  { early: 14, typical: 14, late: 28 },
  'days-since-hived',
  'mating',
);
/** Bees without a queen start cells on a comb with eggs within days. */
export const READ_TEST_COMB = figure(
  'read-a-test-frame',
  { early: 3, typical: 4, late: 5 },
  'days-since-given',
  'caution',
);

export const NUC_SETTLES = figure(
  'see-whether-a-nuc-has-settled',
  { early: 2, typical: 3, late: 5 },
  'days-since-made',
  'caution',
);

/**
 * Out of a colony that a prime swarm has left: its oldest cell was sealed about then, its youngest laid that day. Weather may have
 * held the swarm back by a day or two.
 */
export const EMERGE_AFTER_PRIME = figure(
  'virgins-emerge-after-a-prime-swarm-the-first',
  { early: 6, typical: 7, late: 9 },
  'days-since-left',
  'derived',
);
/** A cast leaves with one virgin; the others are out within about a week of it. */
export const EMERGE_AFTER_CAST = figure(
  'virgins-emerge-after-a-cast',
  { early: 0, typical: 2, late: 8 },
  'days-since-left',
  'derived',
);
