import type { YoungestBrood } from '../core/brood/youngest';

/** The youngest worker brood that was seen. */
export const YOUNGEST_WORDS: { readonly [Y in YoungestBrood]: string } = {
  'eggs-upright': 'upright eggs',
  eggs: 'eggs',
  'larvae-small': 'small larvae',
  'larvae-large': 'big open larvae',
  sealed: 'only sealed brood',
  none: 'no worker brood',
};
