import { figure } from '../biology/figure';

/** Of the eggs, the open larvae and the sealed brood so much comes through its whole stage. */
export const EGGS_SURVIVE = figure('share-of-eggs-that-hatch', 0.94, 'share', 'population');
export const LARVAE_SURVIVE = figure('share-of-open-larvae-that-are-sealed', 0.88, 'share', 'population');
export const SEALED_SURVIVE = figure('share-of-sealed-brood-that-emerges', 0.98, 'share', 'population');

/** House bees become flying bees, a day: the first less the second times the share that flies already. */
export const GO_OUT = figure('share-of-house-bees-that-begin-to-fly', 0.25, 'share-a-day', 'population');
export const HELD_BACK = figure('share-that-flying-bees-hold-back', 0.75, 'share-a-day', 'population');
export const FLYERS_DIE = figure('share-of-flying-bees-that-die', 0.1, 'share-a-day', 'population');
export const HOUSE_BEES_DIE = figure('share-of-house-bees-that-die', 0.005, 'share-a-day', 'population');

/** So many eggs a day are reared by one house bee. */
export const HOUSE_BEES_AN_EGG = figure('house-bees-that-rear-an-egg-a-day', 6, 'bees', 'population');
/** Eggs a day of a queen of this or last year; an older one lays a tenth less for each further winter. */
export const QUEEN_LAYS = figure(
  'eggs-a-day-of-a-young-queen',
  { early: 1000, typical: 1600, late: 2200 },
  'eggs-a-day',
  'population',
);
export const LAYS_LESS_A_WINTER = figure(
  'share-that-a-queen-lays-less-for-each-winter-over-one',
  0.1,
  'share',
  'population',
);

/** A flow of so many kg a day is what a colony with this many flying bees brings in. */
export const FLYERS_OF_A_FLOW = figure('flying-bees-that-bring-in-the-flow', 10_000, 'bees', 'population');
export const HONEY_A_BEE = figure('honey-that-a-bee-eats-a-day', 0.009, 'g', 'population');
export const HONEY_A_LARVA = figure('honey-that-a-larva-is-fed-a-day', 0.024, 'g', 'population');
/** Of a unit without honey so many bees die a day. */
export const STARVE = figure('share-of-bees-that-starve', 0.2, 'share-a-day', 'population');

/** The chance a day at its highest for a queen of last year that a colony begins to prepare for swarming. */
export const PREPARES = figure('chance-that-a-crowded-colony-begins-to-prepare', 0.05, 'share-a-day', 'population');
export const BUILD_UP = figure('preparing-in-build-up-against-the-swarm-season', 0.2, 'share', 'population');
export const CROWDED_FROM = figure('bees-for-each-cell-of-the-brood-boxes-crowd-from', 0.3, 'bees', 'population');
export const CROWDED_TO = figure('bees-for-each-cell-of-the-brood-boxes-crowd-at-most-at', 0.55, 'bees', 'population');
export const ROOM_DAYS = figure('days-of-laying-that-are-room-enough', 7, 'days-of-laying', 'population');
/** How much readier to swarm by the queen's age: raised this year, after one winter, after two or more. */
export const BY_QUEEN = [
  figure('readiness-to-swarm-with-a-queen-of-this-year', 0.2, 'share', 'population'),
  figure('readiness-to-swarm-with-a-queen-of-last-year', 1, 'share', 'population'),
  figure('readiness-to-swarm-with-an-older-queen', 2, 'share', 'population'),
] as const;
/** A swarm leaves so many days after the egg of its first cell, or on the first fit day after it. */
export const LEAVES_AFTER = figure('a-swarm-leaves-after-the-egg-of-its-first-cell', 8, 'days', 'population');
export const SWARM_TAKES = figure(
  'share-of-the-bees-that-leave-with-a-swarm',
  { early: 0.6, typical: 0.675, late: 0.75 },
  'share',
  'population',
);
export const FIT_TO_SWARM = figure('share-of-days-on-which-a-swarm-can-leave', 0.7, 'share', 'supposed');
export const CAST_FOLLOWS = figure(
  'chance-that-a-cast-follows-where-no-cells-are-taken-down',
  1 / 3,
  'share',
  'population',
);
export const CAST_TAKES = figure(
  'share-of-the-bees-that-leave-with-a-cast',
  { early: 0.3, typical: 0.4, late: 0.5 },
  'share',
  'supposed',
);
export const CASTS_AT_MOST = figure('casts-that-follow-a-swarm-at-most', 3, 'casts', 'supposed');
export const DAYS_BETWEEN_CASTS = figure('days-between-a-virgin-and-the-next', 2, 'days', 'supposed');
/** A colony whose cells were taken down and that is as crowded as before builds others within days. */
export const BEGINS_AGAIN = figure(
  'chance-that-cells-are-begun-anew-once-taken-down',
  1 / 3,
  'share-a-day',
  'supposed',
);
/** Given room, so that it is crowded less than this, of 1, it may let go of swarming: by this chance a day. */
export const MOOD_ENDS = figure('crowding-under-which-a-colony-may-let-go-of-swarming', 0.25, 'share', 'supposed');

