import type { Day } from '../calendar/day';
import { causeOfCells } from '../cells/cause';
import { type CellStage, isLive } from '../cells/stage';
import { isSearch } from '../cells/thoroughness';
import type { Evidence } from '../inspections/evidence';
import type { DatedCellsSeen, QueenExpected } from '../inspections/inspection-seen';
import { type Reading, type ReadingName, readInspection } from '../inspections/reading';
import { say } from '../inspections/says';
import { arrivedOn, cagedOn, expectedIn, lostIn, whoIsThere } from '../queens/queen-questions';
import type { QueenState } from '../queens/queen-state';
import type { Said } from '../says/said';
import type { CellSeenFact, InspectionFact } from './facts';
import { emergenceOf, mayStillHoldQueen, sealingOf, type TrackedCell } from './track-cells';

/** One inspection as it is understood. */
export interface InspectionKnown {
  readonly inspection: InspectionFact;
  readonly queenExpected: QueenExpected;
  readonly reading: Reading;
  /** Cells that may hold a queen, as the colony was left: those seen, and those known from before and not looked at. */
  readonly liveCells: readonly TrackedCell[];
  /** Live cells above the excluder of a Demaree: far from the queen, and no sign of swarming. */
  readonly liveAbove: readonly TrackedCell[];
  /** Cells from last time, perhaps still live, and not named by this inspection. */
  readonly notLookedAt: readonly TrackedCell[];
  readonly takenDown: number;
  /** Those above the excluder of a Demaree, which are not counted in `takenDown`. */
  readonly takenDownAbove: number;
  /** Cells above the excluder that a virgin has left, or that were torn down: she is, or was, up there. */
  readonly openedAbove: number;
  /** What was known of the queen after it. */
  readonly queenAfter: QueenState;
}

/** A look before it is known what follows from it. */
export type InspectionRead = Omit<InspectionKnown, 'queenAfter'>;

/** By name, for the same reason as in `withLook`. */
export const understood = (read: InspectionRead, queenAfter: QueenState): InspectionKnown => ({
  inspection: read.inspection,
  queenExpected: read.queenExpected,
  reading: read.reading,
  liveCells: read.liveCells,
  liveAbove: read.liveAbove,
  notLookedAt: read.notLookedAt,
  takenDown: read.takenDown,
  takenDownAbove: read.takenDownAbove,
  openedAbove: read.openedAbove,
  queenAfter,
});

/** Readings that rest on there being no cells. */
const TELLS_OF_NO_CELLS: ReadonlySet<ReadingName> = new Set(['settled', 'cups-only']);

/**
 * Reads one inspection in the light of what is known of the colony: each cell with the dates from all visits so far, cells
 * known from before that nobody looked at still counted as there, cells broken down at the visit counted as gone.
 *
 * @param cells tracked up to and with this inspection
 */
