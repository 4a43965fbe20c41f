import { lastLaid } from '../brood/last-laid';
import type { Day } from '../calendar/day';
import type { Window } from '../calendar/window';
import { type ColonyCellDates, colonyCellDates } from '../cells/date-cells';
import { methodNamed } from '../methods/methods';
import { meaningOf } from '../programmes/answers';
import type { CheckAnswerFact, ProgrammePart } from '../programmes/facts';
import { alsoAnswered, answersOfLook, type FollowUpState, followUpsOf } from '../programmes/follow-up-state';
import { partBy } from '../programmes/parts';
import { patienceWith } from '../queens/virgin-care';
import { type ColonySchedule, colonySchedule, EMPTY_SCHEDULE } from '../schedule/colony-schedule';
import type { SurveyedFrames } from '../schedule/make-room';
import { roomFigures, type Settings, swarmMonthsAt } from '../settings/settings';
import { aboveExcluder } from '../space/above-excluder';
import { roomOf } from '../space/room';
import { triggersOf } from '../space/triggers';
import { laidBefore } from '../space/would-lay';
import { afterAnswer } from './after-answer';
import { afterReading, beforeSeen } from './after-reading';
import { afterSeen } from './after-seen';
import type { ColonyFacts, InspectionFact } from './facts';
import {
  atStart,
  type BroodSeen,
  emergingOf,
  isBelow,
  type Known,
  lastKnownLive,
  type Setting,
  withQueen,
} from './known';
import { firstLookFrom, knownSince } from './known-since';
import { type Look, type LookRead, readLook } from './look';
import { partedDays } from './parted-days';
import {
  afterHalfKnown,
  afterProgrammeStart,
  afterQueenEvent,
  lays,
  onlyOn,
  type QueenState,
  withVirgin,
} from './queen-state';
import { seenAtLook, seenByAnswer } from './seen';
import { type Step, stepsOf } from './steps';
import { checkOf, followCells, mayStillHoldQueen, type TrackedCell, takenFrom } from './track-cells';
import { withSurveys } from './with-surveys';

export type { Step } from './steps';

/** The schedule as it stood once something had happened. */
export interface ScheduleThen {
  readonly step: Step;
  readonly schedule: ColonySchedule;
}

/** A colony as it stands on one day. All of it follows from the facts; none of it is stored. */
export interface ColonyState {
  readonly today: Day;
  /** In order of time. */
  readonly looks: readonly Look[];
  readonly lastLook: Look | null;
  readonly cells: readonly TrackedCell[];
  /** Cells that may hold a queen, apart from those above the excluder of a Demaree. */
  readonly liveCells: readonly TrackedCell[];
  readonly cellDates: ColonyCellDates;
  readonly queen: QueenState;
  /** Its frames as last surveyed or moved, and the room that follows; null: they never were. */
  readonly frames: SurveyedFrames | null;
  /** From the last inspection that noted the youngest brood; null when none did. */
  readonly lastLaid: BroodSeen | null;
  /** Programmes begun by today, in order of time. */
  readonly parts: readonly ProgrammePart[];
  /** Given by today, in order of time; those that follow from an inspection are not among them. */
  readonly answers: readonly CheckAnswerFact[];
  /** Of those programmes, whatever became of them. */
  readonly followUps: readonly FollowUpState[];
  readonly schedule: ColonySchedule;
  /** How the schedule came to be what it is, in order of time. */
  readonly schedules: readonly ScheduleThen[];
  readonly ended: boolean;
}

