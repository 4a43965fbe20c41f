import { figure } from './figure';

const AGE = 'days-since-laid';
const spread = (early: number, typical: number, late: number) => ({ early, typical, late });

/** An egg of any caste hatches at this age. */
export const EGG_HATCHES = figure('egg-hatches', 3, AGE, 'development');

export const QUEEN_CELL_SEALED = figure('queen-cell-sealed', spread(7, 8, 9), AGE, 'development');
export const QUEEN_EMERGES = figure('queen-emerges', spread(15, 16, 17), AGE, 'development');
export const WORKER_CELL_SEALED = figure('worker-cell-sealed', spread(8, 9, 10), AGE, 'development');
export const WORKER_EMERGES = figure('worker-emerges', spread(20, 21, 22), AGE, 'development');
export const DRONE_EMERGES = figure('drone-emerges', spread(23, 24, 25), AGE, 'development');

/** The oldest age at which a female larva can still be raised as a queen. */
export const LAST_QUEENABLE_AGE = figure('larva-can-still-become-a-queen-until', 6, AGE, 'queenRearing');

/** Brood that a steady laying rate of one egg a day keeps up: eggs, open larvae, sealed cells. */
export const EGG_DAYS = figure('days-as-an-egg', 3, 'days', 'rate');
export const OPEN_LARVA_DAYS = figure('days-as-an-open-worker-larva', 6, 'days', 'rate');
export const SEALED_WORKER_DAYS = figure('days-as-sealed-worker-brood', 12, 'days', 'rate');
