export const COMB_BASES = ['wired-wax', 'unwired-wax', 'plastic', 'starter-strip', 'unknown'] as const;
/** What the bees built a comb on. */
export type CombBase = (typeof COMB_BASES)[number];