export function readInColony(
  inspection: InspectionFact,
  cells: readonly TrackedCell[],
  queen: QueenState,
): InspectionRead {
  const { on } = inspection;
  const { asLeft, asLeftAbove, notLookedAt, notLookedAtAbove, overdue, missing } = sortedBy(inspection, cells);
  const live = [...asLeft.filter((cell) => mayStillHoldQueen(cell, on)), ...notLookedAt];
  const liveAbove = [...asLeftAbove.filter((cell) => mayStillHoldQueen(cell, on)), ...notLookedAtAbove];
  const openedAbove = asLeftAbove.filter((cell) => isVacated(cell) && cell.lastSeen === on).length;
  const inside = [
    ...groupCells(asLeft, (cell) => (cell.planBy.status === 'removed' ? 'removed' : cell.lastStage)),
    ...groupCells(notLookedAt, (cell) => stageByNow(cell, inspection)),
  ];
  const groups = [...inside, ...virginKnownOf(inspection, inside)];
  const readAs = (queenExpected: QueenExpected) =>
    readInspection(
      on,
      {
        eggs: inspection.eggs,
        queenSeen: inspection.queen === 'seen',
        youngest: inspection.youngest,
        cells: groups,
        droneBroodInWorkerCells: inspection.droneBroodInWorkerCells === 'seen',
        severalEggsPerCell: inspection.severalEggsPerCell === 'seen',
        layingRoomDays: inspection.layingRoomDays,
        bound: isBound(inspection),
      },
      { queenExpected, virginEmergedFrom: whoIsAwaited(queen) },
    );
  const asExpected = readAs(expectedIn(queen));
  // Where she came caged, or with a nuc, and was never seen to lay, the cells are for the loss of a queen: no swarm has left.
  const isLost = asExpected.reading === 'swarmed' && (arrivedOn(queen) !== null || cagedOn(queen) !== null);
  const reading = isLost ? readAs('none') : asExpected;
  // Cells that were there before the queen was taken away are not cells raised for the loss of her.
  const lost = lostIn(queen);
  const olderThanLoss = lost !== null && live.some(({ firstSeen }) => firstSeen <= lost.from);
  const cause = olderThanLoss ? causeOfCells(groups, inspection.eggs, false) : reading.cause;
  const areAbove = asLeftAbove.length + notLookedAtAbove.length > 0;
  const isSought = isSearch(inspection.thoroughness);
  const because = reading.because.map((one) => asSought(one, inspection, areAbove));
  const add = (code: string, text: Said) => because.push({ code, text });
  if (notLookedAt.length > 0) add('cells-not-looked-at', say('cells-not-looked-at', { cells: notLookedAt.map(named) }));
  if (liveAbove.length > 0) add('cells-above', say('cells-above', { cells: liveAbove.map(named) }));
  if (overdue.length > 0) add('cells-overdue', say('cells-overdue', { cells: overdue.map(named) }));
  if (openedAbove > 0) add('virgin-above', say('virgin-above'));
  if (missing.length > 0) add('cells-not-found', say('cells-not-found', { cells: missing.map(named) }));
  const takenDownAbove = asLeftAbove.filter(({ cell }) =>
    inspection.cells.some((seen) => seen.cellId === cell.id && wasTaken(seen)),
  ).length;
  return {
    inspection,
    queenExpected: expectedIn(queen),
    reading: {
      ...reading,
      // That no cell was seen is no finding where none was looked for.
      reading: !isSought && TELLS_OF_NO_CELLS.has(reading.reading) ? 'not-enough-seen' : reading.reading,
      because,
      cause,
    },
    liveCells: live,
    liveAbove,
    notLookedAt,
    takenDown: inspection.cells.filter(wasTaken).length - takenDownAbove,
    takenDownAbove,
    openedAbove,
  };
}

/** The day from which patience with her is counted; null: no such queen is waited for. */
function whoIsAwaited(queen: QueenState): Day | null {
  const who = whoIsThere(queen);
  return who?.is === 'virgin' ? who.emerged.latest : cagedOn(queen);
}

/** What an inspection found of each cell that was known by then. */
interface CellsSorted {
  readonly asLeft: readonly TrackedCell[];
  readonly asLeftAbove: readonly TrackedCell[];
  /** Perhaps still live, and not named by it. */
  readonly notLookedAt: readonly TrackedCell[];
  readonly notLookedAtAbove: readonly TrackedCell[];
  /** Found sealed when its queen must long be out. */
  readonly overdue: readonly TrackedCell[];
  readonly missing: readonly TrackedCell[];
}

function sortedBy({ on, cells: named }: InspectionFact, cells: readonly TrackedCell[]): CellsSorted {
  const asLeft: TrackedCell[] = [];
  const asLeftAbove: TrackedCell[] = [];
  const notLookedAt: TrackedCell[] = [];
  const notLookedAtAbove: TrackedCell[] = [];
  const overdue: TrackedCell[] = [];
  const missing: TrackedCell[] = [];
  for (const cell of cells) {
    const { id } = cell.cell;
    if (!named.some(({ cellId }) => cellId === id)) {
      if (mayStillHoldQueen(cell, on)) (isBelow(cell) ? notLookedAt : notLookedAtAbove).push(cell);
      continue;
    }
    const isOverdue = cell.overdueOn !== null && cell.planBy.status === 'live';
    if (isOverdue) overdue.push(cell);
    if (cell.goneMissing) missing.push(cell);
    if (!isOverdue && !cell.goneMissing) (isBelow(cell) ? asLeft : asLeftAbove).push(cell);
  }
  return { asLeft, asLeftAbove, notLookedAt, notLookedAtAbove, overdue, missing };
}

