import { lastLaid } from '../brood/last-laid';
import type { Day } from '../calendar/day';
import type { Window } from '../calendar/window';
import { isLive, isOpenCell } from '../cells/stage';
import { isFullSearch } from '../cells/thoroughness';
import { answersOfLook } from '../programmes/follow-up-state';
import { lays } from '../queens/queen-questions';
import type { QueenState } from '../queens/queen-state';
import { patienceWith } from '../queens/virgin-care';
import { afterQueenEvent } from './after-queen-event';
import { afterReading, beforeSeen } from './after-reading';
import { afterSeen } from './after-seen';
import { agedBy, withTimePassed } from './aged';
import type { InspectionFact } from './facts';
import { type InspectionRead, readInColony, understood } from './inspection-known';
import { type BroodSeen, emergingOf, isBelow, type Known, removalsWith, type Setting } from './known';
import { asOneLook, isOneVisit } from './one-visit';
import { seenAtLook } from './seen';
import { checkOf, followCells, mayStillHoldQueen, type TrackedCell } from './track-cells';
import { withAnswer } from './with-answer';

/** A cell that held nothing any more when cells were last known of, and was seen so long before that, is set apart. */
const CELLS_PAST_AFTER = 30;
/** As many searches tell of a cell that was not there before. */
const SEARCHES_KEPT = 60;

/**
 * Sets cells apart that are long over, so that they are not gone through at every inspection, and takes those up again that this one names.
 * Whether they are over goes by what was known before it: a queen that was raised in August still lays in March.
 */
function withPastApart(known: Known, { cells: named }: InspectionFact): Known {
  const again = known.past.size === 0 ? [] : named.map(({ cellId }) => cellId).filter((id) => known.past.has(id));
  const over: TrackedCell[] = [];
  for (const cell of known.cells.values()) {
    const isNamed = named.some(({ cellId }) => cellId === cell.cell.id);
    if (!isNamed && isPast(cell, known.cellsKnownOn)) over.push(cell);
  }
  if (over.length === 0 && again.length === 0) return known;
  const past = new Map(known.past);
  // First those that were there before the others.
  const cells = new Map([...again.map((id) => [id, past.get(id) as TrackedCell] as const), ...known.cells]);
  for (const id of again) past.delete(id);
  for (const cell of over) {
    past.set(cell.cell.id, cell);
    cells.delete(cell.cell.id);
  }
  return { ...known, cells, past };
}

const isPast = (cell: TrackedCell, knownOn: Day): boolean =>
  cell.lastSeen + CELLS_PAST_AFTER < knownOn && !mayStillHoldQueen(cell, knownOn);

/**
 * What follows from an inspection: its cells, its reading, what was seen of the queens, the checks that it answers.
 *
 * @param dueByLast by when it was to be inspected, going by the inspection before
 */
export function withLook(
  known: Known,
  inspection: InspectionFact,
  setting: Setting,
  dueByLast: () => Day | null,
): Known {
  const first = known.lastLook?.inspection;
  if (!known.beforeVisit || !first || !isOneVisit(first, inspection)) {
    return afterVisit(known, inspection, setting, dueByLast);
  }
  return afterVisit(known.beforeVisit, asOneLook(first, inspection), setting, known.alreadyDue);
}

