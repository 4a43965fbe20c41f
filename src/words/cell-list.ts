import type { BearsMoving, CellWantedWhy } from '../core/programmes/cell-list';

/** Why a live cell would help a colony. */
export const CELL_WANTED_WORDS: { readonly [W in CellWantedWhy]: string } = {
  'nothing-to-raise': 'no queen, and nothing to raise one from',
  'queen-may-be-gone': 'the queen may be gone',
  'not-come-to-lay': 'its young queen has not come to lay',
  'no-cell-known': 'no queen, and no cell of its own known',
  queen: 'you want a queen for it',
  'better-strain': 'you want a better strain in it',
};

/** How a cell bears being moved now. */
export const BEARS_MOVING_WORDS: { readonly [B in BearsMoving]: string } = {
  ripe: 'ripe: travels well, or as a caged virgin',
  sealed: 'sealed, perhaps not ripe: neither shake nor chill it',
  open: 'open: on its frame, upright and warm',
};
