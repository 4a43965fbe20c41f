import type { Said } from '../core/says/said';
import { spaceWords } from './space';
import { speak } from './speak';
import { togetherWords } from './together';
import { workWords } from './work-list';

const OF_THE_BOARD = { space: spaceWords, together: togetherWords, work: workWords };

/** What is said of frames and boxes, as it is read: the frame board needs no other words, and does without the rest of the catalogue. */
export const boardWords = (said: Said): string => speak(OF_THE_BOARD, said);
