import type { FigureUnit, Source } from '../core/biology/figure';
import { YOUNGEST_BROOD, type YoungestBrood } from '../core/brood/youngest';
import { CELL_STAGES, type CellStage, STAGES } from '../core/cells/stage';
import { STAGE_WORDS } from './cells';

/** Where the figures come from. */
export const SOURCE_WORDS: { readonly [S in Source]: string } = {
  development:
    'Development times of Apis mellifera at brood-nest temperature (34 to 35 °C) as taught in basic courses: queen 3 + 5 + 8, worker 3 + 6 + 12, drone 3 + 7 + 14 days; a day is allowed to either side',
  queenRearing:
    'Queen-rearing practice: grafts from larvae up to a day old give the best queens, female larvae of up to three days can still become queens',
  mating:
    'Mating biology: flights begin about a week after emergence in settled weather and laying some days later; over three weeks is overdue',
  eggPosture: 'An egg stands upright on its first day and sinks until it lies flat on its third',
  derived: 'Follows from the development times',
  caution: 'Ubbet’s own margin, on the careful side',
  setting: 'Ubbet’s own margin; can be changed in the settings',
  rate: 'Share of the 21 days from laying that a worker spends as egg, open larva and sealed brood',
  comb: 'Comb counts: cells to the square decimetre of drawn worker comb, over both sides of a frame of that size',
  weighed: 'Weighings of comb, boxes and bees in ordinary use, rounded',
  practice: 'Common practice for giving room',
  measured: 'Hives counted by frames and painted side by side, compared',
};

/** What the figures are counted in. */
export const UNIT_WORDS: { readonly [U in FigureUnit]: string } = {
  'worker-cells': 'worker cells, both sides, fully drawn',
  g: 'g',
  kg: 'kg',
  'days-since-laid': 'days since the egg was laid',
  days: 'days',
  'days-since-emerged': 'days since the virgin emerged',
  'days-since-queenless': 'days since the queen was gone',
  'days-since-latest-emergence': 'days since the latest emergence',
  'days-since-caged': 'days since she was caged in',
  'days-since-hived': 'days since it was hived',
  'days-since-given': 'days since it was given',
  'days-since-made': 'days since it was made',
  'days-since-left': 'days since it left',
  'days-before-inspection': 'days before the inspection',
  'live-cells': 'live cells',
  'days-after-inspection': 'days after the inspection',
  'degrees-a-day': 'degrees a day',
  'frames-of-brood': 'frames of brood',
  seams: 'seams',
  'c-or-more': '°C or more',
  c: '°C',
  'days-before': 'days before',
  'days-since-her-eggs': 'days since her eggs were seen',
  'days-since-test-frame': 'days since a test frame showed no cells',
  'times-running': 'times running',
  'days-between': 'days between routine inspections outside the swarm season',
  cells: 'cells',
  'percent-of-nest': '% of the drawn comb of the brood boxes',
  'days-of-laying': 'days of laying',
  percent: '%',
  'percent-of-comb': '% of its comb',
};

const YOUNGEST: { readonly [Y in YoungestBrood]: string } = {
  'eggs-upright': 'Youngest brood upright eggs',
  eggs: 'Youngest brood eggs',
  'larvae-small': 'Youngest brood small larvae',
  'larvae-large': 'Youngest brood big larvae',
  sealed: 'Youngest brood sealed',
  none: 'No worker brood',
};

/** `none` has no earliest: any day before. */
const ofYoungest = (youngest: YoungestBrood) => [
  [`youngest-${youngest}-newest`, `${YOUNGEST[youngest]}: last laid at the latest`],
  ...(youngest === 'none' ? [] : [[`youngest-${youngest}-oldest`, `${YOUNGEST[youngest]}: last laid at the earliest`]]),
];

const ofStage = (stage: CellStage) => {
  const { ages } = STAGES[stage];
  const seen = `Queen cell seen as ${STAGE_WORDS[stage].name}`;
  return [
    ...(ages ? [[`cell-${stage}-from`, `${seen}, from`]] : []),
    ...(ages && ages.to !== null ? [[`cell-${stage}-until`, `${seen}, until`]] : []),
  ];
};

