import type { Method } from './method';

/** The young queen has not come to lay: what is done about it. */
export const NO_EGGS_CAME = {
  sign: 'No eggs by the last day of the window',
  remedy:
    'Give a test frame the same day and read it three to five days later: cells on it mean no queen. Or give a bought mated queen, a ripe cell from another colony, or unite.',
};

/** How raising a queen ends badly, and the ways out: the same wherever a unit raises its own. */
export const QUEEN_RAISING_FAILURES: Method['failures'] = [
  NO_EGGS_CAME,
  {
    sign: 'Scattered drone brood or several eggs to a cell',
    remedy: 'Laying workers or a drone layer: do not unite as it is; ask an experienced keeper.',
  },
];
