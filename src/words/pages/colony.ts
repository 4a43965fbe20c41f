import type { Day } from '../../core/calendar/day';
import type { DayRange } from '../../core/calendar/window';
import type { CellStage } from '../../core/cells/stage';
import { withinSentence } from '../capital';
import { findingWords, STAGE_WORDS } from '../cells';
import { dayWords, distanceWords, rangeWords, weekdayWords } from '../days';

/** The colony’s page. */
export const colonyPhrases = {
  fromTo: (from: string, to: string) => `${from} to ${to}`,
  anotherColony: 'another colony',
  lastLooked: (on: Day, today: Day) => `Last inspected ${weekdayWords(on)}, ${distanceWords(on, today)}`,
  notInspectedYet: 'Not inspected yet',
  /** What was read on the day of a look, where that is not what it reads today. */
  readThen: (on: Day, title: string) => `On ${weekdayWords(on)}: ${withinSentence(title)}`,
  skipped: (check: string, reason: string) => `Skipped: ${check} “${reason}”`,
  notDone: (latest: Day, check: string) => `Not done by ${weekdayWords(latest)}: ${check}. Too late now.`,
  leaveShut: (shut: DayRange) => `Leave shut ${rangeWords(shut)}, both days included. Opening it then can lose her.`,
  programmeDay: (title: string, days: number) => `${title}, day ${days}`,
  /** `givenTo` null: it went to nobody. */
  brokenDownAs: (givenTo: string | null, stage: CellStage) =>
    `${givenTo === null ? 'broken down' : `given to ${givenTo}`} as ${findingWords(stage)}`,
  /** `from` null: any day up to `to`. */
  laid: ({ from, to }: { readonly from: Day | null; readonly to: Day }) =>
    `laid ${from === null ? `by ${dayWords(to)}` : rangeWords({ from, to })}`,
  notDated: 'not dated',
  overdue: 'Emerged or dead by now, or sealed again: open the cell.',
  byNow: (stages: readonly CellStage[]) => `by now: ${stages.map((stage) => STAGE_WORDS[stage].name).join(' or ')}`,
  someDay: (days: DayRange, year: string) => `some day, ${rangeWords(days)}${year}`,
  seenByAnother: (when: string) => `${when}, seen by somebody else`,
  brokenDown: ', broken down',
  youngestContradictsEggs: 'The youngest brood noted contradicts the eggs seen before it. Correct one of the two.',
  eggsNotLookedFor: 'Eggs were not looked for, so it cannot say when she last laid.',
  orBefore: (to: Day) => `${dayWords(to)} or before`,
  lastEggLaid: (seenOn: Day, when: string) =>
    `Going by the brood on ${dayWords(seenOn)}, the last egg was laid ${when}.`,
};
