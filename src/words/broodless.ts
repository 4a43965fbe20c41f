import type { Window } from '../core/calendar/window';
import { say } from '../core/schedule/says';
import { inWords } from './in-words';

/** When a colony has no sealed brood, and why that matters; labels and local rules have the last word. */
export const broodlessWords = ({ likelyFrom, likelyTo }: Window): string =>
  inWords(say('no-sealed-brood', { likely: { from: likelyFrom, to: likelyTo } }));
