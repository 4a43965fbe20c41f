import type { Day } from '../../core/calendar/day';
import { clockText, MINUTES_AN_HOUR } from '../../core/calendar/minute';
import type { DayRange } from '../../core/calendar/window';
import { BEFORE_IT_BEGINS, EVENING_BEFORE } from '../../core/rounds/reminders';
import { dayWords, rangeWords, weekdayWords } from '../days';
import { hivesWords } from '../hives';

/** The calendar’s entries. */
export const calendarPhrases = {
  onOnly: (earliest: Day) => `On ${weekdayWords(earliest)} only.`,
  anyDay: (days: DayRange, ideal: Day) => `Any day ${rangeWords(days)}, best ${weekdayWords(ideal)}.`,
  youPlannedIt: (plannedFor: Day) => ` You planned it for ${weekdayWords(plannedFor)}.`,
  round: (apiary: string, hives: number) => `${apiary}: ${hivesWords(hives)}`,
  onRound: (name: string, order: string) => `${name}: ${order}`,
  /** When a round in the calendar reminds of itself. */
  whenReminded: `at ${clockText(EVENING_BEFORE)} the evening before, and ${BEFORE_IT_BEGINS / MINUTES_AN_HOUR} hours before it begins`,
  leaveShut: (name: string) => `${name}: leave shut`,
  nobodyOpensItBefore: (day: Day) => `Nobody opens it before ${dayWords(day)}: that can lose the virgin.`,
};
