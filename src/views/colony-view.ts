import { type Day, daysBetween, yearOf } from '../core/calendar/day';
import { expectedStages } from '../core/cells/expected';
import { explainConflict } from '../core/cells/explain';
import { isSaidFirst } from '../core/colony/aged';
import { contradictionsOf } from '../core/colony/contradictions';
import type { CellFinding, InspectionFact } from '../core/colony/facts';
import type { InspectionKnown } from '../core/colony/inspection-known';
import { isUnseen, situationOf } from '../core/colony/situation';
import { mayStillHoldQueen, type TrackedCell } from '../core/colony/track-cells';
import type { ColonyState } from '../core/state/fold';
import { findingWords } from '../words/cells';
import { CHECK_NAMES } from '../words/check-names';
import { contradictionWords } from '../words/contradictions';
import { dayWords, rangeWords, weekdayWords } from '../words/days';
import { inWords } from '../words/in-words';
import { THOROUGHNESS_WORDS } from '../words/inspections';
import { methodTitle } from '../words/methods/methods';
import { colonyPhrases } from '../words/pages/colony';
import { flightsWords } from '../words/weather';
import { whereWords } from '../words/where';
import { type ColonyBriefs, colonyBriefs } from './colony-briefs';
import { type DueView, dueSplit } from './due-view';
import type { Mark } from './marks';
import { cellMarks, cellsMarks, rowBelow, scheduleMarks } from './marks-of';
import { type MoveLine, moveLines } from './moves-view';
import { queenTold } from './queen-told';
import { type ReadingView, readingView } from './reading-view';

export interface CellRowView {
  readonly id: string;
  readonly label: string;
  readonly glyph: CellFinding;
  readonly stage: string;
  readonly where: string;
  readonly laid: string;
  /** What it may have become by today; null when it was seen today or is over. */
  readonly byNow: string | null;
  readonly sights: string;
  readonly conflict: string | null;
  readonly isOver: boolean;
  readonly marks: readonly Mark[];
}

export interface InspectionView {
  readonly id: string;
  readonly on: Day;
  readonly when: string;
  readonly reading: string;
  readonly how: string;
  readonly cells: string;
  readonly note: string;
}

/** A method that was begun, by name. */
export interface ProgrammeLine {
  readonly id: string;
  readonly words: string;
  readonly isRunning: boolean;
}

export interface ColonyView {
  /** How it stands, as a headline. */
  readonly situation: string;
  /** Nothing was entered of it yet. */
  readonly isUnseen: boolean;
  readonly reading: ReadingView | null;
  /** What it read on the day of the last look, where that is not what it reads today. */
  readonly readThen: string | null;
  readonly seen: string;
  /** The headline says already why what is due first is due. */
  readonly isWhyInHeadline: boolean;
  /** What is to be done now, what presses most first; where nothing is, what comes next alone. */
  readonly due: readonly DueView[];
  /** What is to come after that. */
  readonly toCome: readonly DueView[];
  /** What the keeper left out, and what it is too late for. */
  readonly notDone: readonly string[];
  /** What was said in two ways on one day. */
  readonly contradictions: readonly string[];
  readonly leaveShut: string | null;
  /** The days on which it is left shut have begun. */
  readonly isShutToday: boolean;
  readonly queen: string;
  readonly lastLaid: string | null;
  /** On which afternoons its virgin could fly; null: it has none, or the weather is not known. */
  readonly flights: string | null;
  /** Newest first. */
  readonly programmes: readonly ProgrammeLine[];
  readonly moves: readonly MoveLine[];
  readonly overview: readonly Mark[];
  readonly cells: readonly CellRowView[];
  readonly looks: readonly InspectionView[];
  readonly briefs: ColonyBriefs;
}

/**
 * Everything that the colony's page says, from its state.
 *
 * @param nameOf the names of colonies that cells went to
 * @param newestLooks as many looks are put into words, from the newest; null: all
 */