export const LETS_GO = figure('chance-that-a-colony-with-room-lets-go-of-swarming', 0.2, 'share-a-day', 'supposed');

export const MATING_SUCCEEDS = figure('chance-that-a-virgin-comes-to-lay', 0.8, 'share', 'setting');
export const BOUGHT_IS_TAKEN = figure('chance-that-a-bought-queen-is-taken', 0.9, 'share', 'population');
export const BOUGHT_LAYS = figure(
  'a-bought-queen-lays',
  { early: 5, typical: 6, late: 8 },
  'days-since-caged',
  'population',
);
/** A colony takes another queen once it has missed its own for a day. */
export const CAGED_AFTER = figure('a-bought-queen-is-caged-in-after', 1, 'days-since-queenless', 'practice');
/** Of the brood that is there workers raise a queen from larvae hatched not long ago: the age of the one that comes out first. */
export const RAISED_FROM = figure(
  'age-of-the-larva-that-becomes-a-queen',
  { early: 2, typical: 4, late: 5 },
  'days-since-laid',
  'queenRearing',
);

/** Reckoned with for all hives: frames of the size that most are kept on. */
export const FRAME_CELLS = figure('cells-of-a-frame-in-what-if', 5000, 'cells', 'supposed');
export const SUPER_CELLS = figure('cells-of-a-super-in-what-if', 29_000, 'cells', 'supposed');
export const BROOD_BOX_CELLS = figure('cells-of-a-brood-box-in-what-if', 55_000, 'cells', 'supposed');
export const BROOD_BOXES_AT_MOST = figure('brood-boxes-at-most-in-what-if', 2, 'boxes', 'supposed');
/** Of a frame in brood so many cells are. */
export const BROOD_A_FRAME = figure('brood-in-a-frame-of-brood', 3500, 'cells', 'supposed');

/** A colony of which nothing was counted. */
export const USUAL_BEES = figure('bees-of-a-colony-that-nobody-counted', 20_000, 'bees', 'supposed');
export const USUAL_BROOD = figure('brood-of-a-colony-that-nobody-counted', 6, 'frames-of-brood', 'supposed');
export const USUAL_HONEY = figure('honey-of-a-colony-that-nobody-surveyed', 10, 'kg', 'supposed');
export const USUAL_STORES = figure('stores-of-a-colony-that-nobody-surveyed', 25, 'percent-of-comb', 'supposed');
/** What a scale under a colony of 30,000 would show until the keeper says. */
export const FORAGE = figure('what-ordinary-days-bring-in', 0.5, 'kg-a-day', 'supposed');
export const MAIN_FLOW = figure('what-a-main-flow-brings-besides', 1.5, 'kg-a-day', 'supposed');
