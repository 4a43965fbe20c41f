import type { Day } from '../calendar/day';
import type { CheckWindow, Window } from '../calendar/window';
import type { Aged } from '../colony/aged';
import type { ColonyOrigin } from '../colony/facts';
import type { InspectionRead } from '../colony/inspection-known';
import type { TrackedCell } from '../colony/track-cells';
import type { CheckAnswerFact, ProgrammePart } from '../programmes/facts';
import type { QueenState } from '../queens/queen-state';
import type { SettingsHere } from '../settings/settings';
import type { Afternoons } from '../weather/afternoons';
import type { Check, LeaveShut } from './check';
import type { SurveyedFrames } from './make-room';

/** What a colony's schedule follows from. */
export interface ScheduleFrom {
  readonly startedOn: Day;
  /** The day from which the first look counts. */
  readonly firstLookFrom: Day;
  readonly origin: ColonyOrigin;
  readonly look: InspectionRead | null;
  readonly queen: QueenState;
  /** What the last reading has become by today; null: it stands. */
  readonly aged: Aged | null;
  /** Cells that may hold a queen, apart from those above the excluder of a Demaree. */
  readonly liveCells: readonly TrackedCell[];
  readonly liveAbove: readonly TrackedCell[];
  /** The first day on which patience is over with a queen who came from elsewhere; null: none is waited for. */
  readonly patientUntil: Day | null;
  /** By when it was to be looked at, going by the look before. */
  readonly alreadyDue: () => Day | null;
  /** Begun by now. */
  readonly parts: readonly ProgrammePart[];
  /** Given by now, in order of time. */
  readonly answers: readonly CheckAnswerFact[];
  readonly frames: SurveyedFrames | null;
  /** The weather where it stands; null: nothing is known of it. */
  readonly afternoons: Afternoons | null;
  readonly settings: SettingsHere;
  readonly today: Day;
}

/** Checks and what goes with them, before programmes, leave shut and the keeper's changes are brought in. */
export interface SchedulePart {
  readonly checks: readonly Check[];
  readonly leaveShut: readonly LeaveShut[];
  /** When the virgin that is raised came or will come out. */
  readonly emergence: Window | null;
  readonly eggsBy: (CheckWindow & { readonly failedOn: Day }) | null;
}

export const checks = (...list: (Check | null)[]): SchedulePart => ({
  checks: list.filter((check) => check !== null),
  leaveShut: [],
  emergence: null,
  eggsBy: null,
});
