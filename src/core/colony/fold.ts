import { type LastLaid, lastLaid } from '../brood/last-laid';
import { type Day, latestOf } from '../calendar/day';
import { type ColonyCellDates, colonyCellDates } from '../cells/date-cells';
import { methodNamed } from '../methods/methods';
import type { CheckAnswerFact, ProgrammePart } from '../programmes/facts';
import { type FollowUpState, followUpsOf } from '../programmes/follow-up-state';
import { partBy } from '../programmes/parts';
import { type ColonySchedule, colonySchedule, EMPTY_SCHEDULE } from '../schedule/colony-schedule';
import type { SurveyedFrames } from '../schedule/make-room';
import type { ScheduleFrom } from '../schedule/schedule-part';
import { allSizes, type Settings } from '../settings/settings';
import { roomOf } from '../space/room';
import type { SurveyFact } from '../space/survey';
import { triggersOf } from '../space/triggers';
import type { CellArrival, CellDeparture, ColonyFacts, InspectionFact, QueenEventFact } from './facts';
import { type Look, type LookRead, readLook } from './look';
import {
  afterAnswer,
  afterHalfKnown,
  afterInspection,
  afterProgrammeStart,
  afterQueenEvent,
  beforeInspection,
  type QueenState,
  queenStateAtStart,
} from './queen-state';
import { followCells, mayStillHoldQueen, type TrackedCell, takenFrom } from './track-cells';
import { withSurveys } from './with-surveys';

/** What happened at a colony, one thing at a time. */
export type Step =
  | { readonly on: Day; readonly kind: 'half'; readonly part: ProgrammePart }
  | { readonly on: Day; readonly kind: 'look'; readonly inspection: InspectionFact }
  | { readonly on: Day; readonly kind: 'queen'; readonly event: QueenEventFact }
  | { readonly on: Day; readonly kind: 'given'; readonly departure: CellDeparture }
  | { readonly on: Day; readonly kind: 'arrived'; readonly arrival: CellArrival }
  | { readonly on: Day; readonly kind: 'programme'; readonly part: ProgrammePart }
  | { readonly on: Day; readonly kind: 'survey'; readonly survey: SurveyFact }
  | { readonly on: Day; readonly kind: 'answer'; readonly answer: CheckAnswerFact };

/**
 * The order of things of one day. Which half of a split it is, is known as soon as something tells, and the look that tells is read
 * with it. What befell the queen and what was begun comes of the look of that day.
 */
const ORDER_OF_DAY: { readonly [K in Step['kind']]: number } = {
  half: 0,
  look: 1,
  queen: 2,
  given: 3,
  arrived: 4,
  programme: 5,
  answer: 6,
  survey: 7,
};

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
  readonly lastLaid: (LastLaid & { readonly seenOn: Day }) | null;
  /** Programmes begun by today, in order of time. */
  readonly parts: readonly ProgrammePart[];
  readonly answers: readonly CheckAnswerFact[];
  /** Of those programmes, whatever became of them. */
  readonly followUps: readonly FollowUpState[];
  readonly schedule: ColonySchedule;
  /** How the schedule came to be what it is, in order of time. */
  readonly schedules: readonly ScheduleThen[];
  readonly ended: boolean;
}