/** One pure transition for each kind of step. */
const AFTER: {
  readonly [K in Step['kind']]: (known: Known, step: Extract<Step, { kind: K }>, setting: Setting) => Known;
} = {
  half: (known, { part, half }) => withQueen(known, afterHalfKnown(known.queen, { ...part, half })),
  queen: (known, { event }) => withQueen(known, afterQueenEvent(known.queen, event, emergingOf(known))),
  given: (known, { departure }) => {
    const cell = known.cells.get(departure.cellId);
    if (!cell) return known;
    return { ...known, cells: new Map(known.cells).set(cell.cell.id, takenFrom(cell, departure.toColonyId)) };
  },
  arrived: (known, { on, arrival: { id, cell, travel } }) => {
    const isVirgin = travel === 'caged-virgin';
    const came: Known = {
      ...known,
      cells: new Map(known.cells).set(cell.cell.id, isVirgin ? asEmerged(cell) : cell),
      cellFacts: new Map(known.cellFacts).set(cell.cell.id, cell.cell),
      cellsKnownOn: on,
    };
    return isVirgin ? withQueen(came, withVirgin(known.queen, onlyOn(on), null, id)) : came;
  },
  programme: (known, { part }) => {
    const { on, keptCellIds } = part.programme;
    const begun = withQueen(known, afterProgrammeStart(known.queen, part));
    const cells = withoutCleared(known.cells, part);
    const tookDown = cells !== known.cells;
    // A cell given as a virgin in her cage is a virgin from that day.
    const virgin = keptCellIds.some((id) => known.cells.get(id)?.planBy.status === 'emerged');
    const withHer = virgin ? withQueen(begun, withVirgin(begun.queen, onlyOn(on), null, part.programme.id)) : begun;
    return {
      ...withHer,
      cells,
      searches: tookDown ? [...known.searches, { on, thoroughness: 'tip-up', cellsRemoved: true }] : known.searches,
      cellsKnownOn: keptCellIds.length > 0 ? on : known.cellsKnownOn,
      parts: [...known.parts, part],
    };
  },
  survey: (known, { survey }, { settings, facts }) => {
    const figures = roomFigures(settings);
    const triggers = triggersOf(survey.hive, survey.coveredSeams, figures.sizes);
    const room = roomOf(
      survey,
      figures,
      laidBefore(facts.surveys, survey, figures.sizes, partedDays(facts.parts, survey)),
    );
    const before = known.frames;
    const lookedOn = survey.source === 'survey' ? survey.on : (before?.lookedOn ?? survey.on);
    return {
      ...known,
      frames: { survey, lookedOn, room, triggers, above: aboveExcluder(survey, before) },
    };
  },
  answer: (known, { answer }, setting) => {
    const after = withAnswer(known, answer, setting);
    return { ...after, answers: [...known.answers, answer] };
  },
  look: (known, { inspection }, setting) => withLook(known, inspection, setting),
};

/** What follows from an answer, given by the keeper or by an inspection that saw the same. */
function withAnswer(known: Known, answer: CheckAnswerFact, { facts, settings }: Setting): Known {
  const seen = answer.isByLook ? null : seenByAnswer(answer);
  const amid = {
    emerging: emergingOf(known),
    hasCells: lastKnownLive(known).length > 0,
    patientUntil: patienceWith(known.queen, facts, known.followUps),
    settings,
  };
  const before = lastKnownLive(known).filter(isBelow);
  const liveNow = before.filter((cell) => mayStillHoldQueen(cell, answer.on)).length;
  const looked = seen
    ? afterSeen(beforeSeen(known.queen, seen, before, liveNow, amid.emerging), seen, amid)
    : known.queen;
  const queen = afterAnswer(looked, answer, known.parts);
  // What was seen too early to be hers answers nothing.
  const sees = meaningOf(answer.code, answer.answer)?.sees?.eggs;
  const isDoubted = sees === 'seen' && !lays(queen) && queen.eitherHalfSince === null;
  const also = isDoubted ? [] : alsoAnswered(answer, known.followUps);
  return { ...withQueen(known, queen), told: isDoubted ? known.told : [...known.told, answer, ...also] };
}

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

function withLook(before: Known, inspection: InspectionFact, setting: Setting): Known {
  const known = withPastApart(before, inspection);
  const { on } = inspection;
  const { facts, settings } = setting;
  const lookedBefore = known.looks.at(-1)?.inspection.on ?? on;
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
  const read = readLook(inspection, tracked, expecting);
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
  return { ...answered, looks: [...known.looks, { ...read, next: null, queenAfter: answered.queen }] };
}

/** A virgin was caught and taken out at the inspection. */
const isTakenOut = ({ queen, queenSeenAs, queenHandled }: InspectionFact): boolean =>
  queen === 'seen' && queenSeenAs === 'virgin' && queenHandled === 'taken';

function withoutVirgin(queen: QueenState, { id, on }: InspectionFact, emerging: Window | null): QueenState {
  const event = { id, queenId: '', at: null, on, to: null, kind: 'virgin-taken', emerged: null } as const;
  return afterQueenEvent(queen, event, emerging);
}

const withoutEggs = (look: LookRead): LookRead => ({
  ...look,
  inspection: { ...look.inspection, eggs: 'not-looked-for' },
});

function broodSeen({ looks, brood }: Known, { on, youngest, eggs }: InspectionFact): ColonyState['lastLaid'] {
  if (youngest === null) return brood;
  const before = looks.findLast(({ inspection }) => inspection.eggs === 'seen');
  const lastEggsSeen = before?.inspection.on ?? null;
  return { seenOn: on, ...lastLaid({ on, youngest, eggsLookedFor: eggs !== 'not-looked-for', lastEggsSeen }) };
}

/** The cell of a virgin who has left it. */
function asEmerged(cell: TrackedCell): TrackedCell {
  const emerged = { status: 'emerged' } as const;
  return { ...cell, dates: { ...cell.dates, ...emerged }, planBy: { ...cell.planBy, ...emerged } };
}

