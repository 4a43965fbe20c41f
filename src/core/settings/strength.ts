import { figure } from '../biology/figure';

const FRAMES = 'frames-of-brood';

/** The least strength for each kind of method; below it neither half would thrive. */
export const BROOD_FOR_NUC = figure('brood-for-a-nuc-swarm-or-a-queen-split', 4, FRAMES, 'setting');
export const BROOD_FOR_SPLIT = figure('brood-for-an-old-site-swarm-or-a-split', 5, FRAMES, 'setting');
export const BROOD_FOR_DEMAREE = figure('brood-for-a-demaree-a-vertical-split-or-interleaving', 6, FRAMES, 'setting');
export const SEAMS_FOR_DEMAREE = figure('covered-seams-for-a-demaree-or-interleaving', 8, 'seams', 'setting');
/** Empty frames between brood are kept warm by the bees only while nights stay this warm. */
export const INTERLEAVE_NIGHT = figure(
  'interleave-only-while-the-next-five-nights-stay-at',
  10,
  'c-or-more',
  'setting',
);
/** A Demaree wants the main flow on, or within this many days. */
export const MAIN_FLOW_NEAR = figure('main-flow-near-enough-for-a-demaree', 14, 'days', 'setting');
/** Open brood above an excluder is chilled in colder nights. */
export const ONLY_SEALED_UP_NIGHT = figure(
  'only-sealed-brood-goes-up-in-a-demaree-when-one-of-the-next-five-nights-is-under',
  7,
  'c',
  'setting',
);

/** What the coldest of the next nights can be entered as, °C, both included. */
export const COLDEST_NIGHT_C = { min: -20, max: 35 } as const;
