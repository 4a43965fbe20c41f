import type { Said } from '../core/says/said';
import { ENGLISH } from './catalogue';
import { speak } from './speak';

/** What was said, as it is read. */
export const inWords = (said: Said): string => speak(ENGLISH, said);
