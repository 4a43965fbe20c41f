import type { Day } from '../../core/calendar/day';
import type { DayRange } from '../../core/calendar/window';
import { dayWords, rangeWords, weekdayWords } from '../days';

/** The calendar’s entries. */
export const calendarPhrases = {
  onOnly: (earliest: Day) => `On ${weekdayWords(earliest)} only.`,
  anyDay: (days: DayRange, ideal: Day) => `Any day ${rangeWords(days)}, best ${weekdayWords(ideal)}.`,
  youPlannedIt: (plannedFor: Day) => ` You planned it for ${weekdayWords(plannedFor)}.`,
  round: (apiary: string, hives: number) => `${apiary}: ${hives} ${hives === 1 ? 'hive' : 'hives'}`,
  onRound: (name: string, order: string) => `${name}: ${order}`,
  leaveShut: (name: string) => `${name}: leave shut`,
  nobodyOpensItBefore: (day: Day) => `Nobody opens it before ${dayWords(day)}: that can lose the virgin.`,
};
