import { QUEEN_EMERGES } from '../biology/development';
import { figure } from '../biology/figure';
import { EGGS_AFTER_LOSS } from '../biology/mating';
import { addDays, type Day } from '../calendar/day';
import { type DayRange, spanOf, type Window } from '../calendar/window';
import { type CellCheck, type CellDates, type CellSight, closestChecks, dateCell, statusOf } from '../cells/dating';
import { type CellStage, isLive } from '../cells/stage';
import { isSearch } from '../cells/thoroughness';
import { type CellFact, type CellFinding, daysOf, type InspectionFact } from './facts';

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
    readonly to: Day | null;
    readonly found: CellFinding;
    readonly takenDown: boolean;
  }[];
  /** The inspections before its first sight that say most about when it was not there yet. */
  readonly emptyAt: readonly CellCheck[];
  /** It was looked for at the last visit that named it, and is gone without a trace. */
  readonly goneMissing: boolean;
  /** The colony it was given to; null: it was not given away. */
  readonly givenTo: string | null;
  /** Seen still sealed after the last day on which a queen could have emerged: dead, empty or sealed again. Null: not so. */
  readonly overdueOn: Day | null;
  /** A conflict names places in `sights`. */
  readonly dates: CellDates;
  /**
   * Dates to plan by: those of `dates`, or, when an inspection or the queen's removal contradicts what was seen of the cell
   * itself, the dates from the sights of it alone. Something may have been overlooked, and the early date is the safe one.
   */
  readonly planBy: CellDates;
}

/** When brood was left without its queen, each in order of time. */
export interface QueenLost {
  /** The days on which the colony lost a queen. */
  readonly removals: readonly DayRange[];
  /** The days on which brood was set above an excluder: cells up there are raised from what lay there then. */
  readonly cutOffs: readonly DayRange[];
  /** The last inspection at which eggs were seen, this one among them; null: none. */
  readonly eggsSeenOn: Day | null;
}

/** A look for cells; cells that were broken down long ago say nothing of one found now. */
const SAME_RUN_OF_CELLS = figure('cells-broken-down-tell-of-those-found-within', 2 * 21, 'days', 'caution');

/**
 * Follows the cells that one more inspection names, the latest so far: `followed`, by cell id, is changed in place. The others stay
 * as they are. A cell that was there before the queen was removed, going by what was seen of it, is not taken for an emergency cell.
 *
 * @param checks all searches so far, in order of time, that of this inspection among them
 */
export function followCells(
  followed: Map<string, TrackedCell>,
  facts: ReadonlyMap<string, CellFact>,
  inspection: InspectionFact,
  checks: readonly CellCheck[],
  lost: QueenLost,
): void {
  for (const { cellId, found, takenDown } of inspection.cells) {
    const cell = facts.get(cellId);
    if (!cell) throw new Error(`Inspection ${inspection.id} names an unknown cell ${cellId}`);
    const sight = { inspectionId: inspection.id, on: inspection.on, to: inspection.to, found, takenDown };
    const before = followed.get(cellId);
    const sights = before ? [...before.sights, sight] : [sight];
    const emptyAt = before ? before.emptyAt : closestChecks(ofThisRun(checks, inspection.on), inspection.on);
    const tracked = trackCell(cell, sights, emptyAt, lost);
    if (tracked) followed.set(cellId, tracked);
  }
}

/** The search that an inspection was. One that did not look for cells bounds as little as a tip-up. */
export function checkOf({ on, to, thoroughness, cells }: InspectionFact): CellCheck {
  const cellsRemoved = cells.some(({ found, takenDown }) => takenDown || found === 'removed');
  const searched = isSearch(thoroughness) ? thoroughness : 'tip-up';
  return { on, ...(to === null ? {} : { to }), thoroughness: searched, cellsRemoved };
}

const ofThisRun = (checks: readonly CellCheck[], on: Day): readonly CellCheck[] =>
  checks.map((check) =>
    check.cellsRemoved && addDays(check.on, SAME_RUN_OF_CELLS.value) < on ? { ...check, cellsRemoved: false } : check,
  );

type Removal = DayRange | null;

function trackCell(
  cell: CellFact,
  sights: TrackedCell['sights'],
  emptyAt: readonly CellCheck[],
  { removals, cutOffs, eggsSeenOn }: QueenLost,
): TrackedCell | null {
  const stages = stagesOf(sights);
  const first = stages[0];
  const lastStage = stages.at(-1);
  const last = sights.at(-1);
  if (!first || !lastStage || !last) return null;
  const cutOff = cell.part === 'above' ? cutOffs.findLast(({ to }) => to < first.on) : undefined;
  const queenRemoved = cutOff ?? removals.findLast(({ to }) => to < first.on) ?? null;
  const overdue = overdueSight(stages, emptyAt, queenRemoved, eggsSeenOn);
  const dated = overdue === null ? stages : stages.filter((sight) => sight === first || sight.index < overdue.index);
  const dates = overdue === first ? EMPTY : datesOf(dated, emptyAt, queenRemoved);
  const ended = last.takenDown ? 'removed' : overdue && !isLive(lastStage.stage) ? statusOf(lastStage.stage) : null;
  return {
    cell,
    firstSeen: first.on,
    lastSeen: lastStage.on,
    lastStage: lastStage.stage,
    sights,
    emptyAt,
    goneMissing: last.found === 'not-found',
    givenTo: null,
    overdueOn: overdue?.on ?? null,
    dates: ended ? { ...dates.dates, status: ended } : dates.dates,
    planBy: ended ? { ...dates.planBy, status: ended } : dates.planBy,
  };
}

