import { spanOf } from '../calendar/window';
import { causeOfCells } from '../cells/cause';
import { type CellStage, isLive } from '../cells/stage';
import type { Evidence } from '../inspections/evidence';
import type { DatedCellsSeen, QueenExpected } from '../inspections/inspection-seen';
import { type Reading, type ReadingName, readInspection } from '../inspections/reading';
import { say } from '../inspections/says';
import type { Said } from '../says/said';
import type { CellSeenFact, InspectionFact } from './facts';
import type { QueenState } from './queen-state';
import { emergencesOf, mayStillHoldQueen, sealingsOf, type TrackedCell } from './track-cells';

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
  const found = new Set(inspection.cells.map(({ cellId }) => cellId));
  const seen = cells.filter(({ cell }) => found.has(cell.id));
  const carriedOver = cells.filter((cell) => !found.has(cell.cell.id) && mayStillHoldQueen(cell, on));
  const notLookedAt = carriedOver.filter(isBelow);
  const overdue = seen.filter(({ overdueOn, planBy }) => overdueOn !== null && planBy.status === 'live');
  const stillThere = seen.filter((cell) => !cell.goneMissing && !overdue.includes(cell));
  const asLeft = stillThere.filter(isBelow);
  const above = [...stillThere, ...carriedOver].filter((cell) => !isBelow(cell));
  const liveAbove = above.filter((cell) => mayStillHoldQueen(cell, on));
  const openedAbove = stillThere.filter((cell) => !isBelow(cell) && isVacated(cell) && cell.lastSeen === on).length;
  const seenCells = groupCells(asLeft, (cell) => (cell.planBy.status === 'removed' ? 'removed' : cell.lastStage));
  const carried = groupCells(notLookedAt, (cell) => stageByNow(cell, inspection));
  const inside = [...seenCells, ...carried];
  const groups = [...inside, ...virginKnownOf(inspection, inside)];
  const reading = readInspection(
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
    {
      queenExpected: queen.expected,
      virginEmergedFrom: queen.virginEmerged?.latest ?? queen.cagedOn,
    },
  );
  // Cells that were there before the queen was taken away are not cells raised for the loss of her.
  const live = [...asLeft.filter((cell) => mayStillHoldQueen(cell, on)), ...notLookedAt];
  const { removedOn } = queen;
  const olderThanLoss = removedOn !== null && live.some(({ firstSeen }) => firstSeen <= removedOn);
  const cause = olderThanLoss ? causeOfCells(groups, inspection.eggs, false) : reading.cause;
  const missing = seen.filter(({ goneMissing }) => goneMissing);
  const isSought = inspection.thoroughness !== 'not-searched';
  // What nobody looked for is not said to be missing.
  const unsought: Readonly<Record<string, Evidence>> = {
    ...(isSought ? {} : { 'no-cells': { code: 'cells-not-sought', text: say('cells-not-sought') } }),
    ...(inspection.queen === 'not-looked-for'
      ? { 'queen-not-seen': { code: 'queen-not-sought', text: say('queen-not-sought') } }
      : {}),
  };
  const because = reading.because.map((one) => unsought[one.code] ?? one);
  const add = (code: string, text: Said) => because.push({ code, text });
  if (notLookedAt.length > 0) add('cells-not-looked-at', say('cells-not-looked-at', { cells: notLookedAt.map(named) }));
  if (liveAbove.length > 0) add('cells-above', say('cells-above', { cells: liveAbove.map(named) }));
  if (overdue.length > 0) add('cells-overdue', say('cells-overdue', { cells: overdue.map(named) }));
  if (openedAbove > 0) add('virgin-above', say('virgin-above'));
  if (missing.length > 0) add('cells-not-found', say('cells-not-found', { cells: missing.map(named) }));
  const takenDownAbove = above.filter(({ cell }) =>
    inspection.cells.some((seen) => seen.cellId === cell.id && wasTaken(seen)),
  ).length;
  return {
    inspection,
    queenExpected: queen.expected,
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
function stageByNow({ planBy, lastStage }: TrackedCell, { on }: InspectionFact): CellStage {
  return planBy.sealing && planBy.sealing.latest < on && lastStage !== 'queen-moving' ? 'sealed' : lastStage;
}

/** Cells of one stage at one place counted together, with the span of their dates. */
function groupCells(
  cells: readonly TrackedCell[],
  stageOf: (cell: TrackedCell) => CellStage,
): readonly DatedCellsSeen[] {
  if (cells.length === 0) return [];
  const groups = new Map<string, TrackedCell[]>();
  for (const cell of cells) {
    const key = `${stageOf(cell)} ${cell.cell.place}`;
    const group = groups.get(key);
    if (group) group.push(cell);
    else groups.set(key, [cell]);
  }
  return [...groups.values()].map((group) => {
    const [first] = group as [TrackedCell, ...TrackedCell[]];
    return {
      stage: stageOf(first),
      count: group.length,
      place: first.cell.place,
      dates: { sealing: spanOf(sealingsOf(group)), emergence: spanOf(emergencesOf(group)) },
    };
  });
}