function afterVisit(before: Known, inspection: InspectionFact, setting: Setting, dueByLast: () => Day | null): Known {
  const { on } = inspection;
  const { facts, settings } = setting;
  // What time alone tells gives way to what is seen.
  const byTime = isSheThere(inspection) ? null : agedBy(before, on, settings);
  const known = withPastApart(withTimePassed(before, byTime), inspection);
  const lookedBefore = known.lastLook?.inspection.on ?? on;
  const knownBefore = liveBelow(known.cells, lookedBefore);
  const emergingBefore = emergingOf(known);
  const searchesBefore = known.searches.length > SEARCHES_KEPT ? known.searches.slice(1) : known.searches;
  const searches = [...searchesBefore, checkOf(inspection)];
  const cells = cellsAfter(known, inspection, searches);
  const tracked = [...cells.values()];
  const liveNow = liveBelow(cells, on).length;
  const sight = seenAtLook(inspection);
  const expecting = beforeSeen(
    known.queen,
    sight,
    knownBefore,
    liveNow,
    emergingBefore,
    isAllTaken(inspection, knownBefore),
  );
  const read = readInColony(inspection, tracked, expecting);
  const isDroneLaying = read.reading.reading === 'drone-laying';
  const amid = {
    emerging: emergingOf({ cells, cellsKnownOn: on, queen: expecting }) ?? emergingBefore,
    hasCells: liveNow > 0,
    patientUntil: patienceWith(expecting, facts, known.followUps),
    settings,
  };
  const seen = isDroneLaying ? expecting : afterSeen(expecting, sight, amid);
  const reckoned = isDroneLaying ? seen : afterReading(seen, inspection, read, tracked);
  const queen = isTakenOut(inspection) ? withoutVirgin(reckoned, inspection, amid.emerging) : reckoned;
  // Each by name, for this is done for every inspection there ever was: a copy of a copy of a copy takes ten times as long.
  const { cellFacts, past, cutOffs, parts, answers: given, told, followUps, frames } = known;
  const looked: Known = {
    lastLook: understood(read, queen),
    eggsSeenOn: inspection.eggs === 'seen' ? on : known.eggsSeenOn,
    queen,
    cellFacts,
    cells,
    past,
    searches,
    removals: removalsWith(known, queen),
    cutOffs,
    cellsKnownOn: on,
    parts,
    answers: given,
    told,
    followUps,
    brood: broodSeen(known, inspection),
    frames,
    alreadyDue: dueByLast,
    beforeVisit: before,
  };
  if (isDroneLaying) return looked;
  // Eggs that are not hers tell nothing of her.
  const believed = inspection.eggs === 'seen' && !lays(queen) ? withoutEggs(read) : read;
  const answers = answersOfLook(believed, known.followUps);
  if (answers.length === 0) return looked;
  const answered = answers.reduce((so, answer) => withAnswer(so, answer, setting), looked);
  return { ...answered, lastLook: understood(read, answered.queen) };
}

function cellsAfter(known: Known, inspection: InspectionFact, searches: Known['searches']): Known['cells'] {
  if (inspection.cells.length === 0) return known.cells;
  const cells = new Map(known.cells);
  const { removals, cutOffs } = known;
  const eggsSeenOn = inspection.eggs === 'seen' ? inspection.on : known.eggsSeenOn;
  followCells(cells, known.cellFacts, inspection, searches, { removals, cutOffs, eggsSeenOn });
  return cells;
}

function liveBelow(cells: Known['cells'], on: Day): readonly TrackedCell[] {
  const live: TrackedCell[] = [];
  for (const cell of cells.values()) if (isBelow(cell) && mayStillHoldQueen(cell, on)) live.push(cell);
  return live;
}

/** A queen who lays: seen herself, or by eggs, in the comb or in a cup. */
const isSheThere = ({ eggs, queen, queenSeenAs, cells }: InspectionFact): boolean =>
  eggs === 'seen' ||
  (queen === 'seen' && queenSeenAs !== 'virgin') ||
  cells.some(({ found }) => found !== 'not-found' && isOpenCell(found));

/**
 * A full look at which every cell that was known or found was whole, and broken down by the keeper, with nothing left young enough to raise
 * another from.
 */
function isAllTaken(
  { cells, thoroughness, eggs, youngest }: InspectionFact,
  knownBefore: readonly TrackedCell[],
): boolean {
  const taken = new Set(
    cells.filter(({ found, takenDown }) => takenDown && isWhole(found)).map(({ cellId }) => cellId),
  );
  return (
    taken.size > 0 &&
    taken.size === cells.filter(({ found }) => found !== 'cup-dry' && found !== 'removed').length &&
    knownBefore.every(({ cell }) => taken.has(cell.id)) &&
    isFullSearch(thoroughness) &&
    eggs === 'none' &&
    youngest !== 'larvae-small'
  );
}

const isWhole = (found: InspectionFact['cells'][number]['found']): boolean => found !== 'not-found' && isLive(found);

/** A virgin was caught and taken out at the inspection. */
const isTakenOut = ({ queen, queenSeenAs, queenHandled }: InspectionFact): boolean =>
  queen === 'seen' && queenSeenAs === 'virgin' && queenHandled === 'taken';

function withoutVirgin(queen: QueenState, { id, on }: InspectionFact, emerging: Window | null): QueenState {
  const event = { id, queenId: '', at: null, on, to: null, kind: 'virgin-taken', emerged: null } as const;
  return afterQueenEvent(queen, event, emerging);
}

const withoutEggs = (look: InspectionRead): InspectionRead => ({
  ...look,
  inspection: { ...look.inspection, eggs: 'not-looked-for' },
});

function broodSeen({ eggsSeenOn, brood }: Known, { on, youngest, eggs }: InspectionFact): BroodSeen | null {
  if (youngest === null) return brood;
  return {
    seenOn: on,
    ...lastLaid({ on, youngest, eggsLookedFor: eggs !== 'not-looked-for', lastEggsSeen: eggsSeenOn }),
  };
}
