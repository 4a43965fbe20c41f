import { lastLaid } from '../brood/last-laid';
import type { Window } from '../calendar/window';
import { answersOfLook } from '../programmes/follow-up-state';
import { patienceWith } from '../queens/virgin-care';
import { afterReading, beforeSeen } from './after-reading';
import { afterSeen } from './after-seen';
import type { InspectionFact } from './facts';
import { type InspectionRead, readInColony } from './inspection-known';
import { type BroodSeen, emergingOf, isBelow, type Known, type Setting, withQueen } from './known';
import { afterQueenEvent, lays, type QueenState } from './queen-state';
import { seenAtLook } from './seen';
import { checkOf, followCells, mayStillHoldQueen, type TrackedCell } from './track-cells';
import { withAnswer } from './with-answer';

/** A cell that was last seen longer ago than this holds nothing any more, whatever became of it. */
const CELLS_PAST_AFTER = 90;
/** As many searches tell of a cell that was not there before. */
const SEARCHES_KEPT = 60;

/** Sets cells apart that are long over, and takes those up again that the inspection names. */
function withPastApart(known: Known, { on, cells: named }: InspectionFact): Known {
  const again = named.filter(({ cellId }) => known.past.has(cellId)).map(({ cellId }) => cellId);
  const over = [...known.cells].filter(([, cell]) => cell.lastSeen + CELLS_PAST_AFTER < on);
  if (over.length === 0 && again.length === 0) return known;
  const past = new Map([...known.past, ...over]);
  const cells = new Map(known.cells);
  for (const [id] of over) cells.delete(id);
  for (const id of again) {
    cells.set(id, past.get(id) as TrackedCell);
    past.delete(id);
  }
  return { ...known, cells, past };
}

/** What follows from an inspection: its cells, its reading, what was seen of the queens, the checks that it answers. */
export function withLook(before: Known, inspection: InspectionFact, setting: Setting): Known {
  const known = withPastApart(before, inspection);
  const { on } = inspection;
  const { facts, settings } = setting;
  const lookedBefore = known.inspections.at(-1)?.inspection.on ?? on;
  const knownBefore = [...known.cells.values()].filter(
    (cell) => mayStillHoldQueen(cell, lookedBefore) && isBelow(cell),
  );
  const emergingBefore = emergingOf(known);
  const cells = new Map(known.cells);
  const searches = [...known.searches.slice(-SEARCHES_KEPT), checkOf(inspection)];
  followCells(cells, known.cellFacts, inspection, searches, known.removals);
  const tracked = [...cells.values()];
  const liveNow = tracked.filter((cell) => isBelow(cell) && mayStillHoldQueen(cell, on)).length;
  const found: Known = { ...known, cells, searches, cellsKnownOn: on };
  const sight = seenAtLook(inspection);
  const expecting = beforeSeen(known.queen, sight, knownBefore, liveNow, emergingBefore);
  const read = readInColony(inspection, tracked, expecting);
  const isDroneLaying = read.reading.reading === 'drone-laying';
  const amid = {
    emerging: emergingOf({ ...found, queen: expecting }) ?? emergingBefore,
    hasCells: liveNow > 0,
    patientUntil: patienceWith(expecting, facts, known.followUps),
    settings,
  };
  const seen = isDroneLaying ? expecting : afterSeen(expecting, sight, amid);
  const reckoned = isDroneLaying ? seen : afterReading(seen, inspection, read, tracked);
  const queen = isTakenOut(inspection) ? withoutVirgin(reckoned, inspection, amid.emerging) : reckoned;
  const looked: Known = {
    ...withQueen(found, queen),
    alreadyDue: known.dueByLast,
    brood: broodSeen(known, inspection),
  };
  // Eggs that are not hers tell nothing of her.
  const believed = inspection.eggs === 'seen' && !lays(queen) ? withoutEggs(read) : read;
  const answers = isDroneLaying ? [] : answersOfLook(believed, known.followUps);
  const answered = answers.reduce((so, answer) => withAnswer(so, answer, setting), looked);
  return { ...answered, inspections: [...known.inspections, { ...read, queenAfter: answered.queen }] };
}

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

function broodSeen({ inspections, brood }: Known, { on, youngest, eggs }: InspectionFact): BroodSeen | null {
  if (youngest === null) return brood;
  const before = inspections.findLast(({ inspection }) => inspection.eggs === 'seen');
  const lastEggsSeen = before?.inspection.on ?? null;
  return { seenOn: on, ...lastLaid({ on, youngest, eggsLookedFor: eggs !== 'not-looked-for', lastEggsSeen }) };
}
