import type { LastLaid } from '../brood/last-laid';
import { type Day, latestOf } from '../calendar/day';
import { joined, type Window } from '../calendar/window';
import type { CellCheck } from '../cells/dating';
import type { CheckAnswerFact, CheckChangeFact, ProgrammePart } from '../programmes/facts';
import type { FollowUpState } from '../programmes/follow-up-state';
import { lostIn } from '../queens/queen-questions';
import { type QueenState, queenStateAtStart } from '../queens/queen-state';
import { emergenceRaised } from '../queens/virgin-care';
import type { SurveyedFrames } from '../schedule/make-room';
import type { SettingsHere } from '../settings/settings';
import type { ColonyFacts } from './facts';
import type { InspectionKnown } from './inspection-known';
import { knownSince } from './known-since';
import { mayStillHoldQueen, type TrackedCell } from './track-cells';

/** When the queen last laid, going by the youngest brood that an inspection noted. */
export type BroodSeen = LastLaid & { readonly seenOn: Day };

/** What the facts give before any of them is followed. */
export interface Setting {
  readonly facts: ColonyFacts;
  readonly settings: SettingsHere;
  readonly today: Day;
  readonly changes: readonly CheckChangeFact[];
}

/** All that is known of a colony after some of its steps. */
export interface Known {
  readonly lastLook: InspectionKnown | null;
  /** The last inspection at which eggs were seen, whoever laid them. */
  readonly eggsSeenOn: Day | null;
  readonly queen: QueenState;
  readonly cellFacts: ReadonlyMap<string, ColonyFacts['cells'][number]>;
  readonly cells: ReadonlyMap<string, TrackedCell>;
  /** Those that were over long ago: nothing of now follows from them. */
  readonly past: ReadonlyMap<string, TrackedCell>;
  /** The last searches for cells, in order of time. */
  readonly searches: readonly CellCheck[];
  /** The days on which it lost a queen by the keeper's hand or by accident, in order of time. */
  readonly removals: readonly { readonly from: Day; readonly to: Day }[];
  /** The days on which brood was set above an excluder, in order of time. */
  readonly cutOffs: readonly { readonly from: Day; readonly to: Day }[];
  /** The last day on which cells were looked at, kept or brought. */
  readonly cellsKnownOn: Day;
  readonly parts: readonly ProgrammePart[];
  /** Given by the keeper. */
  readonly answers: readonly CheckAnswerFact[];
  /** Those that count towards follow-ups: the keeper's, and those of inspections that saw the same. */
  readonly told: readonly CheckAnswerFact[];
  readonly followUps: readonly FollowUpState[];
  readonly brood: BroodSeen | null;
  readonly frames: SurveyedFrames | null;
  /** By when it was to be looked at, going by the look before the last, so that a look that tells too little does not count its own date. */
  readonly alreadyDue: () => Day | null;
  /** As it was before the visit of the last look; null: something else was entered since. */
  readonly beforeVisit: Known | null;
}

export function atStart({ facts }: Setting): Known {
  return {
    lastLook: null,
    eggsSeenOn: null,
    queen: queenStateAtStart(facts.origin, facts.startedOn),
    cellFacts: new Map(facts.cells.map((cell) => [cell.id, cell])),
    cells: new Map(),
    past: new Map(),
    searches: [],
    removals: [],
    cutOffs: [],
    cellsKnownOn: knownSince(facts),
    parts: [],
    answers: [],
    told: [],
    followUps: [],
    brood: null,
    frames: null,
    alreadyDue: () => null,
    beforeVisit: null,
  };
}

type CellsKnown = Pick<Known, 'cells' | 'cellsKnownOn' | 'queen'>;

const lastKnownOn = ({ cellsKnownOn, queen }: CellsKnown): Day =>
  latestOf(cellsKnownOn, lostIn(queen)?.from ?? cellsKnownOn);

/** Cells that held a queen to be when last known, though she may have emerged since. */
export function lastKnownLive(known: CellsKnown): readonly TrackedCell[] {
  const on = lastKnownOn(known);
  const live: TrackedCell[] = [];
  for (const cell of known.cells.values()) if (mayStillHoldQueen(cell, on)) live.push(cell);
  return live;
}

export const isBelow = ({ cell }: TrackedCell) => cell.part !== 'above';

/** When the virgins that the colony raises emerge, by its cells or by the day it lost its queen. */
export function emergingOf(known: CellsKnown): Window | null {
  const on = lastKnownOn(known);
  let span: Window | null = null;
  for (const cell of known.cells.values()) {
    const { emergence } = cell.planBy;
    if (emergence && isBelow(cell) && mayStillHoldQueen(cell, on)) span = span ? joined(span, emergence) : emergence;
  }
  return span ?? emergenceRaised(known.queen);
}

/** The state with the queen lost, where she was, among the days that bound its emergency cells. */
export const withQueen = (known: Known, queen: QueenState): Known => ({
  ...known,
  queen,
  removals: removalsWith(known, queen),
});

/** The days on which it lost a queen, with the one that this queen's state tells of. */
export function removalsWith({ queen: before, removals }: Known, queen: QueenState): Known['removals'] {
  const lost = lostIn(queen);
  return lost !== null && lost.from !== lostIn(before)?.from ? [...removals, lost] : removals;
}
