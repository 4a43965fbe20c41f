import type { Day } from '../../core/calendar/day';
import type { DayRange } from '../../core/calendar/window';
import { rangeWords, weekdayWords } from '../days';

/** The dates of a method before it is started. */
export const previewPhrases = {
  aQueenLays: 'a queen lays',
  oneColony: 'one colony',
  anyDay: (days: DayRange) => ` (any day ${rangeWords(days)})`,
  leaveShut: (unit: string, to: Day) => `${unit}: leave shut, last day ${weekdayWords(to)}`,
  aVirginIsOut: 'A virgin is out, flies and mates.',
};
