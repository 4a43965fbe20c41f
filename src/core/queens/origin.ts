/** Where a queen came from. */
export const QUEEN_ORIGINS = ['raised', 'bought', 'swarm', 'unknown'] as const;
export type QueenOrigin = (typeof QUEEN_ORIGINS)[number];
