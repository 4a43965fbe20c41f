import { QUEEN_EMERGES } from '../biology/development';
import { addDays, type Day } from '../calendar/day';
import type { Window } from '../calendar/window';
import { type CellCheck, type CellDates, type CellSight, closestCheck, dateCell } from '../cells/dating';
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
  /** The inspection before its first sight that says most about when it was not there yet. */
  readonly emptyAt: CellCheck | null;
  /** It was looked for at the last visit that named it, and is gone without a trace. */
  readonly goneMissing: boolean;
  /** The colony it was given to; null: it was not given away. */
  readonly givenTo: string | null;
  /** A conflict names places in `sights`. */
  readonly dates: CellDates;
  /**
   * Dates to plan by: those of `dates`, or, when an inspection or the queen's removal contradicts what was seen of the cell
   * itself, the dates from the sights of it alone. Something may have been overlooked, and the early date is the safe one.
   */
  readonly planBy: CellDates;
}

/**
 * Follows the cells that one more inspection names, the latest so far: `followed`, by cell id, is changed in place. The others stay
 * as they are. A cell that was there before the queen was removed, going by what was seen of it, is not taken for an emergency cell.
 *
 * @param checks all inspections so far, in order of time
 * @param removals the days on which the colony lost a queen, in order of time
 */
export function followCells(
  followed: Map<string, TrackedCell>,
  facts: ReadonlyMap<string, CellFact>,
  inspection: InspectionFact,
  checks: readonly InspectionFact[],
  removals: readonly Day[],
): void {
  for (const { cellId, found, takenDown } of inspection.cells) {
    const cell = facts.get(cellId);
    if (!cell) throw new Error(`Inspection ${inspection.id} names an unknown cell ${cellId}`);
    const sight = { inspectionId: inspection.id, on: inspection.on, found, takenDown };
    const before = followed.get(cellId);
    const sights = before ? [...before.sights, sight] : [sight];
    const emptyAt = before ? before.emptyAt : closestCheck(checks, inspection.on);
    const tracked = trackCell(cell, sights, emptyAt, removals);
    if (tracked) followed.set(cellId, tracked);
  }
}

function trackCell(
  cell: CellFact,
  sights: TrackedCell['sights'],
  emptyAt: CellCheck | null,
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

  const checks = emptyAt ? [emptyAt] : [];
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
    emptyAt,
    goneMissing: last.found === 'not-found',
    givenTo: null,
    dates: { ...dates, ...ended },
    planBy: { ...alone, ...ended },
  };
}

/**
 * It held a queen to be when last seen, and nothing since says that it is over by `on`. One that cannot be dated is over once even
 * an egg laid on the day it was last seen would have become a queen.
 */
export function mayStillHoldQueen({ planBy, lastStage, lastSeen, goneMissing }: TrackedCell, on: Day): boolean {
  if (goneMissing || planBy.status !== 'live' || !isLive(lastStage)) return false;
  return on <= (planBy.emergence?.latest ?? addDays(lastSeen, QUEEN_EMERGES.value.late));
}

/** The cell as it is once the keeper has taken it down or given it away, apart from an inspection that says so. */
export function takenFrom(cell: TrackedCell, givenTo: string | null): TrackedCell {
  const removed = { status: 'removed' } as const;
  return { ...cell, givenTo, dates: { ...cell.dates, ...removed }, planBy: { ...cell.planBy, ...removed } };
}

/** The emergence windows of the cells that have one. */
export function emergencesOf(cells: readonly TrackedCell[]): readonly Window[] {
  return cells.flatMap(({ planBy }) => (planBy.emergence ? [planBy.emergence] : []));
}