export function colonyView(
  state: ColonyState,
  nameOf: (colonyId: string) => string = () => colonyPhrases.anotherColony,
  newestLooks: number | null = null,
): ColonyView {
  const { today, lastInspection, schedule, cells } = state;
  const live = state.liveCells;
  const reading = lastInspection && readingView(lastInspection, state.queen);
  const due = dueSplit(state);
  const windows = cellsMarks(live, schedule.emergence);
  const shut = schedule.leaveShut.find(({ from, to }) => from <= to && today <= to);
  return {
    situation: inWords(situationOf(state)),
    isUnseen: isUnseen(state),
    reading,
    briefs: colonyBriefs(state, reading),
    readThen:
      lastInspection && state.aged
        ? colonyPhrases.readThen(lastInspection.inspection.on, readingView(lastInspection).title)
        : null,
    seen: lastInspection
      ? colonyPhrases.lastLooked(lastInspection.inspection.on, today)
      : colonyPhrases.notInspectedYet,
    ...due,
    isWhyInHeadline: isSaidFirst(state.aged, state.queen) && due.due[0]?.code === 'act',
    notDone: [
      ...schedule.skipped.map(({ check, reason }) => colonyPhrases.skipped(CHECK_NAMES[check.code], reason)),
      ...schedule.missed.map(({ code, window }) => colonyPhrases.notDone(window.latest, CHECK_NAMES[code])),
    ],
    contradictions: contradictionsOf(
      state.inspections.map(({ inspection }) => inspection),
      state.answers,
      today,
    ).map(contradictionWords),
    leaveShut: shut ? colonyPhrases.leaveShut(shut) : null,
    isShutToday: shut !== undefined && shut.from <= today,
    queen: queenTold(state).words,
    lastLaid: lastLaidWords(state),
    flights: state.flights && flightsWords(state.flights),
    programmes: programmeLines(state),
    moves: moveLines(state),
    overview: withLooks([...windows, ...scheduleMarks(schedule, today, rowBelow(windows))], recentLooks(state)),
    cells: cellRows(cells, today, nameOf),
    looks: [...state.inspections]
      .reverse()
      .slice(0, newestLooks ?? state.inspections.length)
      .map((look) => lookView(look, state.cells, today)),
  };
}

function programmeLines({ parts, schedule, today }: ColonyState): readonly ProgrammeLine[] {
  return [...parts].reverse().map(({ programme: { id, method, on, endedOn } }) => {
    const isRunning = endedOn === null && schedule.checks.some(({ programme }) => programme?.id === id);
    const title = methodTitle(method);
    const days = daysBetween(on, today);
    return {
      id,
      isRunning,
      words: isRunning ? colonyPhrases.programmeDay(title, days) : `${title}, ${dayWords(on, yearOf(today))}`,
    };
  });
}

/** Rings of longer ago stand on no strip. */
const RINGS_BACK = 60;

const recentLooks = ({ inspections, today }: ColonyState): readonly InspectionKnown[] =>
  inspections.filter(({ inspection }) => daysBetween(inspection.on, today) <= RINGS_BACK);

/** The marks with a line of rings below them, one for each look. */
function withLooks(marks: readonly Mark[], looks: readonly InspectionKnown[]): readonly Mark[] {
  const row = rowBelow(marks) + (marks.some(({ type }) => type === 'check') ? 1 : 0);
  return [...marks, ...looks.map(({ inspection }): Mark => ({ type: 'look', on: inspection.on, row }))];
}

/** Cells that may hold a queen first, then dry cups, then what is over. */
function standing(tracked: TrackedCell, today: Day): number {
  if (mayStillHoldQueen(tracked, today)) return 0;
  return tracked.planBy.status === 'dry' && !tracked.goneMissing ? 1 : 2;
}

const byUrgency = (today: Day) => (a: TrackedCell, b: TrackedCell) =>
  standing(a, today) - standing(b, today) ||
  (a.planBy.emergence?.earliest ?? Number.POSITIVE_INFINITY) -
    (b.planBy.emergence?.earliest ?? Number.POSITIVE_INFINITY) ||
  a.cell.label.length - b.cell.label.length ||
  (a.cell.label < b.cell.label ? -1 : 1);

