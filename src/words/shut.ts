import { addDays } from '../core/calendar/day';
import type { LeaveShut } from '../core/schedule/check';
import { withinSentence } from './capital';
import { weekdayWords } from './days';

/** Where it is said already that it is to be left shut: `Not before Sat 5 Jun`. */
export const openedFrom = ({ to }: LeaveShut): string => `Not before ${weekdayWords(addDays(to, 1))}`;

/** `Leave shut: not before Sat 5 Jun`. */
export const notBeforeWords = (shut: LeaveShut): string => `Leave shut: ${withinSentence(openedFrom(shut))}`;
