import type { Day } from '../calendar/day';
import type { Window } from '../calendar/window';
import { type CellDates, type CellSight, dateCell } from '../cells/dating';
import { type CellStage, isLive } from '../cells/stage';
import type { CellFact, CellFinding, InspectionFact } from './facts';

/** One cell followed from visit to visit. */
export interface TrackedCell {
  readonly cell: CellFact;
  readonly firstSeen: Day;
  readonly lastSeen: Day;
  readonly lastStage: CellStage;
  /** Every visit that looked for it, in order of time. */
  readonly sights: readonly {
    readonly inspectionId: string;
    readonly on: Day;
    readonly found: CellFinding;
    readonly takenDown: boolean;
  }[];
  /** It was looked for at the last visit that named it, and is gone without a trace. */
  readonly goneMissing: boolean;
  /** A conflict names places in `sights`. */
  readonly dates: CellDates;
  /**
   * Dates to plan by: those of `dates`, or, when an inspection or the queen's removal contradicts what was seen of the cell
   * itself, the dates from the sights of it alone. Something may have been overlooked, and the early date is the safe one.
   */
  readonly planBy: CellDates;
}

/** Cells of one colony as they are followed; {@link followCells} adds an inspection to them. */
export type FollowedCells = ReadonlyMap<string, TrackedCell>;

export const NO_CELLS: FollowedCells = new Map();

/**
 * The cells after one more inspection, the latest so far. Only the cells that it names are dated anew; the others stay.
 * A cell that was there before the queen was removed, going by what was seen of it, is not taken for an emergency cell.
 *
 * @param checks all inspections so far, in order of time
 * @param removals the days on which the colony lost a queen, in order of time
 */
export function followCells(
  before: FollowedCells,
  facts: ReadonlyMap<string, CellFact>,
  inspection: InspectionFact,
  checks: readonly InspectionFact[],
  removals: readonly Day[],
): FollowedCells {
  const after = new Map(before);
  for (const { cellId, found, takenDown } of inspection.cells) {
    const cell = facts.get(cellId);
    if (!cell) throw new Error(`Inspection ${inspection.id} names an unknown cell ${cellId}`);
    const sight = { inspectionId: inspection.id, on: inspection.on, found, takenDown };
    const tracked = trackCell(cell, [...(after.get(cellId)?.sights ?? []), sight], checks, removals);
    if (tracked) after.set(cellId, tracked);
  }
  return after;
}

function trackCell(
  cell: CellFact,
  sights: TrackedCell['sights'],
  checks: readonly InspectionFact[],
  removals: readonly Day[],
): TrackedCell | null {
  const stages = sights.flatMap(({ on, found }, index): CellSight[] =>
    found === 'not-found' ? [] : [{ on, stage: found, index }],
  );
  const first = stages[0];
  const lastStage = stages.at(-1);
  const last = sights.at(-1);
  if (!first || !lastStage || !last) return null;
  const queenRemoved = removals.findLast((on) => on < first.on) ?? null;

  const withRemoval = dateCell({ sights: stages, checks, queenRemoved });
  const dates =
    withRemoval.conflict && queenRemoved !== null
      ? dateCell({ sights: stages, checks, queenRemoved: null })
      : withRemoval;
  const alone = dates.conflict ? dateCell({ sights: stages, checks: [], queenRemoved: null }) : dates;
  const ended = last.takenDown ? ({ status: 'removed' } as const) : {};
  return {
    cell,
    firstSeen: first.on,
    lastSeen: lastStage.on,
    lastStage: lastStage.stage,
    sights,
    goneMissing: last.found === 'not-found',
    dates: { ...dates, ...ended },
    planBy: { ...alone, ...ended },
  };
}

/** It held a queen to be when last seen, and nothing since says that it is over by `on`. */
export function mayStillHoldQueen({ planBy, lastStage, goneMissing }: TrackedCell, on: Day): boolean {
  if (goneMissing || planBy.status !== 'live' || !isLive(lastStage)) return false;
  return planBy.emergence === null || planBy.emergence.latest >= on;
}

/** The emergence windows of the cells that have one. */
export function emergencesOf(cells: readonly TrackedCell[]): readonly Window[] {
  return cells.flatMap(({ planBy }) => (planBy.emergence ? [planBy.emergence] : []));
}
