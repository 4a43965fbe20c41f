import { EGG_HATCHES } from '../biology/development';

/** How the colony was searched for queen cells. */
export const THOROUGHNESS = ['cleared', 'bees-on', 'tip-up'] as const;

export type Thoroughness = (typeof THOROUGHNESS)[number];

export const SEARCHED = [...THOROUGHNESS, 'not-searched'] as const;
/** How an inspection searched for cells; `not-searched`: they were not its question, and nothing is concluded of them. */
export type Searched = (typeof SEARCHED)[number];

/** Every brood frame was looked at. */
export const isFullSearch = (searched: Searched): boolean => searched === 'cleared' || searched === 'bees-on';

/**
 * The oldest age, in days since laying, that a cell could have had and still be overlooked: 0 with the bees shaken or brushed off,
 * 3 (an egg in a cup) with the bees left on, null (anything) when only tipped up.
 */
export function hiddenAgeOf(thoroughness: Thoroughness): number | null {
  if (thoroughness === 'cleared') return 0;
  return thoroughness === 'bees-on' ? EGG_HATCHES.value : null;
}
