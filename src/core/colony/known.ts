import type { LastLaid } from '../brood/last-laid';
import { type Day, latestOf } from '../calendar/day';
import { spanOf, type Window } from '../calendar/window';
import type { CellCheck } from '../cells/dating';
import type { CheckAnswerFact, CheckChangeFact, ProgrammePart } from '../programmes/facts';
import type { FollowUpState } from '../programmes/follow-up-state';
import { emergenceRaised } from '../queens/virgin-care';
import type { SurveyedFrames } from '../schedule/make-room';
import type { SettingsHere } from '../settings/settings';
import type { ColonyFacts } from './facts';
import type { InspectionKnown } from './inspection-known';
import { knownSince } from './known-since';
import { type QueenState, queenStateAtStart } from './queen-state';
import { emergencesOf, mayStillHoldQueen, type TrackedCell } from './track-cells';

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
  readonly inspections: readonly InspectionKnown[];
  readonly queen: QueenState;
  readonly cellFacts: ReadonlyMap<string, ColonyFacts['cells'][number]>;
  readonly cells: ReadonlyMap<string, TrackedCell>;
  /** Those that were over long ago: nothing of now follows from them. */
  readonly past: ReadonlyMap<string, TrackedCell>;
  /** The last searches for cells, in order of time. */
  readonly searches: readonly CellCheck[];
  /** The days on which it lost a queen by the keeper's hand or by accident, in order of time. */
  readonly removals: readonly { readonly from: Day; readonly to: Day }[];
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
  readonly dueByLast: () => Day | null;
}

export function atStart({ facts }: Setting): Known {
  return {
    inspections: [],
    queen: queenStateAtStart(facts.origin, facts.startedOn),
    cellFacts: new Map(facts.cells.map((cell) => [cell.id, cell])),
    cells: new Map(),
    past: new Map(),
    searches: [],
    removals: [],
    cellsKnownOn: knownSince(facts),
    parts: [],
    answers: [],
    told: [],
    followUps: [],
    brood: null,
    frames: null,
    alreadyDue: () => null,
    dueByLast: () => null,
  };
}

/** Cells that held a queen to be when last known, though she may have emerged since. */
export function lastKnownLive({ cells, cellsKnownOn, queen }: Known): readonly TrackedCell[] {
  const on = latestOf(cellsKnownOn, queen.removedOn ?? cellsKnownOn);
  return [...cells.values()].filter((cell) => mayStillHoldQueen(cell, on));
}

export const isBelow = ({ cell }: TrackedCell) => cell.part !== 'above';

/** When the virgins that the colony raises emerge, by its cells or by the day it lost its queen. */
export function emergingOf(known: Known): Window | null {
  const live = lastKnownLive(known).filter(isBelow);
  return spanOf(emergencesOf(live)) ?? emergenceRaised(known.queen);
}

/** The state with the queen lost, where she was, among the days that bound its emergency cells. */
export function withQueen(known: Known, queen: QueenState): Known {
  const { removedOn, removedTo } = queen;
  const isLoss = removedOn !== null && removedOn !== known.queen.removedOn;
  const removals = isLoss ? [...known.removals, { from: removedOn, to: removedTo ?? removedOn }] : known.removals;
  return { ...known, queen, removals };
}