function stagesOf(sights: TrackedCell['sights']): readonly CellSight[] {
  const stages: CellSight[] = [];
  sights.forEach((sight, index) => {
    const { from: on, to } = daysOf(sight);
    if (sight.found !== 'not-found') stages.push({ on, to, stage: sight.found, index });
  });
  return stages;
}

const UNDATED: CellDates = { status: 'live', laid: null, sealing: null, emergence: null, conflict: null };
const EMPTY = { dates: UNDATED, planBy: UNDATED };

function datesOf(
  sights: readonly CellSight[],
  checks: readonly CellCheck[],
  queenRemoved: Removal,
): { readonly dates: CellDates; readonly planBy: CellDates } {
  const withRemoval = dateCell({ sights, checks, queenRemoved });
  const dates =
    withRemoval.conflict && queenRemoved !== null ? dateCell({ sights, checks, queenRemoved: null }) : withRemoval;
  const planBy = dates.conflict ? dateCell({ sights, checks: [], queenRemoved: null }) : dates;
  return { dates, planBy };
}

/**
 * The first sight of the cell still sealed on a day on which its queen must long be out: by the sights before it, or, where it was
 * first seen like that, because it can only have been raised from brood of a queen who was gone, and every such queen is out: unless
 * eggs were seen that only a queen after her can have laid.
 */
function overdueSight(
  sights: readonly CellSight[],
  checks: readonly CellCheck[],
  queenRemoved: Removal,
  eggsSeenOn: Day | null,
): CellSight | null {
  const isSilent = ({ stage }: CellSight) => isLive(stage) && stage.startsWith('sealed');
  for (const sight of sights) {
    if (!isSilent(sight)) continue;
    const i = sights.indexOf(sight);
    if (i > 0) {
      const { emergence } = datesOf(sights.slice(0, i), checks, queenRemoved).planBy;
      if (emergence && sight.on > emergence.latest) return sight;
    } else if (queenRemoved !== null) {
      const lastOut = addDays(queenRemoved.to, QUEEN_EMERGES.value.late);
      const laidAtTheLatest = dateCell({ sights: [sight], checks: [], queenRemoved: null }).laid?.to ?? sight.on;
      const ownFrom = addDays(queenRemoved.from, EGGS_AFTER_LOSS.value);
      const isOfAnother = eggsSeenOn !== null && eggsSeenOn >= ownFrom && laidAtTheLatest >= ownFrom;
      if (sight.on > lastOut && !isOfAnother) return sight;
    }
  }
  return null;
}

/**
 * It held a queen to be when last seen, and nothing since says that it is over by `on`. One that cannot be dated is over once even
 * an egg laid on the day it was last seen would have become a queen; one seen sealed after its last day holds none.
 */
export function mayStillHoldQueen(
  { planBy, lastStage, lastSeen, goneMissing, overdueOn }: TrackedCell,
  on: Day,
): boolean {
  if (goneMissing || overdueOn !== null || planBy.status !== 'live' || !isLive(lastStage)) return false;
  return on <= (planBy.emergence?.latest ?? addDays(lastSeen, QUEEN_EMERGES.value.late));
}

/** It is to be asked about at an inspection on `on`: it may hold a queen, or what became of it was never said. */
export function isEndUnknown(cell: TrackedCell, on: Day): boolean {
  const { planBy, goneMissing, lastStage, lastSeen } = cell;
  if (mayStillHoldQueen(cell, on)) return true;
  const isOver = goneMissing || planBy.status !== 'live' || !isLive(lastStage);
  return !isOver && on <= addDays(lastSeen, SAME_RUN_OF_CELLS.value);
}

/** The cell as it is once the keeper has taken it down or given it away, apart from an inspection that says so. */
export function takenFrom(cell: TrackedCell, givenTo: string | null): TrackedCell {
  const removed = { status: 'removed' } as const;
  return { ...cell, givenTo, dates: { ...cell.dates, ...removed }, planBy: { ...cell.planBy, ...removed } };
}

/** When the first to the last of some cells were or will be sealed; null: none of them is dated. */
export const sealingOf = (cells: readonly TrackedCell[]): Window | null =>
  spanOf(cells, ({ planBy }) => planBy.sealing);

/** When the first to the last of their virgins come out; null: none of them is dated. */
export const emergenceOf = (cells: readonly TrackedCell[]): Window | null =>
  spanOf(cells, ({ planBy }) => planBy.emergence);
