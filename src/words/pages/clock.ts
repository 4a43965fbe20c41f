import type { Day } from '../../core/calendar/day';
import type { DayRange } from '../../core/calendar/window';
import { rangeWords, weekdayWords } from '../days';

/** The cell clock. */
export const clockPhrases = {
  virginEmerges: 'Virgin emerges',
  thisCannotAllBeTrue: 'This cannot all be true',
  aDryCup: 'A dry cup: nothing to date',
  brokenDown: 'Broken down',
  tornDown: 'Torn down: a virgin is, or was, loose',
  theVirginIsOut: 'The virgin is out',
  tooLittleToDateIt: 'Too little to date it',
  emergedOrDeadByNow: 'Emerged or dead by now. If still sealed at your next inspection, open the cell',
  aVirginMayBeOut: 'A virgin may be out now',
  closedVirginOut: (earliest: Day) => `Closed; virgin out from ${weekdayWords(earliest)}`,
  itMayBeSealedNow: 'It may be sealed now',
  sealedFrom: (earliest: Day) => `Sealed from ${weekdayWords(earliest)}`,
  cannotSay: 'cannot say',
  orBefore: (to: Day) => `${weekdayWords(to)} or before`,
  daysOldOrMoreToday: (from: number) => `${from} days old or more today`,
  daysOldToday: (from: number, to: number) => `${from === to ? from : `${from} to ${to}`} days old today`,
  likely: (days: DayRange) => `likely ${rangeWords(days)}`,
};
