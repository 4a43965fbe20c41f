import 'server-only';

/** A hundred times what the longest colony takes on a slow machine: what takes longer than that does not come to an end, ms. */
export const RECKONED_WITHIN = 2_000;
