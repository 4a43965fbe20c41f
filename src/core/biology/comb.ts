import { figure } from './figure';
import { SOURCES } from './sources';

const CELLS = 'worker cells, both sides, fully drawn';

export const CELLS_LANGSTROTH_DEEP = figure('Langstroth deep frame', 6800, CELLS, SOURCES.comb);
export const CELLS_LANGSTROTH_MEDIUM = figure('Langstroth medium frame', 4600, CELLS, SOURCES.comb);
export const CELLS_NATIONAL_DEEP = figure('British National deep frame', 5000, CELLS, SOURCES.comb);
export const CELLS_NATIONAL_14X12 = figure('National 14x12 frame', 7000, CELLS, SOURCES.comb);
export const CELLS_NATIONAL_SUPER = figure('National super frame', 2900, CELLS, SOURCES.comb);
export const CELLS_DADANT_DEEP = figure('Dadant deep frame', 8600, CELLS, SOURCES.comb);
export const CELLS_COMMERCIAL = figure('Commercial frame', 7000, CELLS, SOURCES.comb);
export const CELLS_WBC_DEEP = figure('WBC deep frame', 5000, CELLS, SOURCES.comb);
export const CELLS_SMITH = figure('Smith frame', 5000, CELLS, SOURCES.comb);

export const HONEY_CELL = figure('Honey or nectar in a cell', 0.43, 'g', SOURCES.weighed);
export const BROOD_CELL = figure('Brood or pollen in a cell', 0.25, 'g', SOURCES.weighed);
export const EMPTY_CELL = figure('Wax of a drawn cell', 0.03, 'g', SOURCES.weighed);
export const FRAME_WOOD = figure('Wood of a frame', 0.3, 'kg', SOURCES.weighed);
export const DEEP_BOX = figure(
  'A Langstroth deep box without frames, others in proportion to their comb',
  5,
  'kg',
  SOURCES.weighed,
);
export const BEES_ON_FRAME = figure('Bees on a covered frame', 0.25, 'kg', SOURCES.weighed);
