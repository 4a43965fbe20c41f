import { figure } from './figure';

const CELLS = 'worker-cells';

export const CELLS_LANGSTROTH_DEEP = figure('langstroth-deep-frame', 6800, CELLS, 'comb');
export const CELLS_LANGSTROTH_MEDIUM = figure('langstroth-medium-frame', 4600, CELLS, 'comb');
export const CELLS_NATIONAL_DEEP = figure('british-national-deep-frame', 5000, CELLS, 'comb');
export const CELLS_NATIONAL_14X12 = figure('national-14x12-frame', 7000, CELLS, 'comb');
export const CELLS_NATIONAL_SUPER = figure('national-super-frame', 2900, CELLS, 'comb');
export const CELLS_DADANT_DEEP = figure('dadant-deep-frame', 8600, CELLS, 'comb');
export const CELLS_COMMERCIAL = figure('commercial-frame', 7000, CELLS, 'comb');
export const CELLS_WBC_DEEP = figure('wbc-deep-frame', 5000, CELLS, 'comb');
export const CELLS_SMITH = figure('smith-frame', 5000, CELLS, 'comb');

export const HONEY_CELL = figure('honey-or-nectar-in-a-cell', 0.43, 'g', 'weighed');
export const BROOD_CELL = figure('brood-or-pollen-in-a-cell', 0.25, 'g', 'weighed');
export const EMPTY_CELL = figure('wax-of-a-drawn-cell', 0.03, 'g', 'weighed');
export const FRAME_WOOD = figure('wood-of-a-frame', 0.3, 'kg', 'weighed');
export const DEEP_BOX = figure(
  'a-langstroth-deep-box-without-frames-others-in-proportion-to-their-comb',
  5,
  'kg',
  'weighed',
);
export const BEES_ON_FRAME = figure('bees-on-a-covered-frame', 0.25, 'kg', 'weighed');
