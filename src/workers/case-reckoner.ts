import type { Day } from '../core/calendar/day';
import type { Case, CaseMove } from '../core/cases/case';
import {
  type CaseEnding,
  type CaseOutcome,
  endingOf,
  type OtherChoice,
  otherChoices,
  outcomeOfChoice,
} from '../core/cases/ending';
import type { Thoroughness } from '../core/cells/thoroughness';
import type { Units } from '../core/units/units';
import {
  type CaseChoicesView,
  type CaseHiveView,
  type CaseKept,
  type CaseLookView,
  caseAtHand,
  caseChoices,
  lookInto,
  nextDueDay,
} from '../device/case-at-hand';
import { speakUnits } from '../words/measures';

const speak = (units: Units): void => speakUnits(units);

/** What is reckoned beside the page of a case: its truth stays in here, and only what can be seen comes out. */
export const CASE_RECKONER = {
  speak,
  atHand: (kept: CaseKept): readonly CaseHiveView[] => caseAtHand(kept),
  lookInto: (kept: CaseKept, colonyId: string, searched: Thoroughness): CaseLookView =>
    lookInto(kept, colonyId, searched),
  choices: (kept: CaseKept, colonyId: string): CaseChoicesView => caseChoices(kept, colonyId),
  nextDueDay: (kept: CaseKept, last: Day): Day => nextDueDay(kept, last),
  ending: (of: Case, moves: readonly CaseMove[]): CaseEnding => endingOf(of, moves),
  otherChoices: (of: Case, moves: readonly CaseMove[]): readonly OtherChoice[] => otherChoices(of, moves),
  outcome: (of: Case, moves: readonly CaseMove[], choice: OtherChoice): CaseOutcome =>
    outcomeOfChoice(of, moves, choice),
};

export type CaseReckoner = typeof CASE_RECKONER;
