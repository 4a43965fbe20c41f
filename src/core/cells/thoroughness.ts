import { EGG_HATCHES } from '../biology/development';

/** How the colony was searched for queen cells. */
export const THOROUGHNESS = ['cleared', 'bees-on', 'tip-up'] as const;

export type Thoroughness = (typeof THOROUGHNESS)[number];

/**
 * The oldest age, in days since laying, that a cell could have had and still be overlooked: 0 with the bees shaken or brushed off,
 * 3 (an egg in a cup) with the bees left on, null (anything) when only tipped up.
 */
export function hiddenAgeOf(thoroughness: Thoroughness): number | null {
  if (thoroughness === 'cleared') return 0;
  return thoroughness === 'bees-on' ? EGG_HATCHES.value : null;
}