/** The steps up to today in order; of one day and kind by their ids, so that the order of entry does not matter. */
function stepsOf(facts: ColonyFacts, parts: readonly ProgrammePart[], today: Day): readonly Step[] {
  const steps: { readonly step: Step; readonly by: string }[] = [
    ...facts.inspections.map((inspection) => ({
      step: { on: inspection.on, kind: 'look', inspection } as const,
      by: `${inspection.at} ${inspection.id}`,
    })),
    ...facts.queenEvents.map((event) => ({ step: { on: event.on, kind: 'queen', event } as const, by: event.id })),
    ...facts.departures.map((departure) => ({
      step: { on: departure.on, kind: 'given', departure } as const,
      by: departure.cellId,
    })),
    ...facts.arrivals.map((arrival) => ({
      step: { on: arrival.on, kind: 'arrived', arrival } as const,
      by: arrival.cell.cell.id,
    })),
    ...parts.map((part) => ({
      step: { on: part.programme.on, kind: 'programme', part } as const,
      by: part.programme.id,
    })),
    ...parts.flatMap((part) =>
      part.half ? [{ step: { on: part.half.on, kind: 'half', part } as const, by: part.programme.id }] : [],
    ),
    ...facts.surveys.map((survey) => ({
      step: { on: survey.on, kind: 'survey', survey } as const,
      by: `${survey.at} ${survey.id}`,
    })),
    ...facts.answers.map((answer) => ({
      step: { on: answer.on, kind: 'answer', answer } as const,
      by: `${answer.at} ${answer.id}`,
    })),
  ];
  return steps
    .filter(({ step }) => step.on <= today)
    .sort(
      (a, b) =>
        a.step.on - b.step.on ||
        ORDER_OF_DAY[a.step.kind] - ORDER_OF_DAY[b.step.kind] ||
        (a.by < b.by ? -1 : a.by > b.by ? 1 : 0),
    )
    .map(({ step }) => step);
}

/**
 * The state of a colony on `today` from its facts, which may come in any order. Facts dated after `today` are not yet known
 * and do not count.
 */
