import type { TogetherSays } from '../core/says/together';
import type { Words } from './words';

/** Several things said together, and what stands as it was written. */
export const togetherWords: Words<TogetherSays> = {
  sentences: ({ parts }) => parts.join(' '),
  verbatim: ({ text }) => text,
};
