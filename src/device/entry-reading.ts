import { type Day, formatDay } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import { isSearch, type Searched } from '../core/cells/thoroughness';
import type { CellFact, ColonyFacts } from '../core/colony/facts';
import { factsWith } from '../core/colony/facts-with';
import { isEndUnknown, type TrackedCell } from '../core/colony/track-cells';
import { lays } from '../core/queens/queen-questions';
import type { LeaveShut } from '../core/schedule/check';
import { shutOn } from '../core/schedule/leave-shut-wins';
import { colonyOnDay } from '../core/schedule/standing';
import { takingDownPrice } from '../core/schedule/taking-down';
import { differenceOf } from '../core/schedule/what-moved';
import type { Settings } from '../core/settings/settings';
import { type ColonyState, foldColony } from '../core/state/fold';
import { isSound } from '../core/state/is-sound';
import { type CellRowView, cellRows } from '../views/colony-view';
import { type DueView, dueView } from '../views/due-view';
import { windowMoved } from '../views/moves-view';
import { type VerdictView, verdictView } from '../views/verdict-view';
import { CHECK_NAMES } from '../words/check-names';
import { rangeWords, weekdayWords } from '../words/days';
import { inWords } from '../words/in-words';
import { type VisitLine, visitLine } from '../words/visit-line';
import { dayOfDraft } from './day-of-draft';
import { type Draft, entryOf, factsBefore, searchedOf } from './draft';

/** An entry as far as it has come, and what was known before it. */
export interface EntryQuestion {
  readonly facts: ColonyFacts;
  readonly settings: Settings;
  readonly draft: Draft;
  readonly today: Day;
  /** The draft corrects an entry that is stored. */
  readonly isCorrection: boolean;
}

/** A cell known before the inspection, with what was last seen of it. */
export interface KnownCell {
  readonly cell: CellFact;
  readonly last: TrackedCell | null;
}

/** All that an entry form says of the colony while it is being filled in. */
export interface EntryReading {
  /** The hive is to be left shut on that day. */
  readonly shut: DayRange | null;
  /** Something has to be done there though it is to be left shut. */
  readonly isForced: boolean;
  /** What the visit is for. */
  readonly due: readonly DueView[];
  /** The last inspections before it, the latest first. */
  readonly visits: readonly VisitLine[];
  readonly leaveShut: readonly LeaveShut[];
  readonly known: readonly KnownCell[];
  /** A Demaree: cells hang below or above. */
  readonly isTwoParts: boolean;
  /** What taking all cells down buys; null where the colony is to keep some of them. */
  readonly price: { readonly isWorking: boolean; readonly words: string } | null;
  /** When the virgin of a cell would be out, by cell. */
  readonly outOf: Readonly<Record<string, string>>;
  readonly verdict: VerdictView;
  /** Cells with dates, as entered so far. */
  readonly cells: readonly CellRowView[];
  /** The days that the cells' dates are drawn around. */
  readonly axisDay: Day;
  /** What a correction will move. */
  readonly moves: readonly string[];
}

/**
 * What an entry means so far: the same reckoning as the server's, over the facts from before its minute. It throws where that cannot be
 * worked out; then `unreadEntry` is what is left.
 */
export function readEntry({ facts, settings, draft, today, isCorrection }: EntryQuestion): EntryReading {
  const on = dayOfDraft(draft, today);
  const at = `${formatDay(on)}T${draft.at.slice(11)}`;
  const earlier = factsBefore(facts, { id: draft.id, at });
  const before = foldColony(earlier, settings, on);
  const searched = searchedOf(draft);
  // How cells were searched for may not have been said yet: the least is assumed, and that is what it means so far.
  const entry = entryOf({ ...draft, at }, searched ?? 'tip-up');
  const state = foldColony(factsWith(earlier, entry), settings, on);
  if (!isSound(before) || !isSound(state)) throw new Error('This entry was reckoned to what cannot be');
  const onDay = colonyOnDay(before.schedule, on);
  return {
    shut: shutOn(before.schedule.leaveShut, on),
    due: onDay.due.map((one) => dueView(one, on)),
    visits: lastVisits(before),
    leaveShut: before.schedule.leaveShut,
    isForced: onDay.due.some(({ check }) => check.forced !== null),
    known: knownCells(before.cells, facts, draft, on),
    isTwoParts: before.parts.some(({ units }) => units.includes('top') && units.includes('bottom')),
    price: lays(before.queen) ? priceOf(before, searched, on) : null,
    outOf: Object.fromEntries(
      state.cells.flatMap(({ cell, planBy: { emergence } }) =>
        emergence ? [[cell.id, rangeWords({ from: emergence.earliest, to: emergence.latest })]] : [],
      ),
    ),
    verdict: verdictView(state, today),
    cells: cellRows(state.cells, on, () => 'another colony').filter(({ isOver, marks }) => !isOver && marks.length > 0),
    axisDay: on,
    moves: isCorrection ? correctionMoves(facts, factsWith(facts, entry), settings, today) : [],
  };
}

const VISITS_TOLD = 3;
const lastVisits = ({ inspections }: ColonyState): readonly VisitLine[] =>
  inspections
    .slice(-VISITS_TOLD)
    .reverse()
    .map(({ inspection }) => visitLine(inspection));

/** What taking all cells down buys, where the bees were left on unless something else was said. */
function priceOf({ inspections, parts }: ColonyState, searched: Searched | null, on: Day): EntryReading['price'] {
  const how = searched !== null && isSearch(searched) ? searched : 'bees-on';
  const { isWorking, words } = takingDownPrice(on, how, inspections, parts);
  return { isWorking, words: inWords(words) };
}

/** Cells that are to be asked about, and any other that was answered before the day of the entry was changed. */
function knownCells(before: readonly TrackedCell[], facts: ColonyFacts, draft: Draft, on: Day): readonly KnownCell[] {
  const standing = before.filter(
    (cell) => isEndUnknown(cell, on) || (cell.planBy.status === 'dry' && !cell.goneMissing),
  );
  const standingIds = new Set(standing.map(({ cell }) => cell.id));
  const named = facts.cells.filter(({ id }) => id in draft.known && !standingIds.has(id));
  return [
    ...standing.map((last) => ({ cell: last.cell, last })),
    ...named.map((cell) => ({ cell, last: before.find((one) => one.cell.id === cell.id) ?? null })),
  ];
}

function correctionMoves(facts: ColonyFacts, corrected: ColonyFacts, settings: Settings, today: Day) {
  const states = [facts, corrected].map((known) => foldColony(known, settings, today).schedule.checks);
  const [before = [], after = []] = states;
  const gone = before.filter(({ key }) => !after.some((check) => check.key === key));
  const came = after.filter(({ key }) => !before.some((check) => check.key === key));
  return [
    ...differenceOf(before, after).map(({ code, from, to }) => windowMoved(code, from, to)),
    ...gone.map(({ code }) => `${CHECK_NAMES[code]} no longer asked for`),
    ...came.map(({ code, window }) => `${CHECK_NAMES[code]} asked for by ${weekdayWords(window.latest)}`),
  ];
}