/** What each figure says, by its name. */
export const FIGURE_WORDS: Readonly<Record<string, string>> = {
  'langstroth-deep-frame': 'Langstroth deep frame',
  'langstroth-medium-frame': 'Langstroth medium frame',
  'british-national-deep-frame': 'British National deep frame',
  'national-14x12-frame': 'National 14x12 frame',
  'national-super-frame': 'National super frame',
  'dadant-deep-frame': 'Dadant deep frame',
  'commercial-frame': 'Commercial frame',
  'wbc-deep-frame': 'WBC deep frame',
  'smith-frame': 'Smith frame',
  'honey-or-nectar-in-a-cell': 'Honey or nectar in a cell',
  'brood-or-pollen-in-a-cell': 'Brood or pollen in a cell',
  'wax-of-a-drawn-cell': 'Wax of a drawn cell',
  'wood-of-a-frame': 'Wood of a frame',
  'a-langstroth-deep-box-without-frames-others-in-proportion-to-their-comb':
    'A Langstroth deep box without frames, others in proportion to their comb',
  'bees-on-a-covered-frame': 'Bees on a covered frame',
  'egg-hatches': 'Egg hatches',
  'queen-cell-sealed': 'Queen cell sealed',
  'queen-emerges': 'Queen emerges',
  'worker-cell-sealed': 'Worker cell sealed',
  'worker-emerges': 'Worker emerges',
  'drone-cell-sealed': 'Drone cell sealed',
  'drone-emerges': 'Drone emerges',
  'larva-can-still-become-a-queen-until': 'Larva can still become a queen until',
  'best-queens-from-larvae-until': 'Best queens from larvae until',
  'days-as-an-egg': 'Days as an egg',
  'days-as-an-open-worker-larva': 'Days as an open worker larva',
  'days-as-sealed-worker-brood': 'Days as sealed worker brood',
  'first-mating-flights': 'First mating flights',
  'first-eggs-of-a-young-queen': 'First eggs of a young queen',
  'first-eggs-of-a-queen-raised-after-a-loss-at-the-earliest':
    'First eggs of a queen raised after a loss, at the earliest',
  'mating-counts-as-failed-after': 'Mating counts as failed after',
  'leave-shut-after-the-latest-emergence': 'Leave shut after the latest emergence',
  'look-for-a-young-queens-eggs': 'Look for a young queen’s eggs',
  'drone-mature': 'Drone mature',
  'eggs-of-a-caged-queen': 'Eggs of a caged queen',
  'first-eggs-of-a-caged-queen-at-the-earliest': 'First eggs of a caged queen, at the earliest',
  'see-whether-a-caged-queen-is-out': 'See whether a caged queen is out',
  'hived-prime-swarm-look-for-eggs': 'Hived prime swarm: look for eggs',
  'hived-cast-look-for-eggs': 'Hived cast: look for eggs',
  'read-a-test-frame': 'Read a test frame',
  'see-whether-a-nuc-has-settled': 'See whether a nuc has settled',
  'virgins-emerge-after-a-prime-swarm-the-first': 'Virgins emerge after a prime swarm, the first',
  'virgins-emerge-after-a-cast': 'Virgins emerge after a cast',
  'as-many-cells-as-this-point-to-swarming': 'As many cells as this point to swarming',
  'up-to-this-many-cells-of-like-age-point-to-supersedure': 'Up to this many cells of like age point to supersedure',
  'cells-broken-down-tell-of-those-found-within': 'Cells broken down tell of those found within',
  'cups-with-eggs-act-within': 'Cups with eggs: act within',
  'queen-missing-test-frame-within': 'Queen missing: test frame within',
  'queen-there-but-not-laying-look-again-within': 'Queen present but not laying: inspect again within',
  'drone-laying-or-congested-act-within': 'Drone laying or congested: act within',
  'after-cells-are-broken-down-new-ones-start-from-a-larva-aged':
    'After cells are broken down, new ones start from a larva aged',
  'look-again-after-tipping-up': 'Inspect again after tipping up',
  'short-of-laying-room-under': 'Short of laying room under',
  'even-split-boxes-are-shifted-a-little-each-day-for': 'Even split: boxes are shifted a little each day for',
  'a-count-of-brood-frames-seams-or-drones-holds-for': 'A count of brood frames, seams or drones holds for',
  'young-brood-seen-can-still-be-raised-as-queens-for': 'Young brood seen can still be raised as queens for',
  'a-split-turned-away-is-turned-back-by': 'A split turned away is turned back by',
  'brood-for-a-nuc-swarm-or-a-queen-split': 'Brood for a nuc swarm or a queen split',
  'brood-for-an-old-site-swarm-or-a-split': 'Brood for an old-site swarm or a split',
  'brood-for-a-demaree-a-vertical-split-or-interleaving': 'Brood for a Demaree, a vertical split or interleaving',
  'covered-seams-for-a-demaree-or-interleaving': 'Covered seams for a Demaree or interleaving',
  'interleave-only-while-the-next-five-nights-stay-at': 'Interleave only while the next five nights stay at',
  'main-flow-near-enough-for-a-demaree': 'Main flow near enough for a Demaree',
  'only-sealed-brood-goes-up-in-a-demaree-when-one-of-the-next-five-nights-is-under':
    'Only sealed brood goes up in a Demaree when one of the next five nights is under',
  'first-look-at-a-colony-new-to-the-book': 'First inspection of a colony new to your records',
  'a-programmes-look-does-for-a-routine-look-due-until-then-or':
    'A programme’s inspection counts for a routine one due until then or',
  'first-full-look-once-a-young-queen-lays': 'First full inspection once a young queen lays',
  'a-colony-has-a-date-within': 'A colony has a date within',
  'look-for-eggs-again-where-there-were-none-yet': 'Look for eggs again, where there were none yet',
  'search-for-a-queen-who-should-not-be-there-within': 'Search for a queen who should not be there within',
  'look-above-an-excluder-for-eggs-within': 'Look above an excluder for eggs within',
  'a-queen-above-an-excluder-is-found-within': 'A queen above an excluder is found within',
  'warned-before-laying-room-runs-out': 'Warned before laying room runs out',
  'room-is-best-given-before-it-runs-out': 'Room is best given before it runs out',
  'a-nest-hemmed-in-or-a-hive-that-is-full-is-seen-to-within':
    'A nest bound by stores or a full hive is seen to within',
  'give-a-queenless-colony-a-queen-or-a-cell': 'Give a queenless colony a queen or a cell',
  'cage-a-bought-queen-in': 'Cage a bought queen in',
  'look-for-the-eggs-of-a-late-queen': 'Look for the eggs of a late queen',
  'breaking-cells-down-is-not-working-after': 'Breaking cells down is not working after',
  'looks-of-one-run-of-swarm-preparations-at-most-apart': 'Inspections of one run of swarm preparations, at most apart',
  'days-in-which-to-find-emergency-cells': 'Days in which to find emergency cells',
  'routine-in-build-up': 'Routine in build-up',
  'routine-after-the-swarm-season': 'Routine after the swarm season',
  'cells-kept-at-most': 'Cells kept at most',
  'bound-by-stores-from': 'Bound by stores from',
  'bound-by-pollen-from': 'Bound by pollen from',
  'bound-by-stores-only-with-empty-cells-for-under': 'Bound by stores only with empty cells for under',
  'a-nest-is-not-called-hemmed-in-with-room-for': 'A nest is not called bound with room for',
  'laying-rates-alike-when-they-differ-by-less-than': 'Laying rates alike when they differ by less than',
  'laying-room-is-reckoned-ahead-for-at-most': 'Laying room is reckoned ahead for at most',
  'comb-not-drawn-that-counts-as-room-on-a-flow': 'Comb not drawn that counts as room on a flow',
  'short-of-room-whatever-comes-free-empty-cells-under': 'Short of room whatever comes free: empty cells under',
  'brood-of-frames-that-were-only-counted-is-overstated-by': 'Brood of frames that were only counted is overstated by',
  'laying-rate-of-brood-that-was-only-counted-may-be-off-by':
    'Laying rate of brood that was only counted may be off by',
  'stored-in-a-day-on-a-light-flow': 'Stored in a day on a light flow',
  'stored-in-a-day-on-a-strong-flow': 'Stored in a day on a strong flow',
  'add-a-box-when-the-top-box-is-covered-to': 'Add a box when the top box is covered to',
  'add-a-super-when-the-supers-are-full-to': 'Add a super when the supers are full to',
  'a-super-is-ready-to-take-off-when-sealed-to': 'A super is ready to take off when sealed to',
  'a-box-is-heavy-from': 'A box is heavy from',
  ...Object.fromEntries(YOUNGEST_BROOD.flatMap(ofYoungest)),
  ...Object.fromEntries(CELL_STAGES.flatMap(ofStage)),
};