export function foldColony(facts: ColonyFacts, settings: Settings, today: Day): ColonyState {
  const { origin, startedOn } = facts;
  const looks: Look[] = [];
  const schedules: ScheduleThen[] = [];
  const sizes = allSizes(settings);
  const inspections = facts.inspections.map((inspection) => withSurveys(inspection, facts.surveys, sizes));
  const known = facts.parts.map((part) => partBy(part, inspections, facts.answers, today));
  let queen = queenStateAtStart(origin, startedOn);
  const cellFacts = new Map(facts.cells.map((cell) => [cell.id, cell]));
  const removals: Day[] = [];
  const followed = new Map<string, TrackedCell>();
  const soFar: InspectionFact[] = [];
  const parts: ProgrammePart[] = [];
  const answers: CheckAnswerFact[] = [];
  const changes = facts.changes.filter(({ on }) => on <= today);
  let followUps: readonly FollowUpState[] = [];
  let brood: ColonyState['lastLaid'] = null;
  let frames: SurveyedFrames | null = null;
  /** By when it was to be looked at, going by the look before the last, so that a look that tells too little does not count its own date. */
  let alreadyDue: Day | null = null;
  let dueByLast: Day | null = null;
  /** The last day on which cells were looked at, kept or brought. */
  let cellsKnownOn = startedOn;

  /** Cells that held a queen to be when last known, though she may have come out since. */
  const lastKnownLive = () => {
    const on = latestOf(cellsKnownOn, queen.removedOn ?? cellsKnownOn);
    return [...followed.values()].filter((cell) => mayStillHoldQueen(cell, on));
  };
  const schedule = (look: LookRead | null, due: Day | null): ColonySchedule => {
    const live = lastKnownLive();
    const from: ScheduleFrom = {
      startedOn,
      origin,
      look,
      queen,
      liveCells: live.filter(({ cell }) => cell.part !== 'above'),
      liveAbove: live.filter(({ cell }) => cell.part === 'above'),
      alreadyDue: due,
      parts,
      answers,
      frames,
      settings,
      today,
    };
    return colonySchedule(from, followUps, changes);
  };

  for (const step of stepsOf({ ...facts, inspections }, known, today)) {
    switch (step.kind) {
      case 'half':
        queen = afterHalfKnown(queen, step.part);
        if (queen.removedOn !== null) removals.push(queen.removedOn);
        break;
      case 'queen':
        queen = afterQueenEvent(queen, step.event);
        if (queen.removedOn === step.on) removals.push(step.on);
        break;
      case 'given': {
        const cell = followed.get(step.departure.cellId);
        if (cell) followed.set(cell.cell.id, takenFrom(cell, step.departure.toColonyId));
        break;
      }
      case 'arrived': {
        const { cell } = step.arrival;
        followed.set(cell.cell.id, cell);
        cellFacts.set(cell.cell.id, cell.cell);
        cellsKnownOn = step.on;
        break;
      }
      case 'programme':
        queen = afterProgrammeStart(queen, step.part);
        if (queen.removedOn === step.on) removals.push(step.on);
        clearCells(followed, step.part);
        if (step.part.programme.keptCellIds.length > 0) cellsKnownOn = step.on;
        parts.push(step.part);
        break;
      case 'survey':
        frames = {
          survey: step.survey,
          room: roomOf(step.survey, sizes),
          triggers: triggersOf(step.survey.hive, step.survey.coveredSeams, sizes),
        };
        break;
      case 'answer':
        queen = afterAnswer(queen, step.answer, parts);
        answers.push(step.answer);
        break;
      case 'look': {
        const { inspection } = step;
        const lookedBefore = looks.at(-1)?.inspection.on ?? inspection.on;
        const knownBefore = [...followed.values()].filter((cell) => mayStillHoldQueen(cell, lookedBefore));
        soFar.push(inspection);
        cellsKnownOn = inspection.on;
        followCells(followed, cellFacts, inspection, soFar, removals);
        const cells = [...followed.values()];
        const liveNow = cells.filter((cell) => mayStillHoldQueen(cell, inspection.on)).length;
        queen = beforeInspection(queen, inspection, knownBefore, liveNow);
        const look = readLook(inspection, cells, queen);
        queen = afterInspection(queen, inspection, look.reading.reading, cells);
        if (inspection.youngest !== null) {
          const before = looks.findLast(({ inspection: { eggs } }) => eggs === 'seen');
          brood = {
            seenOn: inspection.on,
            ...lastLaid({
              on: inspection.on,
              youngest: inspection.youngest,
              eggsLookedFor: inspection.eggs !== 'not-looked-for',
              lastEggsSeen: before?.inspection.on ?? null,
            }),
          };
        }
        alreadyDue = dueByLast;
        looks.push({ ...look, next: null, queenAfter: queen });
      }
    }
    if (parts.length > 0) followUps = followUpsOf(parts, answers, looks, settings);
    const then = schedule(looks.at(-1) ?? null, alreadyDue);
    if (step.kind === 'look') {
      const next = then.checks[0]?.window ?? null;
      looks.push({ ...(looks.pop() as Look), next });
      dueByLast = next?.latest ?? dueByLast;
    }
    schedules.push({ step, schedule: then });
  }

  const cells = [...followed.values()];
  const lastLook = looks.at(-1) ?? null;
  const ended = (facts.endedOn !== null && facts.endedOn <= today) || parts.some((part) => part.queen === 'ends');
  return {
    today,
    looks,
    lastLook,
    cells,
    liveCells: lastKnownLive().filter(({ cell }) => cell.part !== 'above'),
    cellDates: colonyCellDates(cells.filter(({ goneMissing }) => !goneMissing).map(({ planBy }) => planBy)),
    queen,
    frames,
    lastLaid: brood,
    parts,
    answers,
    followUps,
    schedule: ended ? EMPTY_SCHEDULE : (schedules.at(-1)?.schedule ?? schedule(null, null)),
    schedules,
    ended,
  };
}

/** Cells that a method does not keep are down by the end of its day; in a unit that lost none by it they stay. */
function clearCells(followed: Map<string, TrackedCell>, { programme, units }: ProgrammePart): void {
  const { keptCellIds, on, method } = programme;
  const { clearsCells, raisesQueen } = methodNamed(method);
  const keepsSome = keptCellIds.length > 0 && raisesQueen !== null && units.includes(raisesQueen.unit);
  if (!clearsCells && !keepsSome) return;
  const kept = new Set(keptCellIds);
  for (const [id, cell] of followed) {
    if (!kept.has(id) && mayStillHoldQueen(cell, on)) followed.set(id, takenFrom(cell, null));
  }
}
