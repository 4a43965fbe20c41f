import { EGG_HATCHES } from '../biology/development';

/** How the colony was searched for queen cells. */
export const THOROUGHNESS = ['cleared', 'bees-on', 'tip-up'] as const;

export type Thoroughness = (typeof THOROUGHNESS)[number];

/** What a keeper is asked: how cells were searched for, or that they were not its question. */
export const SEARCH_ASKED = [...THOROUGHNESS, 'not-searched'] as const;
export const SEARCHED = [...SEARCH_ASKED, 'not-said'] as const;
/**
 * How an inspection searched for cells. `not-searched`: they were not its question; `not-said`: how, or whether, is not known, as of a
 * notebook that does not tell. Of neither is concluded that there were none.
 */
export type Searched = (typeof SEARCHED)[number];

/** It is known how cells were searched for. */
export const isSearch = (searched: Searched): searched is Thoroughness =>
  searched !== 'not-searched' && searched !== 'not-said';

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
