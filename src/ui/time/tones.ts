import type { Tone } from '../../views/marks';

/** The colour of words that say how a check stands; the words say it too. */
export const TONE_TEXT: { readonly [T in Tone | 'shut']: string } = {
  late: 'text-propolis',
  now: 'text-willow',
  later: 'text-larch',
  fine: 'text-larch',
  shut: 'text-indigo',
};