/** The cells of a colony, those that may hold a queen first. */
export function cellRows(
  cells: readonly TrackedCell[],
  today: Day,
  nameOf: (colonyId: string) => string,
): readonly CellRowView[] {
  return [...cells].sort(byUrgency(today)).map((cell) => cellRow(cell, today, nameOf));
}

function cellRow(tracked: TrackedCell, today: Day, nameOf: (colonyId: string) => string): CellRowView {
  const { cell, dates, planBy, lastStage, lastSeen, goneMissing, sights, givenTo, overdueOn } = tracked;
  const laid = dates.laid ?? planBy.laid;
  const isOver = goneMissing || (planBy.status !== 'live' && planBy.status !== 'dry');
  const glyph: CellFinding = goneMissing ? 'not-found' : planBy.status === 'removed' ? 'removed' : lastStage;
  const name =
    planBy.status === 'removed' && lastStage !== 'removed'
      ? colonyPhrases.brokenDownAs(givenTo === null ? null : nameOf(givenTo), lastStage)
      : findingWords(glyph);
  const later = expectedStages(planBy.laid, lastStage, today);
  const conflictSights = sights.flatMap(({ on, found }, index) =>
    found === 'not-found' ? [] : [{ on, stage: found, index }],
  );
  const conflict = explainConflict(dates, conflictSights);
  return {
    id: cell.id,
    label: cell.label,
    glyph,
    stage: name,
    where: whereWords(cell),
    laid: laid ? colonyPhrases.laid(laid) : colonyPhrases.notDated,
    byNow:
      overdueOn !== null && planBy.status === 'live'
        ? colonyPhrases.overdue
        : planBy.status === 'live' && !goneMissing && lastSeen < today && later.length > 0
          ? colonyPhrases.byNow(later)
          : null,
    sights: sights.map(({ on, found }) => `${dayWords(on)} ${findingWords(found)}`).join(' · '),
    conflict: conflict && inWords(conflict),
    isOver,
    marks: isOver && planBy.status !== 'emerged' ? [] : cellMarks(tracked),
  };
}

function lookView(look: InspectionKnown, cells: readonly TrackedCell[], today: Day): InspectionView {
  const { inspection } = look;
  const { id, on, thoroughness, note } = inspection;
  return {
    id,
    on,
    when: whenWords(inspection, today),
    reading: readingView(look).title,
    how: THOROUGHNESS_WORDS[thoroughness].name,
    cells: cellsWords(inspection, cells),
    note,
  };
}

/** `14:05`, or `14:05 to 14:20` where its end is noted too. */
const clockWords = (at: string, until: string | null) =>
  until === null ? at.slice(11) : colonyPhrases.fromTo(at.slice(11), until.slice(11));

/** When an inspection was: its minute, or the days between which it was; and that somebody else made it. */
function whenWords({ on, to, at, until, isByHelper }: InspectionFact, today: Day): string {
  const year = yearOf(on) === yearOf(today) ? '' : ` ${yearOf(on)}`;
  const when =
    to === null
      ? `${weekdayWords(on)}${year}, ${clockWords(at, until ?? null)}`
      : colonyPhrases.someDay({ from: on, to }, year);
  return isByHelper ? colonyPhrases.seenByAnother(when) : when;
}

function cellsWords(inspection: InspectionFact, cells: readonly TrackedCell[]): string {
  const labels = new Map(cells.map(({ cell }) => [cell.id, cell.label]));
  return inspection.cells
    .map(
      ({ cellId, found, takenDown }) =>
        `${labels.get(cellId) ?? '?'} ${findingWords(found)}${takenDown ? colonyPhrases.brokenDown : ''}`,
    )
    .join(' · ');
}

function lastLaidWords({ lastLaid }: ColonyState): string | null {
  if (!lastLaid) return null;
  if (lastLaid.conflict) return colonyPhrases.youngestContradictsEggs;
  if (!lastLaid.lastLaid) return colonyPhrases.eggsNotLookedFor;
  const { from, to } = lastLaid.lastLaid;
  const when = from === null ? colonyPhrases.orBefore(to) : rangeWords({ from, to });
  return colonyPhrases.lastEggLaid(lastLaid.seenOn, when);
}
