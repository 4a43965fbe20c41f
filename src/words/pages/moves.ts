import type { Day } from '../../core/calendar/day';
import type { CheckWindow } from '../../core/calendar/window';
import type { Said } from '../../core/says/said';
import { dayWords, rangeWords } from '../days';
import { inWords } from '../in-words';

const windowWords = ({ earliest, latest }: CheckWindow) => rangeWords({ from: earliest, to: latest });

/** What moved a date. */
export const movesPhrases = {
  nowWas: (order: string, to: CheckWindow, from: CheckWindow) =>
    `${order}: now ${windowWords(to)} (was ${windowWords(from)})`,
  movedAfter: (moved: string, because: Said) => `${moved}, after ${inWords(because)}`,
  entryOf: (on: Day, action: string) => `Entry of ${dayWords(on)} ${action}`,
};
