import type { Day } from '../../core/calendar/day';
import type { DayRange } from '../../core/calendar/window';
import type { Said } from '../../core/says/said';
import { rangeWords, weekdayWords } from '../days';
import { inWords } from '../in-words';

/** The page of a running method. */
export const programmePhrases = {
  started: (on: Day, day: number) => `Started ${weekdayWords(on)}, ${day === 0 ? 'today' : `day ${day}`}`,
  halfWithoutAQueen: 'queenless half',
  halfWithTheQueen: 'queen’s half',
  halfWithALayingQueen: 'half with a laying queen',
  oneHalf: 'one half',
  givenUp: (endedOn: Day) => `Given up on ${weekdayWords(endedOn)}.`,
  noLayingQueenYet: 'No laying queen yet. Choose what to do next.',
  inProgress: 'In progress.',
  allLay: 'Done: every unit has a laying queen.',
  nothingMoreToDo: 'Nothing more to do.',
  noLongerItsOwn: 'No longer a colony of its own',
  leaveShut: (shut: DayRange) => `Leave shut ${rangeWords(shut)}.`,
  /** `queenless`: the half that has none; null: it was not asked. */
  answered: (check: string, answer: string, queenless: string | null) =>
    `${check} ${answer}${queenless === null ? '' : `: ${queenless} has no queen`}`,
  answeredByTheInspection: (of: string, check: string) => `${of}${check} answered by the inspection`,
  movedAfter: (of: string, moved: string, because: Said) => `${of}${moved}, after ${inWords(because)}`,
  skipped: (of: string, check: string, reason: string) => `${of}${check} skipped: ${reason}`,
  nothingEntered: (of: string, check: string, latest: Day) =>
    `${of}${check}: nothing entered by ${weekdayWords(latest)}`,
  tooLateNow: 'Too late now: a virgin may be out, so leave it shut. Casts may follow.',
  youKnowWhetherThere: 'you know whether there is a queen',
  aQueenLays: 'a queen lays',
  theyAreOneColony: 'they are one colony',
  daysUntil: (days: { readonly from: number; readonly to: number }, what: string, until: DayRange) =>
    `${days.from} to ${days.to} days until ${what} (${rangeWords(until)})`,
};