/** Cells that a method does not keep are down by the end of its day; in a unit that lost none by it they stay. */
function withoutCleared(
  cells: ReadonlyMap<string, TrackedCell>,
  { programme, units }: ProgrammePart,
): ReadonlyMap<string, TrackedCell> {
  const { keptCellIds, on, method } = programme;
  const { clearsCells, raisesQueen } = methodNamed(method);
  const keepsSome = keptCellIds.length > 0 && raisesQueen !== null && units.includes(raisesQueen.unit);
  if (!clearsCells && !keepsSome) return cells;
  const kept = new Set(keptCellIds);
  const down = [...cells].filter(([id, cell]) => !kept.has(id) && mayStillHoldQueen(cell, on));
  if (down.length === 0) return cells;
  return new Map([...cells, ...down.map(([id, cell]) => [id, takenFrom(cell, null)] as const)]);
}

function scheduleOf(known: Known, look: LookRead | null, { facts, settings, today, changes }: Setting): ColonySchedule {
  const live = lastKnownLive(known);
  const { origin } = facts;
  const { queen, alreadyDue, parts, told, frames, followUps } = known;
  const liveCells = live.filter(isBelow);
  const liveAbove = live.filter((cell) => !isBelow(cell));
  return colonySchedule(
    {
      startedOn: knownSince(facts),
      firstLookFrom: firstLookFrom(facts),
      origin,
      look,
      queen,
      liveCells,
      liveAbove,
      patientUntil: patienceWith(queen, facts, followUps),
      alreadyDue: look ? alreadyDue : null,
      parts,
      answers: told,
      frames,
      settings,
      today,
    },
    followUps,
    changes,
  );
}

/** It became part of another colony; a union that was given up has parted them again. */
const isUnited = ({ queen, programme }: ProgrammePart) => queen === 'ends' && programme.endedOn === null;

/** Schedules of longer ago are history; what is due now follows from what came after. */
const SCHEDULES_KEPT_FOR = 400;

/**
 * The state of a colony on `today` from its facts, which may come in any order. Facts dated after `today` are not yet known
 * and do not count.
 */
export function foldColony(facts: ColonyFacts, ofBook: Settings, today: Day): ColonyState {
  const settings = { ...ofBook, swarmMonths: swarmMonthsAt(facts, ofBook) };
  const figures = roomFigures(settings);
  const inspections = facts.inspections.map((inspection) => withSurveys(inspection, facts, figures));
  const changes = facts.changes.filter(({ on }) => on <= today);
  const setting: Setting = { facts: { ...facts, inspections }, settings, today, changes };
  const parts = facts.parts.map((part) => partBy(part, inspections, facts.answers, today));
  const schedules: ScheduleThen[] = [];
  let known = atStart(setting);
  for (const step of stepsOf(setting.facts, parts, today)) {
    known = AFTER[step.kind](known, step as never, setting);
    if (known.parts.length > 0)
      known = {
        ...known,
        followUps: followUpsOf(known.parts, known.told, settings, today, { followUps: known.followUps, on: step.on }),
      };
    if (step.on < today - SCHEDULES_KEPT_FOR) continue;
    const schedule = scheduleOf(known, known.looks.at(-1) ?? null, setting);
    schedules.push({ step, schedule });
    if (step.kind === 'look') known = withNext(known, schedule);
  }
  const cells = [...known.past.values(), ...known.cells.values()];
  const ended = (facts.endedOn !== null && facts.endedOn <= today) || known.parts.some(isUnited);
  return {
    today,
    looks: known.looks,
    lastLook: known.looks.at(-1) ?? null,
    cells,
    liveCells: lastKnownLive(known).filter(isBelow),
    cellDates: colonyCellDates(
      cells.filter(({ goneMissing, overdueOn }) => !goneMissing && overdueOn === null).map(({ planBy }) => planBy),
    ),
    queen: known.queen,
    frames: known.frames,
    lastLaid: known.brood,
    parts: known.parts,
    answers: known.answers,
    followUps: known.followUps,
    schedule: ended
      ? EMPTY_SCHEDULE
      : (schedules.at(-1)?.schedule ?? scheduleOf(known, known.looks.at(-1) ?? null, setting)),
    schedules,
    ended,
  };
}

/** The last look with the look that is due next, going by it. */
function withNext(known: Known, { checks }: ColonySchedule): Known {
  const last = known.looks.at(-1) as Look;
  const next = checks[0]?.window ?? null;
  return {
    ...known,
    looks: [...known.looks.slice(0, -1), { ...last, next }],
    dueByLast: next?.latest ?? known.dueByLast,
  };
}