const CELLS_NOT_SOUGHT: Evidence = { code: 'cells-not-sought', text: say('cells-not-sought') };
const SEARCH_NOT_SAID: Evidence = { code: 'search-not-said', text: say('search-not-said') };
const NONE_BELOW: Evidence = { code: 'no-cells-below', text: say('no-cells-below') };
const QUEEN_NOT_SOUGHT: Evidence = { code: 'queen-not-sought', text: say('queen-not-sought') };

/** What nobody looked for is not said to be missing, nor what hangs above an excluder. */
function asSought(evidence: Evidence, { thoroughness, queen }: InspectionFact, areAbove: boolean): Evidence {
  if (evidence.code === 'no-cells') {
    if (areAbove) return NONE_BELOW;
    return thoroughness === 'not-searched'
      ? CELLS_NOT_SOUGHT
      : thoroughness === 'not-said'
        ? SEARCH_NOT_SAID
        : evidence;
  }
  return evidence.code === 'queen-not-seen' && queen === 'not-looked-for' ? QUEEN_NOT_SOUGHT : evidence;
}

const isVacated = ({ planBy }: TrackedCell) => planBy.status === 'emerged' || planBy.status === 'destroyed';

/**
 * What is known of virgins without a cell to show for it, put as the cell that tells the same. One heard tooting is free, and
 * those that quack are still in their cells; one seen running, and not taken out, beside cells that may hold another is as much
 * of a risk as an open cell. Without such cells she is one to wait for, which is no finding.
 */
function virginKnownOf(
  { piping, queen, queenSeenAs, queenHandled }: InspectionFact,
  inside: readonly DatedCellsSeen[],
): readonly DatedCellsSeen[] {
  const isTooting = piping === 'tooting' || piping === 'both';
  const isSeen = queen === 'seen' && queenSeenAs === 'virgin' && queenHandled !== 'taken';
  const free = isTooting || (isSeen && inside.some(({ stage }) => isLive(stage))) ? [undated('emerged')] : [];
  const isQuacking = piping === 'quacking' || piping === 'both';
  return isQuacking ? [...free, undated('queen-moving'), undated('queen-moving')] : free;
}

const undated = (stage: CellStage): DatedCellsSeen => ({
  stage,
  count: 1,
  place: 'bottom',
  dates: { sealing: null, emergence: null },
});

const isBelow = ({ cell }: TrackedCell) => cell.part !== 'above';

const named = ({ cell, lastSeen }: TrackedCell) => ({ label: cell.label, on: lastSeen });

const wasTaken = (seen: CellSeenFact) => seen.takenDown || seen.found === 'removed';

function isBound({ stores }: InspectionFact): boolean {
  return stores === 'nectar' || stores === 'honey' || stores === 'pollen';
}

/** A cell that was open when last seen counts as closed once that is certain. */
export function stageByNow({ planBy, lastStage }: TrackedCell, { on }: Pick<InspectionFact, 'on'>): CellStage {
  return planBy.sealing && planBy.sealing.latest < on && lastStage !== 'queen-moving' ? 'sealed' : lastStage;
}

/** Cells of one stage at one place counted together, with the span of their dates. */
function groupCells(
  cells: readonly TrackedCell[],
  stageOf: (cell: TrackedCell) => CellStage,
): readonly DatedCellsSeen[] {
  const groups: { readonly stage: CellStage; readonly cells: [TrackedCell, ...TrackedCell[]] }[] = [];
  for (const cell of cells) {
    const stage = stageOf(cell);
    const group = groups.find((one) => one.stage === stage && one.cells[0].cell.place === cell.cell.place);
    if (group) group.cells.push(cell);
    else groups.push({ stage, cells: [cell] });
  }
  return groups.map(({ stage, cells: group }) => ({
    stage,
    count: group.length,
    place: group[0].cell.place,
    dates: { sealing: sealingOf(group), emergence: emergenceOf(group) },
  }));
}
