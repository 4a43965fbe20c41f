import { doubtNext, doubtSaid, type QueenDoubt } from '../core/colony/queen-doubt';
import { inWords } from './in-words';

/** What is not known about the queens, and what would settle it. */
export const doubtWords = (doubt: QueenDoubt): string => `${inWords(doubtSaid(doubt))} ${inWords(doubtNext(doubt))}`;
