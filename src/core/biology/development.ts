import { figure } from './figure';
import { SOURCES } from './sources';

const AGE = 'days since the egg was laid';
const spread = (early: number, typical: number, late: number) => ({ early, typical, late });

/** An egg of any caste hatches at this age. */
export const EGG_HATCHES = figure('Egg hatches', 3, AGE, SOURCES.development);

export const QUEEN_CELL_SEALED = figure('Queen cell sealed', spread(7, 8, 9), AGE, SOURCES.development);
export const QUEEN_EMERGES = figure('Queen emerges', spread(15, 16, 17), AGE, SOURCES.development);
export const WORKER_CELL_SEALED = figure('Worker cell sealed', spread(8, 9, 10), AGE, SOURCES.development);
export const WORKER_EMERGES = figure('Worker emerges', spread(20, 21, 22), AGE, SOURCES.development);
export const DRONE_CELL_SEALED = figure('Drone cell sealed', spread(9, 10, 11), AGE, SOURCES.development);
export const DRONE_EMERGES = figure('Drone emerges', spread(23, 24, 25), AGE, SOURCES.development);

/** The oldest age at which a female larva can still be raised as a queen. */
export const LAST_QUEENABLE_AGE = figure('Larva can still become a queen until', 6, AGE, SOURCES.queenRearing);
export const BEST_QUEENABLE_AGE = figure('Best queens from larvae until', 4, AGE, SOURCES.queenRearing);

/** Brood that a steady laying rate of one egg a day keeps up: eggs, open larvae, sealed cells. */
export const EGG_DAYS = figure('Days as an egg', 3, 'days', SOURCES.rate);
export const OPEN_LARVA_DAYS = figure('Days as an open worker larva', 6, 'days', SOURCES.rate);
export const SEALED_WORKER_DAYS = figure('Days as sealed worker brood', 12, 'days', SOURCES.rate);
