import type { Thoroughness } from '../cells/thoroughness';

/** How a frame is searched, the least first. */
export const SEARCHES = ['tip-up', 'bees-on', 'brushed', 'shaken'] as const;
export type Search = (typeof SEARCHES)[number];

/** How thorough a search is: brushed or shaken off, no bee hides anything. */
export const THOROUGHNESS_OF: { readonly [S in Search]: Thoroughness } = {
  'tip-up': 'tip-up',
  'bees-on': 'bees-on',
  brushed: 'cleared',
  shaken: 'cleared',
};

export const isSearch = (value: unknown): value is Search => SEARCHES.some((one) => one === value);
