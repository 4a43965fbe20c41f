import type { Method } from './method';

/** The young queen has not come to lay: what is done about it. */
export const NO_EGGS_CAME = 'no-eggs-came';

/** How raising a queen ends badly, and the ways out: the same wherever a unit raises its own. */
export const QUEEN_RAISING_FAILURES: Method['failures'] = [NO_EGGS_CAME, 'drone-layer'];
